import type { Pressure } from '../quantity/quantity';
import { si } from '../quantity/quantity';

/**
 * Pressure that the blower of a mist sprayer puts on its tank: with the square of its speed.
 *
 * known: Pa at an engine speed. rpm: 0 or more. Source: affinity law of fans.
 * @example
 * fanPressure({ pressure: 20000, rpm: 6000 }, 3000) // => 5000
 */
export const fanPressure = (known: { readonly pressure: Pressure; readonly rpm: number }, rpm: number): Pressure =>
	si<'pressure'>(known.pressure * (rpm / known.rpm) ** 2);
