import { sunPath } from './sun-path';
import type { Place } from './place';
import { day } from './sun-path';
import { rad } from './sun-path';

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
