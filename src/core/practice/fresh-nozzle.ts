import type { Chance } from './chance';
import type { NozzleState } from './nozzle-conductance';
import { soundNozzle } from './nozzle-conductance';

/** How much new nozzles of one size differ, 1-sigma, and how far they may at the most. */
const spread = 0.008;
const most = 2;

/**
 * A new nozzle of the right size: it differs from the next one as new ones do.
 *
 * Source: a normal spread of 0.8 %, cut at twice that.
 * @example
 * Math.abs(freshNozzle(new Chance(1)).size - 1) <= 0.016 // => true
 */
export const freshNozzle = (chance: Chance): NozzleState => ({
	...soundNozzle,
	size: 1 + spread * Math.max(-most, Math.min(most, chance.normal(1)))
});
