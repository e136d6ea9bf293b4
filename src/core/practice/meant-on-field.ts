import type { Area, VolumePerArea } from '../quantity/quantity';
import { si } from '../quantity/quantity';

export interface MeantOnField {
	/** Product on each area over what was meant, less one: over 0 is too much. */
	readonly share: number;
	/** Product more than was meant where the whole field is sprayed, in the dose's own unit times m². */
	readonly product: number;
	/** What the mix for the field covers less than the field; under 0 is left in the tank. */
	readonly dry: Area;
	/** Product more, in money; null where nobody said what it costs. */
	readonly money: number | null;
}

/**
 * What an answer would have done on a field: the mix is made for the answer, the sprayer gives the truth, so each area gets truth over
 * answer of the dose.
 *
 * answer, truth: m³/m², over 0. area: m². dose: m³/m² or kg/m². price: money per m³ or kg.
 * Source: product in a load goes by the answer, ground by the truth.
 * @example
 * meantOnField({ answer: 0.00002, truth: 0.000022, area: 10000, dose: 0.0000002, price: 50000 }).product.toFixed(9) // => "0.000200000"
 * meantOnField({ answer: 0.00002, truth: 0.000022, area: 11000, dose: 0.0000002, price: null }).dry.toFixed(3) // => "1000.000"
 */
export function meantOnField({
	answer,
	truth,
	area,
	dose,
	price
}: {
	readonly answer: VolumePerArea;
	readonly truth: VolumePerArea;
	readonly area: Area;
	readonly dose: number;
	readonly price: number | null;
}): MeantOnField {
	const share = truth / answer - 1;
	const product = dose * area * share;
	return {
		share,
		product,
		dry: si<'area'>(area - (area * answer) / truth),
		money: price === null ? null : product * price
	};
}
