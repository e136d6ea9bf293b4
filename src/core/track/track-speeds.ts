import type { Speed } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import { groundDistance } from './ground-distance';

export interface SpeedAt {
	/** Seconds from the start of the track. */
	readonly at: number;
	readonly speed: Speed;
}

/** Speeds are taken over a stretch about this long, s: one second of a receiver's wander is larger than the speed. */
const stretch = 4;

/**
 * Ground speed along a track, point by point, each over the stretch of about four seconds around it.
 *
 * points: seconds from the start (rising), latitude and longitude in degrees. Points at one time are passed over. Returns
 * m/s; none for fewer than two points.
 * @example
 * trackSpeeds([[0, 0, 0], [2, 0, 0.00005], [4, 0, 0.0001]])[1].speed // => 2.7829872698318397
 */
export function trackSpeeds(points: readonly (readonly [number, number, number])[]): SpeedAt[] {
	const speeds: SpeedAt[] = [];
	let first = 0;
	let last = 0;
	for (const [at] of points) {
		while (first + 1 < points.length && points[first + 1]![0] <= at - stretch / 2) first += 1;
		while (last + 1 < points.length && points[last]![0] < at + stretch / 2) last += 1;
		const from = points[first]!;
		const to = points[last]!;
		const time = to[0] - from[0];
		if (time > 0) speeds.push({ at, speed: si<'speed'>(groundDistance([from[1], from[2]], [to[1], to[2]]) / time) });
	}
	return speeds;
}
