import { factor, isUnit, quantityOf, showDecimals } from '$core';
import type { FlowStepState } from './flow-step.svelte';

/** What a finger moves after its first touch counts so much of its way: a glove is wider than a mark. */
const fine = 0.4;
/** A jug without stated marks counts as marked every 10 ml. */
const usualMark = 1e-5;
/** The window holds at least so many marks, and so much of an even catch. */
const leastMarks = 24;
const windowShare = 0.36;

export interface TouchMark {
	readonly value: number;
	/** A line with its figure. */
	readonly major: boolean;
	readonly figure: string;
}

/**
 * The jug that is touched where its water stands. While the finger is down nothing is kept: lifting keeps the reading and goes
 * on, sliding off the side keeps nothing. It starts empty: only a touch makes water, and no other nozzle's level leads the eye.
 */
export class TouchJugState {
	readonly step: FlowStepState;
	/** Inside of the jug, px. */
	height = $state(1);
	/** How far the window was moved from where the others lie, in windows. */
	#shift = $state(0);
	#nozzle = 0;
	/** Where the finger went down, px from the top, and the reading there; null while none is down. */
	#down = $state.raw<{ readonly y: number; readonly value: number } | null>(null);

	constructor(step: FlowStepState) {
		this.step = step;
	}

	/** A jug is read as a volume; a weight or a tester's flow is typed. */
	possible: boolean = $derived.by(() => isUnit('volume', this.step.unit));
	touching: boolean = $derived(this.#down !== null);

	/** Between two lines, in the jug's unit: no coarser than the marks that its ± counts with. */
	mark: number = $derived.by(() => {
		const { unit, calibration } = this.step;
		if (!isUnit('volume', unit)) return 1;
		const own = (quantityOf(calibration.entered.jug) ?? usualMark) / factor('volume', unit);
		const power = 10 ** Math.floor(Math.log10(own));
		return [5, 2.5, 2, 1].map((s) => s * power).find((s) => s <= own * (1 + 1e-9)) ?? power;
	});
	/** What is drawn: round where the others lie, else the whole jug. */
	window: { readonly low: number; readonly high: number } = $derived.by(() => {
		// By what is kept: the jug stands still while a finger is on it.
		const { kept: board, at } = this.step;
		const even = board.jugs.find((j) => j.n === at)?.reference ?? board.reference;
		const { mark } = this;
		const span = even === null ? board.top : Math.max(even * windowShare, leastMarks * mark);
		const middle = even ?? span / 2;
		const low = Math.max(0, middle - span / 2 + this.#shift * span * 0.6);
		const snapped = Math.round(low / mark) * mark;
		return { low: snapped, high: snapped + span };
	});
	marks: readonly TouchMark[] = $derived.by(() => {
		const { low, high } = this.window;
		const { mark } = this;
		const count = (high - low) / mark;
		// At most some sixty lines, and a figure on about every sixth of them.
		const thin = [1, 2, 5, 10, 20, 50, 100].find((t) => count / t <= 60) ?? 200;
		const step = mark * thin;
		const each = [4, 5, 10].find((e) => (high - low) / (step * e) <= 10) ?? 10;
		const first = Math.ceil(low / step - 1e-9);
		const decimals = step * each >= 1 ? 0 : step * each >= 0.1 ? 1 : 2;
		return Array.from({ length: Math.floor(high / step + 1e-9) - first + 1 }, (_, i): TouchMark => {
			const n = first + i;
			const major = n % each === 0;
			const value = n * step;
			return { value, major, figure: major ? showDecimals(value, decimals, this.#comma) : '' };
		});
	});
	get #comma(): boolean {
		return this.step.calibration.settings.decimalComma;
	}

	/** A reading is told to a fifth of a mark: half a mark is how well it is read. */
	get #grain(): number {
		return this.mark / 5;
	}
	#text(value: number): string {
		const grain = this.#grain;
		const decimals = grain >= 1 ? 0 : grain >= 0.1 ? 1 : grain >= 0.01 ? 2 : 3;
		// Ungrouped, as it is typed: a comma or a point before three digits could be read as another figure.
		const text = `${Number((Math.round(value / grain) * grain).toFixed(decimals))}`;
		return this.#comma ? text.replace('.', ',') : text;
	}
	/** Reading at a height, px from the top of the jug. */
	valueAt(y: number): number {
		const { low, high } = this.window;
		return Math.max(0, high - (Math.max(0, Math.min(this.height, y)) / this.height) * (high - low));
	}
	/** Height of a reading, px from the top. */
	yOf(value: number): number {
		const { low, high } = this.window;
		return ((high - value) / (high - low)) * this.height;
	}
	/** What stands in the jug: only what was touched or is kept there. */
	level: number | null = $derived.by(() => {
		const amount = this.step.jug?.amount ?? null;
		return amount === null ? null : this.yOf(amount);
	});

	press(y: number): void {
		if (!this.possible || this.step.calibration.signedOff) return;
		const value = this.valueAt(y);
		this.#down = { y, value };
		this.#nozzle = this.step.at;
		this.step.problem = null;
		this.step.drafts[this.#nozzle] = this.#text(value);
	}
	/** After the first touch the reading follows small moves. */
	move(y: number): void {
		const down = this.#down;
		if (!down) return;
		const perPx = (this.window.high - this.window.low) / this.height;
		const value = Math.max(0, down.value + (down.y - y) * perPx * fine);
		this.step.drafts[this.#nozzle] = this.#text(value);
	}
	/** Keeps what was touched and goes on. */
	lift(): void {
		if (!this.#down) return;
		this.#down = null;
		this.#shift = 0;
		this.step.enter(this.#nozzle);
	}
	/** Off the side: nothing is kept. */
	slideOff(): void {
		if (!this.#down) return;
		this.#down = null;
		delete this.step.drafts[this.#nozzle];
	}
	/** More of the jug above or below. */
	more(by: 1 | -1): void {
		this.#shift = Math.max(-3, Math.min(3, this.#shift + by));
	}
	/** By keyboard: a fifth of a mark up or down, from where it stands or from the middle. */
	nudge(by: number): void {
		const { step } = this;
		const now = step.jug?.amount ?? (this.window.low + this.window.high) / 2;
		step.problem = null;
		step.drafts[step.at] = this.#text(Math.max(0, now + by * this.#grain));
	}
}
