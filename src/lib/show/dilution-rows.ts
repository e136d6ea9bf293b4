import type { Amount, PlanSheet } from '../../core/index';
import { dilution, factor, showFigure, si, strength } from '../../core/index';
import type { FarmSettings } from '../settings/farm-settings';
import { measuresOf } from '../settings/field-units';
import { showAmount } from './show';

export interface DilutionRow {
	readonly total: string;
	/** In the order of the products. */
	readonly products: readonly string[];
	readonly water: string;
}

/** Totals that a knapsack, a bucket or a trolley is mixed in. */
const totals = {
	metric: ['L', [1, 5, 10, 12, 15, 20, 100]],
	US: ['US gal', [1, 2, 3, 4, 5, 25]],
	Imperial: ['Imp gal', [1, 2, 3, 4, 5, 25]]
} as const;

/** Product and water for the usual totals, at the strength of a job. */
export function dilutionRows(sheet: PlanSheet, settings: FarmSettings): DilutionRow[] {
	const [unit, sizes] = totals[measuresOf(settings)];
	const told = (a: Amount) => showAmount(a, settings).text;
	return sizes.map((size) => {
		const total = si<'volume'>(size * factor('volume', unit));
		let water: number = total;
		const products = sheet.products.map(({ dose }) => {
			const dry = dose.basis === 'dryPerArea' || dose.basis === 'shareDry';
			const { product } = dilution(strength(dose, sheet.rate), total, dry);
			if (!dry) water -= product;
			return told(
				dry ? { kind: 'mass', amount: si<'mass'>(product) } : { kind: 'volume', amount: si<'volume'>(product) }
			);
		});
		return {
			total: `${showFigure(size, 3, settings.decimalComma)} ${unit.replace(/^(US|Imp) /, '')}`,
			products,
			water: told({ kind: 'volume', amount: si<'volume'>(Math.max(0, water)) })
		};
	});
}
