import type { Volume } from '../quantity/quantity';
import { si } from '../quantity/quantity';

/** One line of a dilution table. */
export interface Dilution {
	readonly total: Volume;
	/** m³ of a liquid, kg of a dry product. */
	readonly product: number;
	readonly water: Volume;
}

/**
 * Product and water for a total of finished mix, `product = strength × total`; a liquid takes up room, a dry one does not.
 *
 * strength: m³ or kg of product in a cubic metre of mix. total: m³, over 0.
 * Source: product in proportion to the mix, or to the ground that it does.
 * @example
 * dilution(0.012, 0.005, false) // => {"total":0.005,"product":0.00006,"water":0.00494}
 * dilution(10, 0.1, true) // => {"total":0.1,"product":1,"water":0.1}
 */
export function dilution(strength: number, total: Volume, dry: boolean): Dilution {
	const product = strength * total;
	return { total, product, water: si<'volume'>(dry ? total : total - product) };
}
