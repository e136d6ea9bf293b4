import type { Flow, Length, Speed, VolumePerArea } from '../quantity/quantity';
import { si } from '../quantity/quantity';

/**
 * Flow of water that each nozzle needs, `q' = R v s √SG`; in other units `L/min = L/ha × km/h × m / 600`.
 *
 * rate: wanted spray volume, m³/m². speed: m/s. served: width that one nozzle serves, m. specificGravity: of what will be
 * sprayed. All over 0.
 * Source: volume over the ground it is spread on; a heavier liquid passes an orifice by the root of its density.
 * @example
 * neededNozzleFlow(0.0168, 8 / 3.6, 0.5).toFixed(7) // => "0.0186667"
 */
export const neededNozzleFlow = (rate: VolumePerArea, speed: Speed, served: Length, specificGravity = 1): Flow =>
	si<'flow'>(rate * speed * served * Math.sqrt(specificGravity));
