import type { LabelNumbers } from '../products/label';

/** What one block has had of one active ingredient in a season, over all products that hold it. */
export interface ActiveUse {
	readonly block: string;
	readonly active: string;
	/** kg/m². */
	readonly perGround: number;
	readonly products: readonly string[];
	/** Of the strictest label's most in a season; null where none has one that tells it. */
	readonly ofMost: number | null;
}

/**
 * Sums of active ingredients, each held against the strictest season maximum of the labels of those products: what a label
 * allows of the product, times what the product holds.
 *
 *
 * Source: dose times the content of its product.
 * @example
 * activeUse([{ block: 'B', active: 'ochrate', perGround: 3e-4, products: ['P', 'Q'] }], [{ name: 'P', seasonMax: { kind: 'volume', perArea: 5e-7 }, actives: [{ name: 'Ochrate', content: 480 }] }]).map((u) => u.ofMost.toFixed(2)) // => ["1.25"]
 */
export function activeUse(
	uses: readonly Omit<ActiveUse, 'ofMost'>[],
	labels: readonly (Pick<LabelNumbers, 'seasonMax' | 'actives'> & { readonly name: string })[]
): ActiveUse[] {
	return uses.map((use) => {
		const caps = labels.flatMap(({ name, seasonMax, actives }) => {
			const held = actives.find((a) => a.name.trim().toLowerCase() === use.active.trim().toLowerCase());
			return held && seasonMax && use.products.includes(name) ? [seasonMax.perArea * held.content] : [];
		});
		return { ...use, ofMost: caps.length > 0 ? use.perGround / Math.min(...caps) : null };
	});
}
