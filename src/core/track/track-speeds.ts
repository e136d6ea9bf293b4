import { si } from '../quantity/quantity';
import type { Speed } from '../quantity/quantity';
import type { TrackPoint } from '../calibration-log/entries';
import { sendsSpeed } from './sends-speed';
import { smoothDrive } from './smooth-drive';

export interface SpeedAt {
	/** Seconds from the start of the track. */
	readonly at: number;
	readonly speed: Speed;
}

/**
 * Ground speed along a track, point by point, from a straight drive laid through the fixes around it. The window is the shortest in
 * which the receiver's own wander, as far as the fixes show it, makes less than 2.5 % of the speed. Where the receiver sends
 * speeds of its own, these are taken.
 *
 * points: seconds from the start (rising), latitude and longitude in degrees, the receiver's own speed in m/s where it sends it.
 * Points at one time are passed over. Returns m/s; none for fewer than two points.
 * Source: least squares of a straight drive.
 * @example
 * trackSpeeds([[0, 0, 0], [2, 0, 0.00005], [4, 0, 0.0001]])[1].speed.toFixed(6) // => "2.782987"
 */
export function trackSpeeds(points: readonly TrackPoint[]): SpeedAt[] {
	if (sendsSpeed(points)) return apart(points.map((p) => ({ at: p[0], speed: si<'speed'>(p[3]!) })));
	return apart(smoothDrive(points).map(({ at, north, east }) => ({ at, speed: si<'speed'>(Math.hypot(north, east)) })));
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
