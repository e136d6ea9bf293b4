import type { OpenInterval } from './open-intervals';

/** What still keeps people, a harvest or a crop off a block. */
export interface BlockState {
	readonly block: string;
	/** Seconds since 1970 until which nobody goes in, and by which product's label; null is open. */
	readonly entry: { readonly until: number; readonly product: string } | null;
	readonly harvest: { readonly day: string; readonly days: number; readonly product: string } | null;
	/** By crop, the soonest first. */
	readonly plantBack: readonly {
		readonly crop: string;
		readonly day: string;
		readonly days: number;
		readonly product: string;
	}[];
}

/**
 * Intervals of several records as the state of each block: of those of one kind the one that keeps longest counts. First
 * the blocks that people are kept out of, those that open soonest first; then by harvest, then by what may be sown.
 * @example
 * blockStates([{ kind: 'harvest', blocks: ['B'], crop: '', product: 'P', until: null, days: 3, day: '2026-03-23' }, { kind: 'harvest', blocks: ['B'], crop: '', product: 'Q', until: null, days: 9, day: '2026-03-29' }]).map((b) => [b.block, b.entry, b.harvest.product]) // => [["B",null,"Q"]]
 */
export function blockStates(intervals: readonly OpenInterval[]): BlockState[] {
	const by = new Map<string, BlockState>();
	for (const { kind, blocks, crop, product, until, days, day } of intervals)
		for (const block of blocks) {
			const one = by.get(block) ?? { block, entry: null, harvest: null, plantBack: [] };
			if (kind === 'entry') {
				if (until !== null && until > (one.entry?.until ?? 0)) by.set(block, { ...one, entry: { until, product } });
			} else if (days !== null && day !== null) {
				if (kind === 'harvest') {
					if (days > (one.harvest?.days ?? 0)) by.set(block, { ...one, harvest: { day, days, product } });
				} else {
					const same = (c: { readonly crop: string }) => c.crop.toLowerCase() === crop.toLowerCase();
					const known = one.plantBack.find(same);
					if (known && known.days >= days) continue;
					const plantBack = [...one.plantBack.filter((c) => !same(c)), { crop, day, days, product }];
					by.set(block, { ...one, plantBack: plantBack.sort((a, b) => a.days - b.days) });
				}
			}
		}
	const rank = (b: BlockState): readonly number[] => [
		b.entry?.until ?? Infinity,
		b.harvest?.days ?? Infinity,
		b.plantBack[0]?.days ?? Infinity
	];
	return [...by.values()].sort((a, b) => {
		const [x, y] = [rank(a), rank(b)];
		for (let i = 0; i < x.length; i += 1) if (x[i] !== y[i]) return x[i]! < y[i]! ? -1 : 1;
		return a.block < b.block ? -1 : a.block > b.block ? 1 : 0;
	});
}
