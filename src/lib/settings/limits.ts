/** Most jugs and scales that a farm notes. */
export const mostMeasures = 20;

/** Letters of a field's name. */
export const longestBlockName = 80;
