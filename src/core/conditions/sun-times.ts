/** A place on the earth, degrees, WGS 84; north and east are above zero. */
export interface Place {
	readonly latitude: number;
	readonly longitude: number;
}

/** The sun over one solar day of a place: from midnight to midnight by the sun itself. Seconds since 1970. */
export interface SunTimes {
	readonly noon: number;
	/** Null where the sun does not cross the horizon that day. */
	readonly rise: number | null;
	readonly set: number | null;
	/** The sun stays on one side of the horizon all day. */
	readonly stays: 'up' | 'down' | null;
}

const rad = Math.PI / 180;
const day = 86_400;
/** Zenith of the sun's centre as its upper edge meets the horizon: refraction and half of its width. */
const horizon = 90.833;

/** Declination of the sun, degrees, and the equation of time, minutes, at a moment in seconds since 1970. */
export function sunPath(at: number): { readonly declination: number; readonly equation: number } {
	const t = (at / day + 2_440_587.5 - 2_451_545) / 36_525;
	const mean = (280.46646 + t * (36_000.76983 + 0.0003032 * t)) * rad;
	const anomaly = (357.52911 + t * (35_999.05029 - 0.0001537 * t)) * rad;
	const eccentricity = 0.016708634 - t * (0.000042037 + 0.0000001267 * t);
	const centre =
		Math.sin(anomaly) * (1.914602 - t * (0.004817 + 0.000014 * t)) +
		Math.sin(2 * anomaly) * (0.019993 - 0.000101 * t) +
		Math.sin(3 * anomaly) * 0.000289;
	const node = (125.04 - 1934.136 * t) * rad;
	const longitude = mean + (centre - 0.00569 - 0.00478 * Math.sin(node)) * rad;
	const tilt =
		(23 + (26 + (21.448 - t * (46.815 + t * (0.00059 - t * 0.001813))) / 60) / 60 + 0.00256 * Math.cos(node)) * rad;
	const y = Math.tan(tilt / 2) ** 2;
	const equation =
		(4 *
			(y * Math.sin(2 * mean) -
				2 * eccentricity * Math.sin(anomaly) +
				4 * eccentricity * y * Math.sin(anomaly) * Math.cos(2 * mean) -
				0.5 * y * y * Math.sin(4 * mean) -
				1.25 * eccentricity * eccentricity * Math.sin(2 * anomaly))) /
		rad;
	return { declination: Math.asin(Math.sin(tilt) * Math.sin(longitude)) / rad, equation };
}

/**
 * Height of the sun's centre over the horizon, degrees, without refraction.
 *
 * at: seconds since 1970. Error: under 0.02° from 1900 to 2100. Source: NOAA's solar equations, after Meeus, Astronomical
 * Algorithms.
 * @example
 * sunHeight(Date.UTC(2003, 9, 17, 19, 30, 30) / 1000, { latitude: 39.742476, longitude: -105.1786 }).toFixed(2) // => "39.87"
 */
export function sunHeight(at: number, { latitude, longitude }: Place): number {
	const { declination, equation } = sunPath(at);
	const minutes = (at % day) / 60 + equation + 4 * longitude;
	const hour = (minutes / 4 - 180) * rad;
	return (
		Math.asin(
			Math.sin(latitude * rad) * Math.sin(declination * rad) +
				Math.cos(latitude * rad) * Math.cos(declination * rad) * Math.cos(hour)
		) / rad
	);
}

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
