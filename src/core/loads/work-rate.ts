import type { Length, Speed, WorkRate } from '../quantity/quantity';
import { si } from '../quantity/quantity';

/**
 * Ground done in a time, `speed × swath × field efficiency`.
 *
 * efficiency: what turns, stops and overlap leave of it, over 0 to 1; 0.65 to 0.85 is usual in a field.
 * Source: ground passed in a time, less what turning and filling take.
 * @example
 * workRate(2, 12, 0.75) // => 18
 */
export const workRate = (speed: Speed, swath: Length, efficiency: number): WorkRate =>
	si<'workRate'>(speed * swath * efficiency);
