import type { Conductance } from './nozzle-conductance';

/**
 * What two parts let through one after the other, as a filter before a section: each takes pressure by the square of the
 * flow, and the pressures add: `1/C² = 1/C₁² + 1/C₂²`.
 *
 * first, second: m³/s per √Pa, 0 or more; Infinity takes no pressure. Source: quadratic pressure loss of turbulent flow.
 * @example
 * seriesConductance(3, 4) // => 2.4
 */
export const seriesConductance = (first: Conductance, second: Conductance): Conductance =>
	first === 0 || second === 0 ? 0 : 1 / Math.sqrt(1 / (first * first) + 1 / (second * second));
