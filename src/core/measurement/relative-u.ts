import type { Measured } from './measured';
import { partsOfVariance } from './parts-of-variance';

/**
 * Relative standard uncertainty u/x of a measured value: variances of independent sources add, errors of one source
 * add first.
 *
 * Source: first-order propagation of uncertainty.
 * @example
 * relativeU({ value: 1, errors: [{ input: 'area', relative: 0.03 }, { input: 'used', relative: 0.04 }] }) // => 0.05
 */
export function relativeU(m: Measured): number {
	let sum = 0;
	for (const part of partsOfVariance(m.errors).values()) sum += part;
	return Math.sqrt(Math.max(0, sum));
}
