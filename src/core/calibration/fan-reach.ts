import type { Length } from '../quantity/quantity';
import { si } from '../quantity/quantity';

/**
 * How far a flat fan reaches to each side of its nozzle: `height × tan(angle / 2)`.
 *
 * angle: of the fan, degrees, 15 to 170. height: of the nozzle above the target, m.
 * Source: geometry of a fan.
 * @example
 * fanReach(90, 0.5).toFixed(6) // => "0.500000"
 */
export const fanReach = (angle: number, height: Length): Length =>
	si<'length'>(height * Math.tan((angle * Math.PI) / 360));
