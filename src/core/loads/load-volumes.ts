import type { Volume } from '../quantity/quantity';
import { si } from '../quantity/quantity';

/** Slack that keeps a mix of exactly three tanks from becoming four in binary arithmetic. */
export const slack = 1e-9;

/**
 * Number of loads that a mix takes, `⌈mix / tank − 1e-9⌉`, at least one.
 * @example
 * loadCount(1134, 600) // => 2
 * loadCount(1200, 600) // => 2
 */
export const loadCount = (mix: Volume, tank: Volume): number => Math.max(1, Math.ceil(mix / tank - slack));

/**
 * Volume of each load: full tanks and then a part load, or all alike. They add up to the mix.
 *
 * mix, tank: m³, over 0. dead: m³ of the mix that cannot be sprayed out, under the tank; the last load holds it, and where
 * it would be too small for that the last load is a full one. Returns one volume a load, none over the tank (but for 1e-9
 * of it).
 * Source: balance of the tank over the loads.
 * @example
 * loadVolumes(1134, 600, 'full-then-part') // => [600,534]
 * loadVolumes(1134, 600, 'equal') // => [567,567]
 * loadVolumes(605, 600, 'full-then-part', 20) // => [5,600]
 */
export function loadVolumes(
	mix: Volume,
	tank: Volume,
	split: 'full-then-part' | 'equal',
	dead: Volume = si<'volume'>(0)
): Volume[] {
	const n = loadCount(mix, tank);
	const last = split === 'equal' ? mix / n : mix - (n - 1) * tank;
	if (n > 1 && last < dead) {
		const others = (mix - tank) / (n - 1);
		const first = split === 'equal' ? others : mix - tank - (n - 2) * tank;
		return Array.from({ length: n }, (_, i) =>
			si<'volume'>(i === n - 1 ? tank : split === 'equal' ? others : i === n - 2 ? first : tank)
		);
	}
	return Array.from({ length: n }, (_, i) => si<'volume'>(split === 'equal' ? last : i < n - 1 ? tank : last));
}
