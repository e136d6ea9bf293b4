import type { Flow, Time } from '../quantity/quantity';
import { si } from '../quantity/quantity';

/**
 * How long one jug must be held to be good to a wanted ±: `t = 2 √(u_t² + (u_V / q)²) / wanted`.
 *
 * wanted: half the interval (2u) as a share, over 0. flow: of the nozzle, m³/s, over 0. jugMove: s. mark: standard
 * uncertainty of the jug's marks, m³.
 * Source: variances of timing and mark add; twice the standard uncertainty covers 95 %.
 * @example
 * neededCatch(0.05, 2e-5, 0.3, 0).toFixed(6) // => "12.000000"
 */
export const neededCatch = (wanted: number, flow: Flow, jugMove: number, mark: number): Time =>
	si<'time'>((2 * Math.hypot(jugMove, mark / flow)) / wanted);

/**
 * What one catch is good to: 2u as a share of it.
 * @example
 * catchGoodTo(10, 2e-5, 0.3, 0).toFixed(6) // => "0.060000"
 */
export const catchGoodTo = (time: Time, flow: Flow, jugMove: number, mark: number): number =>
	2 * Math.hypot(jugMove / time, mark / (flow * time));
