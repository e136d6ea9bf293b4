import type { VolumePerArea } from '../quantity/quantity';
import { si } from '../quantity/quantity';

/**
 * What to calibrate at with water so that a heavier liquid comes out at the wanted spray volume, `R √SG`, since
 * `q_liquid = q_water / √SG`.
 *
 * wanted: m³/m². specificGravity: of the liquid, over 0.
 * Source: orifice equation.
 * @example
 * waterEquivalent(200, 1.28) // => 226.27416997969522
 */
export const waterEquivalent = (wanted: VolumePerArea, specificGravity: number): VolumePerArea =>
	si<'volumePerArea'>(wanted * Math.sqrt(specificGravity));
