import type { OpenInterval } from './open-intervals';

/** What still keeps people, a harvest or a crop off a block. */
export interface BlockState {
	readonly block: string;
	/** Seconds since 1970 until which nobody goes in, out of how many in all, and by which product's label; null is open. */
	readonly entry: { readonly until: number; readonly whole: number; readonly product: string } | null;
	/** `whole`: days of it in all. */
	readonly harvest: {
		readonly day: string;
		readonly days: number;
		readonly whole: number;
		readonly product: string;
	} | null;
	/** By crop, the soonest first. */
	readonly plantBack: readonly {
		readonly crop: string;
		readonly day: string;
		readonly days: number;
		readonly whole: number;
		readonly product: string;
	}[];
	/** Products of which an interval was not entered, each once. */
	readonly notEntered: readonly { readonly product: string; readonly what: readonly ('entry' | 'harvest')[] }[];
}

/**
 * Intervals of several records as the state of each block: of those of one kind the one that keeps longest counts. First
 * the blocks that people are kept out of, those that open soonest first; then by harvest, then by what may be sown.
 * @example
 * blockStates([{ kind: 'harvest', block: 'B', crop: '', product: 'P', until: null, days: 3, whole: 3, day: '2026-03-23', what: [] }, { kind: 'harvest', block: 'B', crop: '', product: 'Q', until: null, days: 9, whole: 9, day: '2026-03-29', what: [] }]).map((b) => [b.block, b.entry, b.harvest.product]) // => [["B",null,"Q"]]
 */
export function blockStates(intervals: readonly OpenInterval[]): BlockState[] {
	const by = new Map<string, BlockState>();
	for (const interval of intervals) {
		const { block } = interval;
		const one = by.get(block) ?? { block, entry: null, harvest: null, plantBack: [], notEntered: [] };
		by.set(block, withInterval(one, interval));
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

function withInterval(
	one: BlockState,
	{ kind, crop, product, until, days, day, whole, what }: OpenInterval
): BlockState {
	switch (kind) {
		case 'entry':
			return until !== null && until > (one.entry?.until ?? 0) ? { ...one, entry: { until, whole, product } } : one;
		case 'harvest':
			return days !== null && day !== null && days > (one.harvest?.days ?? 0)
				? { ...one, harvest: { day, days, whole, product } }
				: one;
		case 'plant-back': {
			if (days === null || day === null) return one;
			const same = (c: { readonly crop: string }) => c.crop.toLowerCase() === crop.toLowerCase();
			const known = one.plantBack.find(same);
			if (known && known.days >= days) return one;
			const plantBack = [...one.plantBack.filter((c) => !same(c)), { crop, day, days, whole, product }];
			return { ...one, plantBack: plantBack.sort((a, b) => a.days - b.days) };
		}
		case 'not-entered':
			return one.notEntered.some((n) => n.product === product)
				? one
				: { ...one, notEntered: [...one.notEntered, { product, what }] };
	}
}
