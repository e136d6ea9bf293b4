import type { VolumePerArea, Pressure, Speed } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import type { Reach } from './reach';
import { volumeAt } from './volume-at';

/**
 * Speed at which a sprayer gives a spray volume at a pressure.
 *
 * Source: volume over the ground it is spread on.
 * @example
 * speedOn({ points: [{ pressure: 3, flow: 0.00002 }], served: 0.5, specificGravity: 1 }, 0.00004, 3) // => 1
 */
export const speedOn = (
	reach: Pick<Reach, 'points' | 'served' | 'specificGravity'>,
	wanted: VolumePerArea,
	pressure: Pressure
): Speed => si<'speed'>(volumeAt(reach, si<'speed'>(1), pressure) / wanted);
