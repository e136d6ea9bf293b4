import type { Measure, Pouring } from './measures';
import { pickMeasure } from './measures';
import { slack } from './load-volumes';
import type { Amount } from './sheet';

/** How an amount is brought together at the tank. */
export interface Poured {
	/** Whole containers that are emptied, and what one of them holds; 0 where none is. */
	readonly packs: number;
	readonly pack: number;
	/** What is measured besides; null where the containers are all of it. */
	readonly rest: Pouring | null;
	/** All of it as it is measured, in the unit of what was asked. */
	readonly amount: number;
	/** Measured over wanted: what the dose becomes. */
	readonly ratio: number;
	/** It went down though the nearer mark is above: that one would pass the label's most. */
	readonly heldDown: boolean;
	/** What the nearest mark would make of the dose, where that is too far off to be offered: the amount is then the exact one. */
	readonly tooCoarse: number | null;
}

/** A rounding that moves a dose by more than this is never made for somebody. */
export const mostMoved = 0.025;

/**
 * An amount for the tank: whole containers first, as many as it takes, and what is left by the jug or scale of the farm
 * that shows it best. It never passes the most that the label allows, and never moves the dose by more than 2.5 %: where no
 * mark is that near, the amount stays the exact one, and `tooCoarse` says what the mark would have made of it.
 *
 * packs: what containers hold, m³ or kg. most: in the amount's unit; Infinity where the label has none.
 * Source: whole containers first, the rest by the smallest measure that holds it.
 * @example
 * pourAmount({ kind: 'volume', amount: 0.00952 }, [0.005], [{ name: '5 L jug', kind: 'volume', mark: 0.00005, holds: 0.005 }], 0.00952).amount.toFixed(5) // => "0.00950"
 * pourAmount({ kind: 'volume', amount: 0.00952 }, [0.005], [{ name: '5 L jug', kind: 'volume', mark: 0.00005, holds: 0.005 }], 0.00952).packs // => 1
 * pourAmount({ kind: 'volume', amount: 0.01 }, [0.005], [], Infinity).rest // => null
 * pourAmount({ kind: 'volume', amount: 0.000025 }, [], [{ name: 'jug', kind: 'volume', mark: 0.00001, holds: 0.001 }], Infinity).tooCoarse.toFixed(2) // => "1.20"
 */
export function pourAmount(
	wanted: Amount,
	packs: readonly number[],
	measures: readonly Measure[],
	most: number
): Poured {
	const total = wanted.amount as number;
	// The largest container that fits: fewer to open.
	const pack = packs.filter((p) => p <= total * (1 + slack)).reduce((large, p) => Math.max(large, p), 0);
	const count = pack > 0 ? Math.floor(total / pack + slack) : 0;
	const rest = total - count * pack;
	if (count > 0 && rest <= total * slack)
		return { packs: count, pack, rest: null, amount: count * pack, ratio: 1, heldDown: false, tooCoarse: null };
	const left = { kind: wanted.kind, amount: rest } as Amount;
	const pouring = pickMeasure(left, measures, most - count * pack);
	const amount = count * pack + pouring.shown.amount;
	// A small rest beside whole containers is no reason for a bigger batch.
	const small = pouring.small && count === 0;
	const made = { packs: count, pack, rest: { ...pouring, small } };
	const ratio = amount / total;
	if (Math.abs(ratio - 1) > mostMoved * (1 + slack))
		return { ...made, amount: total, ratio: 1, heldDown: false, tooCoarse: ratio };
	return { ...made, amount, ratio, heldDown: pouring.shown.heldDown, tooCoarse: null };
}
