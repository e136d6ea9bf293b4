import type { VolumePerArea } from '../quantity/quantity';
import { si } from '../quantity/quantity';

/** Less water at more strength: the same product on the ground. */
export interface LowVolume {
	readonly rate: VolumePerArea;
	/** Strength of the mix, as what it was told in. */
	readonly strength: number;
}

/**
 * The same product with less water: `1/n` of the volume at `n` times the strength. A third of the time at three times the
 * strength is usual.
 *
 * rate: m³/m². strength: any measure of it. times: over 1.
 * Source: the same product on the ground in less water.
 * @example
 * lowVolume(0.0009, 0.01, 3) // => {"rate":0.0003,"strength":0.03}
 */
export const lowVolume = (rate: VolumePerArea, strength: number, times: number): LowVolume => ({
	rate: si<'volumePerArea'>(rate / times),
	strength: strength * times
});
