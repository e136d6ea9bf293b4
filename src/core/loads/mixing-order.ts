import type { Volume } from '../quantity/quantity';
import { si } from '../quantity/quantity';

/** How a product mixes, in the order in which they go into the tank. */
export const mixingClasses = ['conditioner', 'packet', 'dry', 'suspension', 'emulsion', 'solution', 'wetter'] as const;
export type MixingClass = (typeof mixingClasses)[number];

/** One thing to do at the tank. */
export type MixingStep =
	/** Water up to a volume in the tank. */
	| { readonly do: 'water'; readonly to: Volume }
	| { readonly do: 'product'; readonly product: number; readonly in: Volume }
	/** The last of the water, to the mark. */
	| { readonly do: 'top-up'; readonly to: Volume };

/** Water before the first product, and before the wetters and oils. */
const half = 0.5;
const nineTenths = 0.9;

/**
 * The steps of mixing one load: water to a half with the agitation running; products by class, conditioner first; water to
 * nine tenths before wetters and oils, which foam; then up to the mark. Products of one class keep the order in which they
 * were listed. A label that says otherwise stands above it.
 *
 * load: m³ of finished mix. takesUp: m³ that each product takes up in the tank (0 for a dry one).
 * @example
 * mixingOrder(0.6, [{ mixes: 'wetter', takesUp: 0.001 }, { mixes: 'dry', takesUp: 0 }]).map((s) => s.do) // => ["water","product","water","product","top-up"]
 * mixingOrder(0.6, [{ mixes: 'wetter', takesUp: 0.001 }, { mixes: 'dry', takesUp: 0 }])[1].product // => 1
 */
export function mixingOrder(
	load: Volume,
	products: readonly { readonly mixes: MixingClass; readonly takesUp: number }[]
): MixingStep[] {
	const inOrder = products
		.map((p, i) => ({ ...p, i, at: mixingClasses.indexOf(p.mixes) }))
		.sort((a, b) => a.at - b.at || a.i - b.i);
	const steps: MixingStep[] = [{ do: 'water', to: si<'volume'>(load * half) }];
	// What was poured in counts toward what stands in the tank.
	let level: number = load * half;
	for (const { i, mixes, takesUp } of inOrder) {
		if (mixes === 'wetter' && level < load * nineTenths) {
			level = load * nineTenths;
			steps.push({ do: 'water', to: si<'volume'>(level) });
		}
		level += takesUp;
		steps.push({ do: 'product', product: i, in: si<'volume'>(level) });
	}
	steps.push({ do: 'top-up', to: load });
	return steps;
}
