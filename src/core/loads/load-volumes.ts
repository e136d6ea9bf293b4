import type { Volume } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import type { Split } from './sheet';

/** Slack that keeps a mix of exactly three tanks from becoming four in binary arithmetic. */
const slack = 1e-9;

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
 * mix, tank: m³, over 0. Returns one volume a load, m³, none over the tank (but for 1e-9 of it).
 * @example
 * loadVolumes(1134, 600, 'full-then-part') // => [600,534]
 * loadVolumes(1134, 600, 'equal') // => [567,567]
 */
export function loadVolumes(mix: Volume, tank: Volume, split: Split): Volume[] {
	const n = loadCount(mix, tank);
	if (split === 'equal') return Array.from({ length: n }, () => si<'volume'>(mix / n));
	return Array.from({ length: n }, (_, i) => si<'volume'>(i < n - 1 ? tank : mix - (n - 1) * tank));
}
