/** Most jugs and scales that a farm notes. */
export const mostMeasures = 20;
