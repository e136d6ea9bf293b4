/** Most points of a track that a calibration keeps; a longer one is thinned before. */
export const mostTrackPoints = 1800;

/** Letters of a track's name: as long as a file's can be. */
export const longestTrackName = 300;
