/** Most points of a track that a round keeps; a longer one is thinned before. */
export const mostTrackPoints = 1800;
