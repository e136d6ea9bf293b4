import type { Pressure } from '../quantity/quantity';
import { of } from '../quantity/units';
import type { NozzleKind } from './nozzle';

/**
 * The usual pressures of a kind of nozzle, for where the maker's own are not known.
 *
 * Source: usual practice of the trade.
 * @example
 * typicalRange('flat-fan') // => {"low":100000,"high":400000}
 */
export function typicalRange(kind: NozzleKind): { readonly low: Pressure; readonly high: Pressure } {
	const [low, high] = typicalBar[kind];
	return { low: of('pressure', low, 'bar'), high: of('pressure', high, 'bar') };
}
/** Pressures that each kind usually works at. Makers differ, so each is marked as typical. */
export const typicalBar: Readonly<Record<NozzleKind, readonly [number, number]>> = {
	'flat-fan': [1, 4],
	'pre-orifice': [1.5, 4],
	'air-induction': [2, 6],
	'hollow-cone': [3, 20],
	'full-cone': [1.5, 6],
	'off-centre': [1.5, 4],
	'disc-core': [5, 25]
};
