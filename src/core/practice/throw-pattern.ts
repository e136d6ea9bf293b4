import type { Length } from '../quantity/quantity';

/** The outer share of each side's throw over which it thins out to nothing. */
const thinning = 0.35;

/**
 * How much lands at a place across a boomless swath, against the middle of it: full in the middle, thinning out to nothing at each
 * edge. left, right: how strong each side throws, 1 is as it should be; where they meet there is no step.
 *
 * across: m from the middle, left is below 0. wetted: m.
 * Source: a trapezium, the usual shape of such a pattern; its area is what is sprayed.
 * @example
 * throwPattern(0, 8, 1, 1) // => 1
 * throwPattern(4, 8, 1, 1) // => 0
 * throwPattern(-2, 8, 0.5, 1) // => 0.5
 */
export function throwPattern(across: Length, wetted: Length, left: number, right: number): number {
	const half = wetted / 2;
	const out = Math.abs(across) / half;
	if (out >= 1) return 0;
	const blend = Math.min(1, Math.max(0, (across / half) * 5 + 0.5));
	const strength = left + (right - left) * blend;
	return strength * Math.min(1, (1 - out) / thinning);
}
