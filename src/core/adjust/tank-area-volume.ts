import type { Area, Volume, VolumePerArea } from '../quantity/quantity';
import { si } from '../quantity/quantity';

/**
 * The spray volume at which one tank does a wanted area, `(tank − dead) / area`: what cannot be sprayed out does no
 * ground.
 *
 * tank, dead: m³, dead under the tank. area: m², over 0.
 * Source: balance of the tank.
 * @example
 * tankAreaVolume(600, 0, 30000) // => 0.02
 */
export const tankAreaVolume = (tank: Volume, dead: Volume, area: Area): VolumePerArea =>
	si<'volumePerArea'>((tank - dead) / area);
