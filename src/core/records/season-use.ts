import type { AreaCap } from '../loads/sheet';

/** What one block has had of one product in a season, by the records. */
export interface SeasonUse {
	readonly block: string;
	readonly product: string;
	readonly kind: 'volume' | 'mass';
	/** m³/m² or kg/m², where it had it. */
	readonly perGround: number;
	readonly times: number;
	/** Of the label's most in a season; null where it has none or tells it otherwise. */
	readonly ofMost: number | null;
}

/**
 * Sums of a season, with each held against its label's most. Uses of one product on one block add up.
 *
 * uses: m³/m² or kg/m² each. most: of a product in a season; null without.
 * Source: sums over the records of a season.
 * @example
 * seasonUse([{ block: 'B', product: 'P', kind: 'volume', perGround: 2e-7 }, { block: 'B', product: 'P', kind: 'volume', perGround: 1e-7 }], () => ({ kind: 'volume', perArea: 6e-7 })).map((u) => [u.times, Number(u.ofMost.toFixed(6))]) // => [[2,0.5]]
 */
export function seasonUse(
	uses: readonly {
		readonly block: string;
		readonly product: string;
		readonly kind: 'volume' | 'mass';
		readonly perGround: number;
		/** How often, where it is a sum already. */
		readonly times?: number;
	}[],
	most: (product: string) => AreaCap | null
): SeasonUse[] {
	const sums = new Map<string, SeasonUse>();
	for (const { block, product, kind, perGround, times = 1 } of uses) {
		const key = JSON.stringify([block, product, kind]);
		const before = sums.get(key);
		const total = (before?.perGround ?? 0) + perGround;
		const cap = most(product);
		sums.set(key, {
			block,
			product,
			kind,
			perGround: total,
			times: (before?.times ?? 0) + times,
			ofMost: cap && cap.kind === kind ? total / cap.perArea : null
		});
	}
	return [...sums.values()].sort((a, b) =>
		a.block < b.block ? -1 : a.block > b.block ? 1 : a.product < b.product ? -1 : 1
	);
}
