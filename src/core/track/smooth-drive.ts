import { median } from '../calibration/median';
import type { TrackPoint } from '../calibration-log/entries';
import { seriesError } from './series-error';
import type { StraightFit } from './straight-fits';
import { straightFits } from './straight-fits';

/** Windows to look through, s: the shortest that is good enough. */
const windows = [4, 6, 9, 13, 20, 30, 45];
/** What a speed within its window is to be good to, 1-sigma, as a share: a quarter of the band of a steady part. */
const wanted = 0.025;
/** Under this nothing is driven, m/s. */
export const standing = 0.3;
/** A window takes no more of a track than this. */
const mostOfTrack = 0.25;

/**
 * The straight fits along a track over the shortest window that is good enough.
 *
 * Source: least squares of a straight drive; the shortest window that is good enough.
 * @example
 * smoothDrive([[0, 0, 0], [2, 0, 0.00005], [4, 0, 0.0001]]).map((f) => Math.hypot(f.north, f.east).toFixed(3)) // => ["2.783","2.783","2.783"]
 */
export function smoothDrive(points: readonly TrackPoint[]): readonly StraightFit[] {
	const whole = (points.at(-1)?.[0] ?? 0) - (points[0]?.[0] ?? 0);
	let fits: readonly StraightFit[] = [];
	for (const window of windows) {
		if (fits.length > 0 && window > whole * mostOfTrack) break;
		fits = straightFits(points, window);
		const driven = fits.filter((f) => Math.hypot(f.north, f.east) >= standing);
		if (driven.length < 3) break;
		const { alike } = seriesError(
			driven.map((f) => f.rest),
			2
		);
		const scatter = median(driven.map((f) => f.scatter)) * Math.sqrt(alike);
		if (scatter <= wanted * median(driven.map((f) => Math.hypot(f.north, f.east)))) break;
	}
	return fits;
}
