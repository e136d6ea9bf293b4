import type { Pressure } from '../quantity/quantity';
import { si } from '../quantity/quantity';

/**
 * The pressure that changes the spray volume by a factor at the same speed, `P' = P k²`: flow goes with the square root
 * of pressure, so twice the flow takes four times the pressure. (`P k` brings about half of the wanted change.)
 *
 * pressure: Pa, over 0. factor: wanted over measured, over 0. Source: orifice equation.
 * @example
 * pressureForFactor(2.5, 1.12) // => 3.136
 * pressureForFactor(30, 2) // => 120
 */
export const pressureForFactor = (pressure: Pressure, factor: number): Pressure =>
	si<'pressure'>(pressure * factor * factor);
