/** Most jugs and scales that a farm notes. */
export const mostMeasures = 20;

/** Letters of a field's name. */
export const longestBlockName = 80;

/** Letters of a product's name. */
export const longestProductName = 80;
