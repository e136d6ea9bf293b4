import { sampleDeviation } from './sample-deviation';

/**
 * Standard uncertainty of the mean of repeats: `max(s, u_one) / √n`. Two lucky readings that agree are not allowed
 * to claim more than one reading is good for.
 *
 * values: repeats in one unit, n ≥ 1. uOne: what one reading is good for, same unit. Returns the same unit.
 * Source: standard error of a mean.
 * @example
 * meanUncertainty([10, 10, 10, 10], 0.5) // => 0.25
 */
export const meanUncertainty = (values: readonly number[], uOne: number): number =>
	Math.max(sampleDeviation(values), uOne) / Math.sqrt(values.length);
