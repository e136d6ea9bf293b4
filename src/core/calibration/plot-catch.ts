import type { Measured } from '../measurement/measured';
import { divide } from '../measurement/divide';
import { multiply } from '../measurement/multiply';
import type { Time } from '../quantity/quantity';
import { si } from '../quantity/quantity';

/**
 * Spray volume of a hand-carried sprayer from a plot, `R = V / A × t_plot / t_catch`.
 *
 * volume: of one catch, m³. catchTime: that it lasted, s. plotTime: mean time over the plot, s. area: of the plot, m².
 * Source: what is caught in a time, over the ground done in another.
 * @example
 * plotCatch({ value: 0.002, errors: [] }, 60, { value: 90, errors: [] }, { value: 50, errors: [] }).value // => 0.00006
 */
export function plotCatch(
	volume: Measured<'volume'>,
	catchTime: Time,
	plotTime: Measured<'time'>,
	area: Measured<'area'>
): Measured<'volumePerArea'> {
	const scaled = multiply<'volume'>(volume, plotTime);
	return divide<'volumePerArea'>({ value: si<'volume'>(scaled.value / catchTime), errors: scaled.errors }, area);
}
