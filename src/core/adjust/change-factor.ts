import type { VolumePerArea } from '../quantity/quantity';

/**
 * By how much the flow has to grow for the wanted spray volume, `k = wanted / measured × √SG`.
 *
 * measured, wanted: volumes per area, over 0, any one unit; measured with water. specificGravity: of what will be
 * sprayed, over 0; a heavier liquid passes an orifice slower by its square root. Source: orifice equation.
 * @example
 * changeFactor(150, 168) // => 1.12
 * changeFactor(200, 200, 1.28) // => 1.1313708498984762
 */
export const changeFactor = (measured: VolumePerArea, wanted: VolumePerArea, specificGravity = 1): number =>
	(wanted / measured) * Math.sqrt(specificGravity);
