/** A mark on a scale that is looked at closely. */
interface Mark {
	readonly value: number;
	/** Longer, with its figure. */
	readonly told: boolean;
}

export interface ScaleWindow {
	readonly from: number;
	readonly to: number;
	readonly marks: readonly Mark[];
	/** The marks below and above the level. */
	readonly between: readonly [number, number];
}

/** Marks in sight on each side of the level. */
const around = 6;
/** Marks from one told figure to the next, so that the figures are round ones. */
const toldEach = (mark: number): number => {
	const head = mark / 10 ** Math.floor(Math.log10(mark) + 1e-9);
	return Math.abs(head - 5) < 1e-6 ? 2 : Math.abs(head - 2.5) < 1e-6 ? 4 : 5;
};

/** The marks about a level, as an eye at its height sees them. `mark`: from one to the next, the level's own unit, over 0. */
export function scaleWindow(level: number, mark: number): ScaleWindow {
	const below = Math.floor(level / mark + 1e-9);
	const each = toldEach(mark);
	const first = Math.max(0, below - around);
	const marks = Array.from({ length: 2 * around + 2 }, (_, i) => first + i).map((n) => ({
		value: n * mark,
		told: n % each === 0
	}));
	return { from: first * mark, to: marks.at(-1)!.value, marks, between: [below * mark, (below + 1) * mark] };
}

/** Marks of a stick or a gauge of so much: the round figure next to a share of it. */
export function roundMark(whole: number, share: number): number {
	const raw = whole * share;
	const ten = 10 ** Math.floor(Math.log10(raw));
	const head = raw / ten;
	return (head < 1.5 ? 1 : head < 3.5 ? 2 : head < 7.5 ? 5 : 10) * ten;
}

/** A figure as it stands on a scale: no more digits than it has. */
export const scaleFigure = (value: number, decimalComma: boolean): string => {
	const text = String(Number(value.toFixed(6)));
	return decimalComma ? text.replace('.', ',') : text;
};
