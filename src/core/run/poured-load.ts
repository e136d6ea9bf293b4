import type { MixingStep } from '../loads/mixing-order';
import type { Load } from '../loads/plan-loads';
import type { Amount } from '../loads/sheet';
import type { Entered } from '../quantity/entered';
import { si } from '../quantity/quantity';

/** Water that rinsing a container three times brings into the tank, as a share of what it held. */
const rinseShare = 0.3;

/**
 * Water that the rinsing of whole containers brings into the tank, m³: three rinses of a tenth each.
 *
 * amount: of the product in the load. pack: what one container holds; none where that is not known.
 * @example
 * containerRinse({ kind: 'volume', amount: 0.012 }, { kind: 'volume', amount: 0.005 }) // => 0.003
 * containerRinse({ kind: 'volume', amount: 0.012 }, undefined) // => 0
 */
export const containerRinse = (amount: Amount, pack: Amount | undefined): number =>
	pack?.kind === amount.kind ? Math.floor(amount.amount / pack.amount + 1e-9) * pack.amount * rinseShare : 0;

/**
 * A load with what was really poured of each product: the ticks say it; a step that nobody ticked, or that was ticked without
 * an amount, counts as planned; one that was done again counts again. `measured` says that all of it was told.
 *
 * steps: of its mixing; done: each step's tick, or null.
 * Source: what was poured, and the water that rinsing brings.
 * @example
 * pouredLoad({ mix: 0.6, products: [{ kind: 'volume', amount: 0.006 }] }, [{ do: 'water', to: 0.3 }, { do: 'product', product: 0, in: 0.306, part: 1 }], [null, { poured: { read: { ok: true, value: { kind: 'volume', value: 0.009 } } } }]).poured.products[0].amount.toFixed(6) // => "0.009000"
 */
export function pouredLoad(
	load: Load,
	steps: readonly MixingStep[],
	done: readonly ({
		readonly poured: Entered<'volume' | 'mass'> | null;
		readonly again?: readonly (Entered<'volume' | 'mass'> | null)[];
	} | null)[]
): { readonly poured: Load; readonly measured: boolean } {
	let measured = true;
	const products = load.products.map((planned, product): Amount => {
		let amount = 0;
		steps.forEach((step, i) => {
			if (step.do !== 'product' || step.product !== product) return;
			for (const pour of [done[i]?.poured ?? null, ...(done[i]?.again ?? [])]) {
				const told = pouredAmount(pour, planned.kind);
				if (told === null) measured = false;
				amount += told ?? (planned.amount as number) * step.part;
			}
		});
		return planned.kind === 'volume'
			? { kind: 'volume', amount: si<'volume'>(amount) }
			: { kind: 'mass', amount: si<'mass'>(amount) };
	});
	return { poured: { ...load, products }, measured };
}

/** What a tick says was poured, m³ or kg; null where it says nothing of that kind. */
function pouredAmount(reading: Entered<'volume' | 'mass'> | null, kind: Amount['kind']): number | null {
	return reading?.read.ok && reading.read.value.kind === kind ? reading.read.value.value : null;
}
