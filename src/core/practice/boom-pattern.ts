import { fanReach } from '../calibration/fan-reach';
import type { Length } from '../quantity/quantity';

/** Places looked at between two nozzles. */
const places = 40;

/**
 * How uneven fans lie on the ground at a height: the coefficient of variation across one spacing in the middle of a
 * boom, where each fan lays a triangle that reaches as far as its edge.
 *
 * angle: degrees, 15 to 170. spacing, height: m, over 0.
 * Source: triangular deposit of a flat fan; neighbours add.
 * @example
 * boomPattern(90, 0.5, 0.5).toFixed(6) // => "0.000000"
 * boomPattern(110, 0.5, 0.15) > 0.25 // => true
 */
export function boomPattern(angle: number, spacing: Length, height: Length): number {
	const reach = fanReach(angle, height);
	const reachesOver = Math.ceil(reach / spacing);
	const laid = Array.from({ length: places }, (_, i) => {
		const x = ((i + 0.5) / places) * spacing;
		let sum = 0;
		for (let n = -reachesOver; n <= reachesOver + 1; n += 1)
			sum += Math.max(0, 1 - Math.abs(x - n * spacing) / reach) / reach;
		return sum;
	});
	const mean = laid.reduce((s, v) => s + v, 0) / places;
	return Math.sqrt(laid.reduce((s, v) => s + (v - mean) ** 2, 0) / places) / mean;
}
