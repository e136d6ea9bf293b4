import type { CatchReason, Issue } from '$core';
import { wordIssue } from '$lib/wording/issues';
import { views } from '$lib/drawings/boom-geometry';
import { jugBoard } from './jug-board';
import type { RoundState } from './round.svelte';

export interface CatchQuestion {
	readonly nozzle: number;
	readonly text: string;
	/** The catch that is there, in words. */
	readonly before: string;
}

/** Units that the pad's unit key goes through. */
const jugUnits = ['ml', 'US fl oz', 'Imp fl oz', 'g', 'oz', 'L'] as const;

/**
 * The catching of nozzles: where one is along the boom, what is being typed there, and the question that a second catch
 * raises. The board and the phone's single jug both sit on it.
 */
export class FlowStepState {
	readonly round: RoundState;
	/** Nozzle at hand. */
	at = $state(1);
	/** What is being typed, by nozzle; gone once it is kept. */
	drafts = $state<Record<number, string>>({});
	asked = $state<CatchQuestion | null>(null);
	problem = $state<string | null>(null);
	/** Unit picked on the pad, until a catch is typed in it. */
	#pickedUnit = $state<string | null>(null);

	constructor(round: RoundState) {
		this.round = round;
		this.at = round.nextNozzle(0) ?? round.on[0] ?? 1;
	}

	unit: string = $derived.by(() => this.#pickedUnit ?? this.round.catchUnit);
	board = $derived.by(() =>
		jugBoard({
			on: this.round.on,
			catchUnit: this.unit,
			flow: this.round.flow,
			passedOver: (n) => this.round.round.nozzles.get(n)?.passedOver ?? false,
			decimalComma: this.round.settings.decimalComma
		})
	);
	views = $derived.by(() => views(this.round.on));
	view = $derived.by(() => this.views.find((v) => v.includes(this.at)) ?? this.views[0] ?? []);
	jug = $derived.by(() => this.board.jugs.find((j) => j.n === this.at));
	/** What the large figure of the phone shows: what is typed, else what is kept. */
	text = $derived.by(() => this.drafts[this.at] ?? this.jug?.figure ?? '');

	pick(n: number): void {
		if (n !== this.at) this.problem = null;
		this.at = n;
	}

	/** Along the boom, round its ends. Returns the nozzle that is now at hand. */
	move(from: number, by: -1 | 1): number {
		const { on } = this.round;
		const place = on.indexOf(from);
		this.pick(on[(place + by + on.length) % on.length] ?? from);
		return this.at;
	}

	/**
	 * Takes what was typed at a nozzle and goes on to the next that is open. Nothing typed: just goes on. A nozzle that has
	 * a catch asks why first. Resolves with the nozzle to go to, or null where the hand should stay.
	 */
	async enter(n: number): Promise<number | null> {
		const text = (this.drafts[n] ?? '').trim();
		if (text === '' || text === this.board.jugs.find((j) => j.n === n)?.figure) {
			delete this.drafts[n];
			this.problem = null;
			return this.goOn(n);
		}
		return this.#keep(n, text, undefined);
	}

	/** The answer to the question. */
	async choose(why: CatchReason): Promise<number | null> {
		const question = this.asked;
		this.asked = null;
		return question ? this.#keep(question.nozzle, question.text, why) : null;
	}

	/** Leaves the catch as it was. */
	cancel(): void {
		if (this.asked) delete this.drafts[this.asked.nozzle];
		this.asked = null;
	}

	async #keep(n: number, text: string, why: CatchReason | undefined): Promise<number | null> {
		const answer = await this.round.typeCatch(n, text, why, this.unit);
		if (answer === 'ask') {
			const before = this.board.jugs.find((j) => j.n === n);
			this.asked = { nozzle: n, text, before: `${before?.figure ?? ''} ${this.unit}`.trim() };
			return null;
		}
		if (this.#tellProblem(answer)) return null;
		delete this.drafts[n];
		this.#pickedUnit = null;
		return this.goOn(n);
	}

	/** A nozzle that will not be caught: it counts as the mean of the others. */
	async passOver(n: number): Promise<number | null> {
		const issues = await this.round.add({ kind: 'not-caught', nozzle: n });
		if (this.#tellProblem(issues)) return null;
		delete this.drafts[n];
		return this.goOn(n);
	}

	goOn(n: number): number | null {
		const next = this.round.nextNozzle(n);
		if (next !== null) this.pick(next);
		return next;
	}

	#tellProblem(issues: readonly Issue[]): boolean {
		this.problem = issues[0] ? wordIssue(issues[0]) : null;
		return issues.length > 0;
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

	nextUnit(): void {
		const place = jugUnits.indexOf(this.unit as (typeof jugUnits)[number]);
		this.#pickedUnit = jugUnits[(place + 1) % jugUnits.length]!;
	}
}
