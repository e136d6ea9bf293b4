import type { Volume } from '../quantity/quantity';
import { si } from '../quantity/quantity';

/** How a product mixes, in the order in which they go into the tank. */
export const mixingClasses = ['conditioner', 'packet', 'dry', 'suspension', 'emulsion', 'solution', 'wetter'] as const;
export type MixingClass = (typeof mixingClasses)[number];

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

/**
 * The steps of mixing one load: water to a half with the agitation running (to a third where a label asks for it);
 * products by class, conditioner first; water to nine tenths before wetters and oils, which foam, and before the other
 * half of a product whose label wants it in two; then up to the mark. Products of one class keep the order in which they
 * were listed. A label that says otherwise stands above it.
 *
 * load: m³ of finished mix. takesUp: m³ that each product takes up in the tank (0 for a dry one).
 * @example
 * mixingOrder(0.6, [{ mixes: 'wetter', takesUp: 0.001 }, { mixes: 'dry', takesUp: 0 }]).map((s) => s.do) // => ["water","product","water","product","top-up"]
 * mixingOrder(0.6, [{ mixes: 'wetter', takesUp: 0.001 }, { mixes: 'dry', takesUp: 0 }])[1].product // => 1
 * mixingOrder(0.6, [{ mixes: 'dry', takesUp: 0, fill: 'half-product' }]).map((s) => s.part ?? s.to) // => [0.3,0.5,0.54,0.5,0.6]
 */
export function mixingOrder(
	load: Volume,
	products: readonly {
		readonly mixes: MixingClass;
		readonly takesUp: number;
		readonly fill?: LabelFill | undefined;
	}[]
): MixingStep[] {
	const inOrder = products
		.map((p, i) => ({ ...p, i, at: mixingClasses.indexOf(p.mixes) }))
		.sort((a, b) => a.at - b.at || a.i - b.i);
	const first = load * (products.some((p) => p.fill === 'third') ? third : half);
	const steps: MixingStep[] = [{ do: 'water', to: si<'volume'>(first) }];
	// What was poured in counts toward what stands in the tank.
	let level: number = first;
	const water = () => {
		if (level >= load * nineTenths) return;
		level = load * nineTenths;
		steps.push({ do: 'water', to: si<'volume'>(level) });
	};
	const pour = ({ i, takesUp }: { i: number; takesUp: number }, part: number) => {
		level += takesUp * part;
		steps.push({ do: 'product', product: i, in: si<'volume'>(level), part });
	};
	const early = inOrder.filter((p) => p.mixes !== 'wetter');
	const halved = early.filter((p) => p.fill === 'half-product');
	for (const p of early) pour(p, halved.includes(p) ? 0.5 : 1);
	const wetters = inOrder.filter((p) => p.mixes === 'wetter');
	if (halved.length + wetters.length > 0) water();
	for (const p of halved) pour(p, 0.5);
	for (const p of wetters) pour(p, 1);
	steps.push({ do: 'top-up', to: load });
	return steps;
}
