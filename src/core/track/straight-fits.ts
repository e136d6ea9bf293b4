import type { TrackPoint } from '../calibration-log/entries';
import { groundOffset } from './ground-distance';

/** A straight, even drive laid through the fixes around one moment. */
export interface StraightFit {
	/** Seconds from the start of the track. */
	readonly at: number;
	/** m/s to the north and to the east. */
	readonly north: number;
	readonly east: number;
	/** How far the fixes lie from it, and what that makes of its speed, 1-sigma, m/s. */
	readonly scatter: number;
	/** From the drive to the fix itself, along it, m. */
	readonly rest: number;
}

/** Fixes of a track on a plane, m, from its first. */
export function onPlane(
	points: readonly TrackPoint[]
): { readonly t: number; readonly x: number; readonly y: number }[] {
	const [, latitude = 0, longitude = 0] = points[0] ?? [];
	return points.map(([t, lat, lon]) => {
		const [y, x] = groundOffset([latitude, longitude], [lat, lon]);
		return { t, x, y };
	});
}

/**
 * For each fix of a track a straight, even drive through those that lie within half a window of it, by least squares.
 *
 * points: seconds from the start (rising), degrees. window: s. A fix with no other within its window has none.
 * Source: least squares.
 * @example
 * straightFits([[0, 0, 0], [2, 0, 0.00005], [4, 0, 0.0001]], 4)[1].east.toFixed(6) // => "2.782987"
 */
export function straightFits(points: readonly TrackPoint[], window: number): StraightFit[] {
	const plane = onPlane(points);
	// Sums up to each fix, so that a window is the difference of two of them.
	const sums = [[0, 0, 0, 0, 0, 0, 0]];
	for (const { t, x, y } of plane) {
		const before = sums.at(-1)!;
		sums.push([t, x, y, t * t, t * x, t * y, x * x + y * y].map((v, i) => before[i]! + v));
	}
	const fits: StraightFit[] = [];
	let [first, last] = [0, -1];
	for (const { t: at, x: atX, y: atY } of plane) {
		while (last + 1 < plane.length && plane[last + 1]!.t <= at + window / 2 + 1e-9) last += 1;
		while (plane[first]!.t < at - window / 2 - 1e-9) first += 1;
		const n = last - first + 1;
		if (n < 2) continue;
		const [t, x, y, tt, tx, ty, rr] = sums[last + 1]!.map((v, i) => v - sums[first]![i]!) as Seven;
		const spread = tt - (t * t) / n;
		if (!(spread > 0)) continue;
		const east = (tx - (t * x) / n) / spread;
		const north = (ty - (t * y) / n) / spread;
		const beside = Math.max(0, rr - (x * x + y * y) / n - (east * east + north * north) * spread);
		const along = Math.hypot(east, north);
		const rest =
			along > 0
				? ((atX - x / n - east * (at - t / n)) * east + (atY - y / n - north * (at - t / n)) * north) / along
				: 0;
		fits.push({ at, north, east, scatter: n > 2 ? Math.sqrt(beside / (2 * (n - 2)) / spread) : 0, rest });
	}
	return fits;
}
type Seven = [number, number, number, number, number, number, number];
