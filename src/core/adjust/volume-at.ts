import { flowAt } from '../nozzles/flow-at';
import type { Speed, Pressure, VolumePerArea } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import type { Reach } from './reach';

/**
 * Spray volume of a sprayer at a speed and a pressure, `q(P) / (√SG v s)`.
 *
 * Source: volume over the ground it is spread on; orifice equation for density.
 * @example
 * volumeAt({ points: [{ pressure: 3, flow: 0.00002 }], served: 0.5, specificGravity: 1 }, 2, 3) // => 0.00002
 */
export const volumeAt = (
	reach: Pick<Reach, 'points' | 'served' | 'specificGravity'>,
	speed: Speed,
	pressure: Pressure
): VolumePerArea =>
	si<'volumePerArea'>(flowAt(reach.points, pressure) / (Math.sqrt(reach.specificGravity) * speed * reach.served));
