import type { Slip, SlipFactor, Sum } from './sum';
import { slipFactors } from './slip-factors';

export type CheckedSum =
	/** Within the ± of the answer. `gap`: mine over the answer, less 1. */
	| { readonly verdict: 'agrees'; readonly gap: number }
	/** One slip, or two together, that come to the same figure. */
	| { readonly verdict: 'slip'; readonly gap: number; readonly slips: readonly Slip[] }
	| { readonly verdict: 'no-slip'; readonly gap: number };

/** How often people make a slip, by its kind: of two that come to the same figure the likelier one is named. */
const likelihood: Record<Slip['code'], number> = {
	gallon: 5,
	ounces: 4,
	'one-nozzle': 4,
	'one-side': 4,
	clock: 4,
	dial: 3,
	'gross-width': 3,
	minutes: 3,
	inches: 3,
	'square-feet': 3,
	acre: 3,
	'half-pressure': 3,
	'percent-of-water': 2,
	rounded: 2
};

/** Half a last digit up to which pairs are looked for, as a share. */
const finest = 2e-3;

/** Half a last digit under which a figure was not rounded on the way, and how far a sum by hand strays, as shares. */
const exact = 1e-4;
const byHand = 2e-3;

/** Two slips of one thing do not go together: a value is rounded once, a gallon is one or the other. */
const clash = (a: Slip, b: Slip): boolean => {
	const unit = (s: Slip) => s.code === 'gallon' || s.code === 'ounces';
	const ground = (s: Slip) => s.code === 'acre' || s.code === 'square-feet';
	if (a.code === b.code && !('part' in a && 'part' in b && a.part !== b.part)) return true;
	return (unit(a) && unit(b)) || (ground(a) && ground(b)) || ('part' in a && 'part' in b && a.part === b.part);
};

/**
 * Holds somebody's own answer against the right one, and looks for the slip that explains the gap: alone first, then in pairs.
 *
 * mine: SI, over 0. step: half of the last digit that it was written with, as a share of it: no answer is nearer than that.
 *
 * Source: trying the slips that are known, one by one and two by two.
 * @example
 * const sum = { parts: [{ name: 'nozzles', kind: 'count', value: 8, unit: '', power: 1 }], answer: 2e-5, kind: 'volumePerArea', relativeU95: 0.03 };
 * checkSum(sum, 2.04e-5, 1e-3).verdict // => "agrees"
 * checkSum(sum, 2.5e-6, 1e-3).slips[0].code // => "one-nozzle"
 * checkSum(sum, 7e-5, 1e-3).verdict // => "no-slip"
 */
export function checkSum(sum: Sum, mine: number, step: number): CheckedSum {
	const ratio = mine / sum.answer;
	const gap = ratio - 1;
	// What was written has its own last digit; binary arithmetic is no gap.
	const near = step + 1e-9;
	if (Math.abs(gap) <= Math.max(sum.relativeU95, near)) return { verdict: 'agrees', gap };
	const all = slipFactors(sum);
	const off = (factor: number) => Math.abs(ratio / factor - 1);
	const best = (found: readonly { readonly slips: readonly SlipFactor[]; readonly off: number }[]) =>
		[...found].sort((a, b) => weight(b.slips) - weight(a.slips) || a.off - b.off)[0]?.slips.map((s) => s.slip);
	const alone = (most: number) =>
		best(all.map((s) => ({ slips: [s], off: off(s.factor) })).filter((s) => s.off <= most));
	// Written to few figures, a sum by hand was rounded on the way too: one slip is then looked for a little further off.
	const one = alone(near) ?? (near > exact ? alone(near + byHand) : undefined);
	if (one) return { verdict: 'slip', gap, slips: one };
	// Two slips come to almost any figure where it was written coarsely: then none is named.
	if (near > finest) return { verdict: 'no-slip', gap };
	const pairs: { readonly slips: readonly SlipFactor[]; readonly off: number }[] = [];
	all.forEach((a, i) => {
		for (const b of all.slice(i + 1)) {
			const away = off(a.factor * b.factor);
			if (away <= near && !clash(a.slip, b.slip)) pairs.push({ slips: [a, b], off: away });
		}
	});
	const two = best(pairs);
	return two ? { verdict: 'slip', gap, slips: two } : { verdict: 'no-slip', gap };
}

const weight = (slips: readonly SlipFactor[]) => slips.reduce((sum, s) => sum + likelihood[s.slip.code], 0);
