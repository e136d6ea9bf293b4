import type { TrackPoint } from '../calibration-log/entries';

/**
 * Whether the receiver tells its own speed, at every fix of the track.
 * @example
 * sendsSpeed([[0, 0, 0, 2], [1, 0, 0.00002, 2]]) // => true
 * sendsSpeed([[0, 0, 0], [1, 0, 0.00002]]) // => false
 */
export const sendsSpeed = (points: readonly TrackPoint[]): boolean =>
	points.length > 1 && points.every((p) => p[3] !== undefined);
