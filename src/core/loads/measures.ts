import type { Shown } from './amount-at-mark';
import { amountAtMark } from './amount-at-mark';
import type { Amount } from './sheet';

/** A jug or a scale of the farm. */
export interface Measure {
	readonly name: string;
	readonly kind: 'volume' | 'mass';
	/** Between two marks or divisions, m³ or kg. */
	readonly mark: number;
	/** What it holds or carries at once, m³ or kg. */
	readonly holds: number;
	/** The unit that its marks are told in, for showing. */
	readonly unit?: string | undefined;
}

/** Too small to measure: under 10 ml, or under two marks of the finest measure. */
const least = { volume: 1e-5, mass: 0.01 } as const;
const leastMarks = 2;

export interface Pouring {
	readonly measure: Measure | null;
	readonly shown: Shown;
	/** How often it has to be filled: 1 where it holds all of it. */
	readonly fills: number;
	/** Too little to measure well: a bigger batch, a finer measure, or a pre-mix. */
	readonly small: boolean;
}

/** Filling a jug more often than this loses count. */
const mostFills = 4;

/**
 * The measure of the farm to take for an amount: of those that need few fills the one with the finest marks; without any,
 * the amount to three figures.
 *
 * most: the most of it that the label allows, in the amount's unit; Infinity where it has none.
 * @example
 * pickMeasure({ kind: 'volume', amount: 0.000667 }, [{ name: 'jug', kind: 'volume', mark: 0.00001, holds: 0.001 }], Infinity).shown.marks // => 67
 * pickMeasure({ kind: 'volume', amount: 0.000006 }, [{ name: 'jug', kind: 'volume', mark: 0.00001, holds: 0.001 }], Infinity).small // => true
 */
export function pickMeasure({ kind, amount }: Amount, measures: readonly Measure[], most: number): Pouring {
	const fit = measures.filter((m) => m.kind === kind).sort((a, b) => a.mark - b.mark);
	const fills = (m: Measure) => Math.max(1, Math.ceil(amount / m.holds - 1e-9));
	const measure =
		fit.find((m) => fills(m) === 1) ??
		fit.find((m) => fills(m) <= mostFills) ??
		fit.reduce<Measure | null>((large, m) => (!large || m.holds > large.holds ? m : large), null);
	const mark = measure?.mark ?? 10 ** (Math.floor(Math.log10(amount)) - 2);
	const shown = amountAtMark(amount, mark, most);
	const small = amount < least[kind] || (measure !== null && shown.marks < leastMarks);
	return { measure, shown, fills: measure ? fills(measure) : 1, small };
}
