import { median } from '../calibration/median';
import { si } from '../quantity/quantity';
import type { Speed } from '../quantity/quantity';
import type { TrackPoint } from '../round/entries';
import { seriesError } from './series-error';
import type { StraightFit } from './straight-fits';
import { straightFits } from './straight-fits';

export interface SpeedAt {
	/** Seconds from the start of the track. */
	readonly at: number;
	readonly speed: Speed;
}

/** Windows to look through, s: the shortest that is good enough. */
const windows = [4, 6, 9, 13, 20, 30, 45];
/** What a speed within its window is to be good to, 1-sigma, as a share: a quarter of the band of a steady part. */
const wanted = 0.025;
/** Under this nothing is driven, m/s. */
export const standing = 0.3;
/** A window takes no more of a track than this. */
const mostOfTrack = 0.25;

/**
 * Ground speed along a track, point by point, from a straight drive laid through the fixes around it. The window is the shortest in
 * which the receiver's own wander, as far as the fixes show it, makes less than 2.5 % of the speed. Where the receiver sends
 * speeds of its own, these are taken.
 *
 * points: seconds from the start (rising), latitude and longitude in degrees, the receiver's own speed in m/s where it sends it.
 * Points at one time are passed over. Returns m/s; none for fewer than two points.
 * @example
 * trackSpeeds([[0, 0, 0], [2, 0, 0.00005], [4, 0, 0.0001]])[1].speed.toFixed(6) // => "2.782987"
 */
export function trackSpeeds(points: readonly TrackPoint[]): SpeedAt[] {
	if (sendsSpeed(points)) return apart(points.map((p) => ({ at: p[0], speed: si<'speed'>(p[3]!) })));
	return apart(smoothDrive(points).map(({ at, north, east }) => ({ at, speed: si<'speed'>(Math.hypot(north, east)) })));
}

/** The straight fits along a track over the shortest window that is good enough. */
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

/** A window is seconds long: speeds closer together than one say nothing more. */
function apart(speeds: readonly SpeedAt[]): SpeedAt[] {
	let next = -Infinity;
	return speeds.filter(({ at }) => {
		if (at < next) return false;
		next = at + 1 - 1e-6;
		return true;
	});
}

/** Whether the receiver tells its own speed, at every fix of the track. */
export const sendsSpeed = (points: readonly TrackPoint[]): boolean =>
	points.length > 1 && points.every((p) => p[3] !== undefined);
