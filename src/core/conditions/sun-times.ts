import type { Place } from './place';
import { day, rad, sunPath } from './sun-path';

/** The sun over one solar day of a place: from midnight to midnight by the sun itself. Seconds since 1970. */
export interface SunTimes {
	readonly noon: number;
	/** Null where the sun does not cross the horizon that day. */
	readonly rise: number | null;
	readonly set: number | null;
	/** The sun stays on one side of the horizon all day. */
	readonly stays: 'up' | 'down' | null;
}

/** Zenith of the sun's centre as its upper edge meets the horizon: refraction and half of its width. */
const horizon = 90.833;

/**
 * Sunrise, noon and sunset of the solar day that holds a moment, at a place.
 *
 * at: seconds since 1970. Error: about a minute away from the poles. Source: NOAA's solar equations.
 * @example
 * new Date(sunTimes(Date.UTC(2003, 9, 17, 19) / 1000, { latitude: 39.742476, longitude: -105.1786 }).rise * 1000).toISOString().slice(11, 16) // => "13:12"
 * sunTimes(Date.UTC(2026, 5, 21, 12) / 1000, { latitude: 75, longitude: 0 }).stays // => "up"
 */
export function sunTimes(at: number, place: Place): SunTimes {
	const { latitude, longitude } = place;
	const turn = longitude * 240;
	const equationAt = (time: number) => sunPath(time).equation * 60;
	// Noon by the sun of the day that the moment lies in; the second pass takes the equation of time at noon itself.
	const start = Math.floor((at + turn + equationAt(at)) / day) * day + day / 2 - turn;
	const noon = start - equationAt(start - equationAt(start));
	const cross = (side: -1 | 1): number | 'up' | 'down' => {
		let time = noon;
		for (let pass = 0; pass < 3; pass += 1) {
			const { declination, equation } = sunPath(time);
			const cos =
				Math.cos(horizon * rad) / (Math.cos(latitude * rad) * Math.cos(declination * rad)) -
				Math.tan(latitude * rad) * Math.tan(declination * rad);
			if (cos > 1) return 'down';
			if (cos < -1) return 'up';
			time = start - equation * 60 + (side * Math.acos(cos) * 240) / rad;
		}
		return time;
	};
	const rise = cross(-1);
	const set = cross(1);
	if (typeof rise === 'number' && typeof set === 'number') return { noon, rise, set, stays: null };
	return { noon, rise: null, set: null, stays: typeof rise === 'number' ? (set as 'up' | 'down') : rise };
}
