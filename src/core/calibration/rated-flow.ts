import type { Flow, Pressure } from '../quantity/quantity';
import { si } from '../quantity/quantity';

/**
 * Flow of a new nozzle at a pressure, `q = q_ref √(P / P_ref)`: an orifice passes with the square root of pressure.
 *
 * flow: reference flow at the reference pressure, m³/s. at, pressure: Pa, over 0. Source: orifice equation.
 * @example
 * ratedFlow(1.2, 300000, 400000) // => 1.3856406460551018
 */
export const ratedFlow = (flow: Flow, at: Pressure, pressure: Pressure): Flow =>
	si<'flow'>(flow * Math.sqrt(pressure / at));
