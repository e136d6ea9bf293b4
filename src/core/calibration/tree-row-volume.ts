import type { Length, VolumePerArea } from '../quantity/quantity';
import { si } from '../quantity/quantity';

/**
 * Spray volume that a canopy asks for by its tree-row volume: `R = height × width ÷ row spacing × coefficient`.
 *
 * height of the trees, width of the canopy across the row, rowSpacing: m, over 0. coefficient: litres a cubic metre of
 * canopy, as the operator states it (the schools differ from crop to crop). Returns m³/m².
 * Source: the volume of a canopy over the ground it stands on, times an accepted volume of spray for each cubic metre.
 * @example
 * treeRowVolume(3, 2, 5, 0.1) * 1e7 // => 1200
 */
export const treeRowVolume = (height: Length, width: Length, rowSpacing: Length, coefficient: number): VolumePerArea =>
	si<'volumePerArea'>(((height * width) / rowSpacing) * coefficient * 1e-3);
