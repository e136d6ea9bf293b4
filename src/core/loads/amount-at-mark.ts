/** An amount as a jug or a scale can show it. */
export interface Shown {
	/** Amount at the mark, in the unit of what was asked. */
	readonly amount: number;
	/** Marks up to it. */
	readonly marks: number;
	/** True over wanted: what the dose becomes. */
	readonly ratio: number;
	/** It went down though the nearer mark is above: that one would pass the label's most. */
	readonly heldDown: boolean;
}

/** A mark that was met exactly counts as met, binary arithmetic notwithstanding. */
const slack = 1e-9;

/**
 * An amount rounded to the nearest mark of a measure, and down where up would pass the most that the label allows.
 *
 * amount: over 0. mark: between two marks, over 0. most: in the same unit; Infinity where the label has none. Under half a
 * mark, or where even the first mark is too much, nothing can be shown: 0 marks.
 * Source: rounding to the nearest mark; never over what is allowed.
 * @example
 * amountAtMark(667, 10, Infinity) // => {"amount":670,"marks":67,"ratio":1.0044977511244377,"heldDown":false}
 * amountAtMark(667, 10, 667).amount // => 660
 * amountAtMark(3, 10, Infinity).marks // => 0
 */
export function amountAtMark(amount: number, mark: number, most: number): Shown {
	const nearest = Math.round(amount / mark);
	const allowed = Math.floor((most / mark) * (1 + slack) + slack);
	const marks = Math.max(0, Math.min(nearest, allowed));
	return { amount: marks * mark, marks, ratio: (marks * mark) / amount, heldDown: marks < nearest };
}
