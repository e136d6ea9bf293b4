import { m } from '$words';
import type { CatchReason } from '$core';
import { checkEntry, median, quantityOf, showDecimals, showFigure, struckEntries } from '$core';
import { wordIssue } from '$lib/wording/issues';
import { views } from '$lib/drawings/boom-geometry';
import { shortUnit } from '$lib/settings/field-units';
import { typedText } from '$lib/settings/typed-text';
import { jugBoard, withTyping } from '$lib/drawings/jug-board';
import type { CalibrationState } from '$lib/calibration/calibration.svelte';

export interface CatchQuestion {
	readonly nozzle: number;
	readonly text: string;
	/** The catch that is there, in words. */
	readonly before: string;
}

/** Units that a jug, a scale or a tip tester is read in. */
export const jugUnits = [
	'ml',
	'L',
	'US fl oz',
	'US pt',
	'US qt',
	'US gal',
	'Imp fl oz',
	'Imp pt',
	'g',
	'oz',
	'L/min',
	'US gal/min'
] as const;

/** A unit in which a jug's reading is told, in words for picking. */
export const jugUnitWords = (unit: string): string =>
	unit === 'g' || unit === 'oz' ? m.of_water_weighed({ unit }) : unit.includes('/') ? m.tip_tester({ unit }) : unit;

/**
 * The catching of nozzles: where one is along the boom, what is being typed there, and the question that a second catch
 * raises. The board and the phone's single jug both sit on it.
 */
/** A catch so many times larger or smaller than the others is asked about. */
const farOff = 5;

export class FlowStepState {
	readonly calibration: CalibrationState;
	/** Nozzle at hand. */
	at = $state(1);
	/** What is being typed, by nozzle; gone once it is kept. */
	drafts = $state<Record<number, string>>({});
	asked = $state<CatchQuestion | null>(null);
	problem = $state<string | null>(null);
	/** What was asked about as far from the others, and is kept when it is entered once more. */
	#doubted = '';
	/** Unit picked on the pad, until a catch is typed in it. */
	#pickedUnit = $state<string | null>(null);

	constructor(calibration: CalibrationState) {
		this.calibration = calibration;
		this.at = calibration.nextNozzle(0) ?? calibration.on[0] ?? 1;
	}

	/** How long a jug is held, s; null where it is as long as a course or plot that is not timed yet. */
	heldFor: number | null = $derived.by(() => {
		const time = this.calibration.catchTime;
		if (time === null) return this.calibration.ownTime;
		return quantityOf(time);
	});
	unit: string = $derived.by(() => this.#pickedUnit ?? this.calibration.catchUnit);
	#source = $derived.by(() => ({
		on: this.calibration.on,
		catchUnit: this.unit,
		flow: this.calibration.caught,
		passedOver: (n: number) => this.calibration.entered.nozzles.get(n)?.passedOver ?? false,
		heldFor: this.heldFor ?? 30,
		groupOf: (n: number) =>
			(this.calibration.entered.groups === undefined
				? this.calibration.sprayer.groups
				: this.calibration.entered.groups)?.[n - 1] ?? '',
		decimalComma: this.calibration.settings.decimalComma
	}));
	/** The jugs as they are kept. */
	readonly kept = $derived.by(() => jugBoard(this.#source));
	/** The jugs as they are shown: what is being typed is in them already. */
	board = $derived.by(() => {
		const drafts = this.#typing;
		if (drafts.length === 0) return this.kept;
		const typed = jugBoard({ ...this.#source, flow: this.calibration.caughtWith(drafts) });
		return withTyping(this.kept, typed, new Set(drafts.map((d) => d.nozzle)));
	});
	/** What is being typed and can be read so far: the jug rises with the digits. */
	#typing = $derived.by(() =>
		Object.entries(this.drafts).flatMap(([nozzle, text]) => {
			const n = Number(nozzle);
			const why = this.calibration.countedTakes(n).length > 0 ? 'slip' : 'first';
			const entry = this.calibration.catchEntry(n, text, why, this.unit);
			return checkEntry(entry, this.calibration.sprayer).length === 0 ? [entry] : [];
		})
	);
	views = $derived.by(() => views(this.calibration.on));
	view = $derived.by(() => this.views.find((v) => v.includes(this.at)) ?? this.views[0] ?? []);
	/** Nozzles that are still to be caught, what is being typed among them. */
	open = $derived(
		this.board.jugs.filter(
			(j) => (j.amount === null || this.drafts[j.n] !== undefined) && !j.passedOver && j.verdict !== 'together'
		).length
	);
	jug = $derived.by(() => this.board.jugs.find((j) => j.n === this.at));
	/** What the large figure of the phone shows: what is typed, else what is kept. */
	text = $derived.by(() => this.drafts[this.at] ?? this.#keptFigure(this.at));

	pick(n: number): void {
		if (n !== this.at) this.problem = null;
		this.at = n;
	}

	/** Along the boom, round its ends. Returns the nozzle that is now at hand. */
	move(from: number, by: -1 | 1): number {
		const { on } = this.calibration;
		const place = on.indexOf(from);
		this.pick(on[(place + by + on.length) % on.length] ?? from);
		return this.at;
	}

	/**
	 * Takes what was typed at a nozzle and goes on to the next that is open, at once: the keeping goes on behind. Nothing
	 * typed: just goes on. A nozzle that has a catch asks why first. Answers with the nozzle to go to, or null where the
	 * hand should stay.
	 */
	enter(n: number): number | null {
		const text = (this.drafts[n] ?? '').trim();
		if (text === '' || text === this.#keptFigure(n)) {
			delete this.drafts[n];
			this.problem = null;
			return this.goOn(n);
		}
		if (this.calibration.countedTakes(n).length > 0) {
			if (this.#refuses(n, text)) return null;
			this.asked = { nozzle: n, text, before: `${this.#keptFigure(n)} ${shortUnit(this.unit)}` };
			return null;
		}
		if (this.#doubts(n, text)) return null;
		return this.#keep(n, text, 'first');
	}

	/** Whether a figure is so far from the others that a digit may be lost; asks once, and takes it the second time. */
	#doubts(n: number, text: string): boolean {
		const typed = this.board.jugs.find((j) => j.n === n)?.amount ?? null;
		const { groupOf } = this.#source;
		const others = this.kept.jugs.flatMap((j) =>
			j.n !== n && j.amount !== null && groupOf(j.n) === groupOf(n) ? [j.amount] : []
		);
		if (typed === null || others.length === 0 || this.#doubted === `${n} ${text}`) return false;
		const middle = median(others);
		if (typed > middle / farOff && typed < middle * farOff) return false;
		this.#doubted = `${n} ${text}`;
		const figure = showFigure(middle, 3, this.calibration.settings.decimalComma);
		this.problem = m.is_far_from_the_others_was({ text, figure, unit: shortUnit(this.unit) });
		return true;
	}

	/** A figure that a meter read: as if it had been typed and entered. */
	take(n: number, text: string): number | null {
		this.pick(n);
		this.drafts[n] = text;
		this.#doubted = `${n} ${text}`;
		return this.enter(n);
	}

	/** A flow meter's reading, as somebody on this farm would type it. */
	takeMeter(n: number, litresPerMinute: number): number | null {
		this.pickUnit('L/min');
		return this.take(n, showDecimals(litresPerMinute, 3, this.calibration.settings.decimalComma));
	}

	/** The answer to the question. */
	choose(why: CatchReason): number | null {
		const question = this.asked;
		this.asked = null;
		return question ? this.#keep(question.nozzle, question.text, why) : null;
	}

	/** Leaves the catch as it was. */
	cancel(): void {
		if (this.asked) delete this.drafts[this.asked.nozzle];
		this.asked = null;
	}

	#keptFigure(n: number): string {
		return this.kept.jugs.find((j) => j.n === n)?.figure ?? '';
	}

	/** Whether a text cannot be kept; says why. */
	#refuses(n: number, text: string): boolean {
		const issues = checkEntry(this.calibration.catchEntry(n, text, 'first', this.unit), this.calibration.sprayer);
		this.problem = issues[0] ? wordIssue(issues[0]) : null;
		return issues.length > 0;
	}

	#keep(n: number, text: string, why: CatchReason): number | null {
		if (this.#refuses(n, text)) return null;
		void this.calibration.keepCatch(n, text, why, this.unit).then(() => {
			if (this.drafts[n]?.trim() === text) delete this.drafts[n];
		});
		this.#pickedUnit = this.unit;
		return this.goOn(n);
	}

	/** The newest catch that counts, for taking it back; null where there is none. */
	lastCatch: { readonly id: string; readonly nozzle: number; readonly text: string } | null = $derived.by(() => {
		const struck = struckEntries(this.calibration.entries);
		const last = this.calibration.entries.findLast((e) => e.kind === 'catch' && !struck.has(e.id));
		return last?.kind === 'catch' ? { id: last.id, nozzle: last.nozzle, text: typedText(last.amount) } : null;
	});
	/** Takes back the newest catch, and goes to its nozzle. */
	undo(): void {
		const last = this.lastCatch;
		if (!last || this.calibration.signedOff) return;
		void this.calibration.add({ kind: 'strike', entry: last.id });
		this.pick(last.nozzle);
		delete this.drafts[last.nozzle];
	}

	/** A nozzle that will not be caught: it counts as the mean of the others. */
	passOver(n: number): number | null {
		void this.calibration.add({ kind: 'not-caught', nozzle: n });
		delete this.drafts[n];
		return this.goOn(n);
	}

	goOn(n: number): number | null {
		// What was just typed may still be on its way to the device's memory: it is not open any more.
		const waiting = Object.keys(this.drafts).map(Number);
		const next = this.calibration.nextNozzle(n, [n, ...waiting]);
		if (next !== null) this.pick(next);
		return next;
	}

	/** A key of the pad. The first key over a kept figure begins a new one. */
	key(key: string): void {
		const draft = this.drafts[this.at] ?? '';
		if (draft.length >= 9 || (/[.,]/.test(key) && /[.,]/.test(draft))) return;
		this.problem = null;
		this.drafts[this.at] = draft + key;
	}

	erase(): void {
		const draft = this.drafts[this.at];
		if (draft === undefined || draft.length <= 1) delete this.drafts[this.at];
		else this.drafts[this.at] = draft.slice(0, -1);
		this.problem = null;
	}

	/**
	 * A column from a spreadsheet, or a row of figures, fills the nozzles in order from the one at hand on. Answers with
	 * how many were taken, or 0 where it is one figure only, which is typing.
	 */
	paste(n: number, text: string): number {
		const figures = text
			.trim()
			.split(/[\t\r\n;]+/)
			.map((figure) => figure.trim())
			.filter((figure) => figure !== '');
		if (figures.length < 2) return 0;
		const from = this.calibration.on.indexOf(n);
		const places = this.calibration.on.slice(from, from + figures.length);
		for (const [i, place] of places.entries()) {
			this.pick(place);
			if (this.#refuses(place, figures[i]!)) {
				this.problem = `${this.calibration.names.nozzle(place)}: ${this.problem}`;
				this.drafts[place] = figures[i]!;
				return i;
			}
			delete this.drafts[place];
			const why = this.calibration.countedTakes(place).length > 0 ? 'slip' : 'first';
			void this.calibration.keepCatch(place, figures[i]!, why, this.unit);
		}
		const last = places.at(-1);
		if (last !== undefined) this.goOn(last);
		if (figures.length > places.length)
			this.problem = m.figures_were_pasted_and_there_are({
				count: figures.length,
				length2: places.length,
				length3: figures.length - places.length
			});
		return places.length;
	}

	/** The unit that a bare number means from now on, and that the jugs are shown in. */
	pickUnit(unit: string): void {
		this.#pickedUnit = unit;
		this.problem = null;
	}

	/** The units to pick from: those of this calibration first, the last used before all. */
	units: readonly string[] = $derived.by(() => {
		const used = this.calibration.entries.flatMap((e) => (e.kind === 'catch' ? [e.amount.unit] : [])).reverse();
		return [...new Set([this.unit, ...used, ...jugUnits])];
	});
}
