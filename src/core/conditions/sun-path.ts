/**
 * Declination of the sun, degrees, and the equation of time, minutes, at a moment in seconds since 1970.
 *
 * Source: NOAA's solar equations, after Meeus, Astronomical Algorithms.
 * @example
 * sunPath(Date.UTC(2003, 9, 17, 19, 30, 30) / 1000).declination.toFixed(1) // => "-9.3"
 */
export function sunPath(at: number): { readonly declination: number; readonly equation: number } {
	const t = (at / day + 2440587.5 - 2451545) / 36525;
	const mean = (280.46646 + t * (36000.76983 + 0.0003032 * t)) * rad;
	const anomaly = (357.52911 + t * (35999.05029 - 0.0001537 * t)) * rad;
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
export const rad = Math.PI / 180;
export const day = 86400;
