import type { Flow, Pressure } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import type { Conductance } from './nozzle-conductance';

/**
 * Pressure at the regulator: what it is set to, as long as the relief valve does not open and the pump gives what the
 * nozzles and the agitation take; else what the pump can hold.
 *
 * set, relief: Pa. pump, stir: m³/s. behind: what all behind the regulator lets through, m³/s per √Pa.
 * Source: mass balance at the regulator; orifice equation.
 * @example
 * workingPressure({ set: 400000, relief: 500000, pump: 0.002, stir: 0, behind: 0.000001 }) // => 400000
 * workingPressure({ set: 400000, relief: 500000, pump: 0.0005, stir: 0.0001, behind: 0.000001 }) // => 160000
 */
export function workingPressure({
	set,
	relief,
	pump,
	stir,
	behind
}: {
	readonly set: Pressure;
	readonly relief: Pressure;
	readonly pump: Flow;
	readonly stir: Flow;
	readonly behind: Conductance;
}): Pressure {
	const left = Math.max(0, pump - stir);
	const most = behind === 0 ? Infinity : (left / behind) ** 2;
	return si<'pressure'>(Math.min(set, relief, most));
}
