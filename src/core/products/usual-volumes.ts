import type { DropletClass } from '../nozzles/nozzle';
import type { VolumePerArea } from '../quantity/quantity';
import { of } from '../quantity/units';

/** What a product is used for, as far as its spray volume and drops go. */
export const productUses = ['contact', 'systemic', 'soil', 'fungicide', 'insecticide'] as const;
export type ProductUse = (typeof productUses)[number];

export interface UsualVolume {
	readonly low: VolumePerArea;
	readonly high: VolumePerArea;
	/** From the finest usual drops to the coarsest. */
	readonly drops: readonly [DropletClass, DropletClass];
}

const litres: Readonly<Record<ProductUse, readonly [number, number, DropletClass, DropletClass]>> = {
	contact: [150, 300, 'fine', 'medium'],
	systemic: [80, 200, 'medium', 'coarse'],
	soil: [150, 250, 'coarse', 'very-coarse'],
	fungicide: [150, 300, 'fine', 'medium'],
	insecticide: [100, 300, 'fine', 'medium']
};

/**
 * The usual spray volume and drops of a kind of product on field crops, for where its label says nothing. The label comes
 * first; trees go by their canopy.
 *
 * Source: usual practice of the trade: more water and finer drops where every leaf has to be met, coarser drops where the
 * product moves in the plant or lies on the soil, since they drift less.
 * @example
 * (usualVolume('soil').low * 1e7).toFixed(0) // => "150"
 * usualVolume('systemic').drops // => ["medium","coarse"]
 */
export function usualVolume(use: ProductUse): UsualVolume {
	const [low, high, finest, coarsest] = litres[use];
	return {
		low: of('volumePerArea', low, 'L/ha'),
		high: of('volumePerArea', high, 'L/ha'),
		drops: [finest, coarsest]
	};
}
