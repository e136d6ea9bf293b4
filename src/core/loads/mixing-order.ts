import type { Volume } from '../quantity/quantity';
import { si } from '../quantity/quantity';

/** How a product mixes, in the order in which they go into the tank. */
export const mixingClasses = [
	'conditioner',
	'packet',
	'dry',
	'suspension',
	'emulsion',
	'solution',
	'wetter',
	'foliar'
] as const;
export type MixingClass = (typeof mixingClasses)[number];

/** How a liquid and a dry product can mix at all: no powder is an emulsion. */
export const mixesByState: Readonly<Record<'liquid' | 'dry', readonly MixingClass[]>> = {
	liquid: ['conditioner', 'packet', 'suspension', 'emulsion', 'solution', 'wetter', 'foliar'],
	dry: ['conditioner', 'packet', 'dry', 'foliar']
};

/** What some labels ask of the filling: a third of the water first, or half of the product at half of the water. */
export const labelFills = ['third', 'half-product'] as const;
export type LabelFill = (typeof labelFills)[number];

/** One thing to do at the tank. */
export type MixingStep =
	/** Water up to a volume in the tank. */
	| { readonly do: 'water'; readonly to: Volume }
	/** `part` of what the load takes of it: 1, or a half and then the other. */
	| { readonly do: 'product'; readonly product: number; readonly in: Volume; readonly part: number }
	/** The last of the water, to the mark. */
	| { readonly do: 'top-up'; readonly to: Volume };

/** Water before the first product, and before the wetters and oils. */
const half = 0.5;
const third = 1 / 3;
const nineTenths = 0.9;
/** Rinse water of containers is left at most this share of the water's own room. */
const mostRinse = 0.5;

export interface MixedProduct {
	readonly mixes: MixingClass;
	/** Room that it takes in the tank, m³: 0 for a dry one. */
	readonly takesUp: number;
	/** Water that its rinsed containers bring, m³. */
	readonly rinse?: number | undefined;
	readonly fill?: LabelFill | undefined;
	/** Left out of this load: it has no step, and asks for no water. */
	readonly out?: boolean | undefined;
}

/**
 * The steps of mixing one load: water to a half with the agitation running (to a third where a label asks for it), or to as
 * much less as the products and their rinses need; products by class, conditioner first; water to nine tenths before wetters,
 * oils and foliar feeds, which foam, and before the other half of a product whose label wants it in two; then up to the mark.
 * What stands in the tank never passes the load on the way. Products of one class keep the order in which they were listed.
 * A label that says otherwise stands above it.
 *
 * load: m³ of finished mix, more than the products take up.
 * @example
 * mixingOrder(0.6, [{ mixes: 'wetter', takesUp: 0.001 }, { mixes: 'dry', takesUp: 0 }]).map((s) => s.do) // => ["water","product","water","product","top-up"]
 * mixingOrder(0.6, [{ mixes: 'solution', takesUp: 0.4 }]).map((s) => (s.to ?? s.in).toFixed(3)) // => ["0.200","0.600","0.600"]
 * mixingOrder(0.6, [{ mixes: 'dry', takesUp: 0, fill: 'half-product' }]).map((s) => s.part ?? s.to) // => [0.3,0.5,0.54,0.5,0.6]
 */
export function mixingOrder(load: Volume, products: readonly MixedProduct[]): MixingStep[] {
	const inOrder = products
		.map((p, i) => ({ ...p, i, at: mixingClasses.indexOf(p.mixes) }))
		.filter((p) => !p.out)
		.sort((a, b) => a.at - b.at || a.i - b.i);
	const sum = (pick: (p: MixedProduct) => number) => inOrder.reduce((total, p) => total + pick(p), 0);
	const water = Math.max(0, load - sum((p) => p.takesUp));
	const rinses = sum((p) => p.rinse ?? 0);
	/** Rinses are a guess, and never leave the agitation without water to begin with. */
	const rinseOf = (p: MixedProduct) => (p.rinse ?? 0) * Math.min(1, rinses > 0 ? (water * mostRinse) / rinses : 1);
	const asked = load * (inOrder.some((p) => p.fill === 'third') ? third : half);
	const first = Math.min(asked, water - sum(rinseOf));
	const steps: MixingStep[] = [{ do: 'water', to: si<'volume'>(first) }];
	// What was poured in counts toward what stands in the tank, and what is still to come needs its room.
	let level: number = first;
	let toCome = load - water + sum(rinseOf);
	const fill = () => {
		const to = Math.min(load * nineTenths, load - toCome);
		if (level >= to) return;
		level = to;
		steps.push({ do: 'water', to: si<'volume'>(level) });
	};
	const pour = (p: (typeof inOrder)[number], part: number) => {
		level += (p.takesUp + rinseOf(p)) * part;
		toCome -= (p.takesUp + rinseOf(p)) * part;
		// The line is the load itself where nothing but crumbs of binary arithmetic are between them.
		steps.push({ do: 'product', product: p.i, in: si<'volume'>(Math.min(level, load)), part });
	};
	const late = (p: MixedProduct) => p.mixes === 'wetter' || p.mixes === 'foliar';
	const early = inOrder.filter((p) => !late(p));
	const halved = early.filter((p) => p.fill === 'half-product');
	for (const p of early) pour(p, halved.includes(p) ? 0.5 : 1);
	const last = inOrder.filter(late);
	if (halved.length + last.length > 0) fill();
	for (const p of halved) pour(p, 0.5);
	for (const p of last) pour(p, 1);
	steps.push({ do: 'top-up', to: load });
	return steps;
}
