import { pressureAt } from '../nozzles/pressure-at';
import type { VolumePerArea, Speed, Pressure } from '../quantity/quantity';
import { neededNozzleFlow } from './needed-nozzle-flow';
import type { Reach } from './reach';

/**
 * Pressure at which a sprayer gives a spray volume at a speed.
 *
 * Source: orifice equation.
 * @example
 * pressureOn({ points: [{ pressure: 3, flow: 0.00002 }], served: 0.5, specificGravity: 1 }, 0.00004, 2) // => 12
 */
export const pressureOn = (
	reach: Pick<Reach, 'points' | 'served' | 'specificGravity'>,
	wanted: VolumePerArea,
	speed: Speed
): Pressure => pressureAt(reach.points, neededNozzleFlow(wanted, speed, reach.served, reach.specificGravity));
