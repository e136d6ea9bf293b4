import type { Claim, Exercise, MachineFlows, Yard, YardAction, YardDone, YardSeen } from '$core';
import { Chance, machineFlows, si, usualSkill, yardAfter } from '$core';
import type { LogOutside } from '$lib/entries/entry-log.svelte';
import { EntryLog } from '$lib/entries/entry-log.svelte';
import type { KeptYard, YardBody, YardHead, YardItem } from './yard-log';
import { actionsOf, claimsOf } from './yard-log';
import type { YardClock } from './yard-clock';

export interface YardOutside extends LogOutside<YardHead, YardItem> {
	readonly clock: Pick<YardClock, 'now' | 'run'> & { readonly fast: boolean };
}

/** Something that passes before one's eyes: a run, or a go over the ground. */
export interface Passing {
	readonly what: 'drive' | 'cover';
	/** When it began, yard ms. */
	readonly from: number;
	/** Until the first mark, and from mark to mark, s. */
	readonly approach: number;
	readonly pass: number;
	readonly back: boolean;
}

/** Water that runs into jugs, or out of a parked sprayer. */
interface Running {
	readonly from: number;
	readonly nozzles: readonly number[];
}

/** Part of the error of moving a jug that is the hand's; the rest is the watch's own. */
const hand = 0.7;
/** A jug held for less was a slip of the finger, s. */
const leastHeld = 0.5;
/** Least between two drawings of water that rises, ms. */
const slowFrame = 100;
/** Time runs as it is so long before a mark is passed, s: a thumb has to be ready. */
const ready = 3;

/**
 * A practice yard as it is worked in: what was done, what passes before one's eyes, and what a learner says is wrong. Nothing of it
 * tells what is true of the sprayer; that is told when the calibration is signed.
 */
export class YardState {
	readonly head: YardHead;
	readonly exercise: Exercise;
	readonly #log: EntryLog<YardHead, YardBody, YardItem>;
	readonly #outside: YardOutside;

	yard: Yard = $derived.by(() => yardAfter(this.exercise, this.head.seed, actionsOf(this.#log.entries)));
	claims: readonly Claim[] = $derived.by(() => claimsOf(this.#log.entries));
	/** For drawing water that runs; never shown as a figure. */
	flows: MachineFlows = $derived.by(() => machineFlows(this.yard.machine, this.yard.setting));

	/** Time in the yard as it was drawn last, ms. */
	now = $state(0);
	fast = $state(false);
	passing = $state.raw<Passing | null>(null);
	holding = $state.raw<Running | null>(null);
	parked = $state.raw<Running | null>(null);
	/** The nozzle at hand, here and in the step. */
	nozzle = $state(1);
	/** Nozzles that a jug stands under when the watch is started; all of them on the stand. */
	under = $state.raw<readonly number[]>([]);

	/** The last jugs that were filled, each nozzle's newest. */
	jugs: ReadonlyMap<number, number> = $derived.by(() => {
		const levels = new Map<number, number>();
		for (const { seen } of this.yard.done)
			if (seen.of === 'catch') for (const jug of seen.jugs) levels.set(jug.nozzle, jug.shown);
		return levels;
	});
	/** Whether anything moves. */
	alive: boolean = $derived(this.passing !== null || this.holding !== null || this.parked !== null);

	constructor(kept: KeptYard, exercise: Exercise, outside: YardOutside) {
		this.head = kept.head;
		this.exercise = exercise;
		this.#outside = outside;
		this.#log = new EntryLog(kept, outside);
		this.under = this.yard.machine.nozzles.map((_, i) => i + 1);
		this.now = outside.clock.now();
	}

	get items(): readonly YardItem[] {
		return this.#log.entries;
	}
	get storeError(): string | null {
		return this.#log.storeError;
	}

	/** Does something: what is seen of it, or null where it could not be kept. */
	async do(action: YardAction): Promise<YardSeen | null> {
		const issues = await this.#log.add({ kind: 'did', action });
		return issues.length > 0 ? null : (this.yard.done.at(-1)?.seen ?? null);
	}

	/** Drives a run, or goes over the ground; the watch is somebody else's. */
	async pass(what: Passing['what']): Promise<void> {
		if (this.passing) return;
		const seen = await this.do({ do: what });
		if (seen?.of !== 'drive' && seen?.of !== 'cover') return;
		this.passing = {
			what,
			from: this.#outside.clock.now(),
			approach: this.yard.machine.approach,
			pass: seen.pass,
			back: seen.of === 'drive' && seen.back
		};
		this.now = this.passing.from;
	}

	/** Jugs go under the nozzles, until they are taken away. */
	hold(): void {
		if (this.holding) return;
		this.now = this.#outside.clock.now();
		this.holding = { from: this.now, nozzles: this.under };
	}

	/** Takes the jugs away: a hand is a little quicker or slower than its watch. */
	async release(): Promise<YardSeen | null> {
		if (!this.holding) return null;
		const { from, nozzles } = this.holding;
		const seconds = (this.#outside.clock.now() - from) / 1000;
		this.holding = null;
		this.#slow();
		if (seconds < leastHeld) return null;
		const slip = new Chance(this.head.seed, `hand ${this.yard.done.length}`).normal(usualSkill.jugMove * hand);
		return this.do({ do: 'catch', nozzles, held: si<'time'>(Math.max(0.1, seconds + slip)) });
	}

	/** Sprays parked until it is stopped. */
	park(): void {
		if (this.parked) return;
		this.now = this.#outside.clock.now();
		this.parked = { from: this.now, nozzles: [] };
	}
	async stopParked(): Promise<YardSeen | null> {
		if (!this.parked) return null;
		const seconds = (this.#outside.clock.now() - this.parked.from) / 1000;
		this.parked = null;
		this.#slow();
		return seconds < leastHeld ? null : this.do({ do: 'park', time: si<'time'>(seconds) });
	}

	/** A frame: moves what passes, and gives time its own speed again before a mark. */
	tick(): void {
		const now = this.#outside.clock.now();
		const { passing } = this;
		// Water rises slowly: a jug is drawn often enough at a few frames in a second.
		if (!passing && Math.abs(now - this.now) < slowFrame) return;
		this.now = now;
		if (!passing) return;
		const gone = (this.now - passing.from) / 1000;
		const until = gone < passing.approach ? passing.approach - gone : passing.approach + passing.pass - gone;
		if (this.fast && until < ready) this.#slow();
		if (gone > passing.approach * 2 + passing.pass) this.passing = null;
	}

	/** Faster where only waiting is left; not in the last seconds before a mark. */
	hurry(fast: boolean): void {
		this.fast = fast;
		this.#outside.clock.run(fast);
	}
	#slow(): void {
		if (this.fast) this.hurry(false);
	}

	/** Where on its way it is: below 0 before the first mark, 0 to 1 between them, over 1 behind the last. Null: nothing passes. */
	get along(): number | null {
		const { passing } = this;
		if (!passing) return null;
		const gone = (this.now - passing.from) / 1000 - passing.approach;
		return gone / passing.pass;
	}

	/** What is in a jug now as its marks say: filling, or as it was taken away. Null: never held. */
	level(nozzle: number): number | null {
		const { holding } = this;
		if (!holding?.nozzles.includes(nozzle)) return this.jugs.get(nozzle) ?? null;
		const { jug, jugSize } = this.yard.machine;
		const water = ((this.flows.flows[nozzle - 1] ?? 0) * (this.now - holding.from)) / 1000;
		return Math.min(water, jugSize.brim) * jug.gain + jug.offset;
	}

	/** What the sight gauge says is in the tank, while water runs. */
	get sight(): number {
		const { machine, water } = this.yard;
		const running = this.parked ?? this.holding;
		const gone = running ? (this.flows.total * (this.now - running.from)) / 1000 : 0;
		return Math.max(0, water.tank - gone) * machine.sight.gain;
	}

	/** Says that something is wrong, or that it is not after all. */
	claim(claim: Claim, holds: boolean): void {
		void this.#log.add({ kind: 'claim', claim, holds });
	}

	/** The last thing that was done of a kind; null where there is none. */
	last<K extends YardSeen['of']>(of: K): (YardDone & { readonly seen: Extract<YardSeen, { readonly of: K }> }) | null {
		const found = this.yard.done.findLast((d) => d.seen.of === of);
		return (found as (YardDone & { readonly seen: Extract<YardSeen, { readonly of: K }> }) | undefined) ?? null;
	}
}
