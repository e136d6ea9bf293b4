import type { Pressure, Volume } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import type { Conductance } from './nozzle-conductance';

/**
 * Mean pressure in a knapsack that is pumped all the while: it settles where the nozzle gives what the lever brings. An arm goes by the
 * feel of the lever, which is the pressure: it holds that of a new nozzle at its beat, and a worn one takes more strokes.
 *
 * perStroke: m³. strokes: strokes a minute with a new nozzle. nozzle: what a new one lets through, m³/s per √Pa, over 0.
 * Source: mass balance over a stroke; orifice equation.
 * @example
 * leverPressure(0.00003, 20, 0.00000002) // => 250000
 */
export const leverPressure = (perStroke: Volume, strokes: number, nozzle: Conductance): Pressure =>
	si<'pressure'>(((perStroke * strokes) / 60 / nozzle) ** 2);
