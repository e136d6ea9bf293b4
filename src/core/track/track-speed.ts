import { median } from '../calibration/median';
import type { Speed } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import { trackSpeeds } from './track-speeds';

/**
 * Ground speed from a recorded track: the median over the part from–to, seconds from its start, both included.
 *
 * Returns m/s; null where fewer than three points lie in that part.
 * @example
 * trackSpeed([[0, 0, 0], [2, 0, 0.00005], [4, 0, 0.0001], [6, 0, 0.00015]], 0, 6) // => 2.7829872698318397
 */
export function trackSpeed(
	points: readonly (readonly [number, number, number])[],
	from: number,
	to: number
): Speed | null {
	const part = points.filter(([at]) => at >= from && at <= to);
	const speeds = trackSpeeds(part);
	return speeds.length < 3 ? null : si<'speed'>(median(speeds.map((s) => s.speed)));
}
