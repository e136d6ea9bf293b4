import type { Area, Volume, VolumePerArea } from '../quantity/quantity';
import { si } from '../quantity/quantity';

/** Ground that an amount of mix covers, and between what with 95 %. */
export interface TankReach {
	readonly area: Area;
	readonly least: Area;
	/** Infinity where the ± is as wide as the spray volume itself. */
	readonly most: Area;
}

/**
 * How far a tank reaches: `mix ÷ spray volume`, and the same at both ends of its ±. More volume per area is less ground.
 *
 * rate: m³/m², over 0. relativeU95: its 2u as a share, 0 or more; 0 for a volume that was told. mix: m³, over 0.
 * Source: the definition of the spray volume, mix over area.
 * @example
 * tankReach(2e-5, 0.25, 1).area // => 50000
 * tankReach(2e-5, 0.25, 1).least // => 40000
 * tankReach(2e-5, 0.25, 1).most.toFixed(1) // => "66666.7"
 */
export function tankReach(rate: VolumePerArea, relativeU95: number, mix: Volume): TankReach {
	return {
		area: si<'area'>(mix / rate),
		least: si<'area'>(mix / (rate * (1 + relativeU95))),
		most: si<'area'>(relativeU95 < 1 ? mix / (rate * (1 - relativeU95)) : Infinity)
	};
}
