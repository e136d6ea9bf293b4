import type { PlanSheet } from '../loads/sheet';
import type { Stop } from '../safety/rules';
import type { RunLoad } from './fold-run';

export interface PouredOver extends Stop {
	readonly code: 'poured-over-max';
	readonly product: string;
	/** The load that it is in, from 1; null: all of the job together. */
	readonly load: number | null;
	/** On the ground over the label's most. */
	readonly ratio: number;
}

const slack = 1e-9;

/**
 * Loads in which more of a product was poured than its label allows on their ground. What stays in the tank (dead volume)
 * takes its share of the product with it.
 *
 * loads: of the run; those that are not mixed yet say nothing.
 * @example
 * pouredOverMax([{ n: 1, state: 'mixed', poured: { mix: 0.6, area: 30000, products: [{ kind: 'volume', amount: 0.009 }] } }], { products: [{ name: 'P', max: { kind: 'volume', perArea: 2e-7 } }] }).map((o) => [o.about, o.ratio.toFixed(2)]) // => [["P, load 1","1.50"]]
 */
export function pouredOverMax(loads: readonly RunLoad[], sheet: PlanSheet): PouredOver[] {
	const last = loads.length;
	return loads.flatMap((load) => {
		if (load.state === 'dry' || load.state === 'mixing') return [];
		const { mix, area, products } = load.poured;
		const dead = load.n === last ? (sheet.dead ?? 0) : 0;
		if (!(area > 0)) return [];
		return products.flatMap((amount, i): PouredOver[] => {
			const planned = sheet.products[i];
			if (!planned?.max || planned.max.kind !== amount.kind) return [];
			const ratio = (amount.amount * (1 - dead / mix)) / area / planned.max.perArea;
			if (ratio <= 1 + slack) return [];
			const { name } = planned;
			return [{ code: 'poured-over-max', about: `${name}, load ${load.n}`, product: name, load: load.n, ratio }];
		});
	});
}
