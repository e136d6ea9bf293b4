import type {
	CatchReason,
	Entry,
	EntryBody,
	EntryKind,
	FlowResult,
	QuickBody,
	Issue,
	MethodCalibration,
	OtherWay,
	Result,
	SprayerNumbers,
	FoldedCalibration,
	CalibrationResult,
	CalibrationMethod,
	AnySheet,
	Time
} from '$core';
import {
	calibrationResult,
	checkEntry,
	foldCalibration,
	inOrder,
	isUnit,
	quickCatch,
	quickEntries,
	quickKinds,
	struckEntries,
	groundArea,
	isCarried,
	mean,
	methodOf,
	nozzleFlow,
	nozzlesOn,
	readSprayer,
	sprayerOf,
	readFlow,
	readPlotGround,
	readPlotTimes,
	sheetOf,
	readSpeed,
	readWidth,
	si,
	speedOf,
	swathWidth,
	fields,
	entered
} from '$core';
import type { LogOutside } from '$lib/entries/entry-log.svelte';
import { EntryLog } from '$lib/entries/entry-log.svelte';
import type { KeptCalibration } from '$lib/entries/calibration-store';
import type { FarmSettings } from '$lib/settings/farm-settings';
import { skillOf } from '$lib/settings/skill';
import type { CalibrationHead } from '$lib/wire/calibration-message';
import { fieldUnits, typed } from '$lib/settings/field-units';
import type { NozzleNames } from '$lib/wording/nozzle-names';
import { namesOf } from '$lib/wording/nozzle-names';
import type { StepName, StepState } from './calibration-steps';
import { stepStates } from './calibration-steps';

export interface CalibrationOutside extends LogOutside<CalibrationHead, Entry> {
	/** A calibration of the practice yard: nothing of a farm is behind it. */
	readonly practice?: boolean;
}

export type { StepName, StepState };

const isQuickBody = (body: EntryBody): body is QuickBody => (quickKinds as readonly EntryKind[]).includes(body.kind);

/** What a jug is usually held for: what catches are judged by before their time is known. */
const usualCatch = si<'time'>(30);

/**
 * A calibration as it is worked on: its entries, and all that follows from them. Everything shown is derived, so opening an
 * earlier step and changing it carries through at once.
 */
export class CalibrationState {
	/** With the sprayer as it was corrected since the calibration began. */
	head: CalibrationHead = $derived.by(() => {
		const { head } = this.#kept;
		const sprayer = sprayerOf(head.rig, this.#log.entries);
		return sprayer === head.rig ? head : { ...head, rig: sprayer };
	});
	readonly settings: FarmSettings;
	sprayer: SprayerNumbers = $derived.by(() => {
		const read = readSprayer(this.head.rig);
		if (!read.ok) throw new Error(`calibration ${this.head.id} has a sprayer that does not read`);
		return read.value;
	});
	readonly units: ReturnType<typeof fieldUnits>;
	readonly skill: ReturnType<typeof skillOf>;
	names: NozzleNames = $derived.by(() => namesOf(this.head.rig));
	/** Walked, not driven: a person's pace wavers more. */
	readonly onFoot: boolean;
	/** Made in the practice yard: no page of the farm knows it. */
	readonly practice: boolean;
	readonly #log: EntryLog<CalibrationHead, EntryBody, Entry>;
	/** The calibration whose quick evenness check this is; null: the calibration itself. */
	readonly #of: CalibrationState | null;
	#quick: CalibrationState | null = null;

	entered: FoldedCalibration = $derived.by(() => foldCalibration(this.entries, this.head.setting ?? {}));
	method: CalibrationMethod = $derived.by(() => methodOf(this.sprayer, this.entered));
	sheet: Result<AnySheet> = $derived.by(() => sheetOf(this.sprayer, this.entered));
	result: Result<CalibrationResult> = $derived.by(() =>
		calibrationResult(this.sprayer, this.entered, this.skill, this.settings.evenRule)
	);
	answer: MethodCalibration | null = $derived(this.result.ok ? this.result.value.answer : null);
	/** Every other way that the readings of this calibration are enough for. */
	others: readonly OtherWay[] = $derived(this.result.ok ? this.result.value.others : []);
	speed = $derived.by(() => {
		const reading = readSpeed(this.entered);
		if (!reading.ok) return null;
		const skill = this.onFoot ? { ...this.skill, steadyDriven: this.skill.steadyOnFoot } : this.skill;
		return { reading: reading.value, measured: speedOf(reading.value, skill) };
	});
	/** The swath as far as it is known, m. */
	width: number | null = $derived.by(() => {
		const reading = readWidth(this.sprayer, this.entered);
		return reading.ok ? (swathWidth(reading.value, this.skill)?.treated.value ?? null) : null;
	});
	/** Ground of the plot as far as it is known, m². */
	area: number | null = $derived.by(() => {
		const ground = readPlotGround(this.sprayer, this.entered);
		return ground.ok ? groundArea(ground.value, this.skill).value : null;
	});
	/** Flow and verdicts by themselves, so that catches are judged before any run was timed. */
	flow: FlowResult | null = $derived.by(() => this.#flowOf(this.entered));
	/** What was caught, held against the others, also while the time is not known yet: then its flows mean nothing. */
	caught: FlowResult | null = $derived.by(() => this.flow ?? this.#untimed(this.entered));
	on: readonly number[] = $derived.by(() => nozzlesOn(this.sprayer.sections, this.entered.off));
	signedOff: boolean = $derived(this.entered.signOff !== null);
	steps: readonly StepState[] = $derived.by(() => stepStates(this));

	constructor(
		kept: KeptCalibration,
		settings: FarmSettings,
		outside: CalibrationOutside,
		of: CalibrationState | null = null
	) {
		if (!readSprayer(kept.head.rig).ok) throw new Error(`calibration ${kept.head.id} has a sprayer that does not read`);
		this.settings = settings;
		this.units = fieldUnits(settings);
		this.skill = skillOf(settings);
		this.onFoot = isCarried(kept.head.rig);
		this.practice = outside.practice ?? false;
		this.#of = of;
		this.#log = of ? of.#log : new EntryLog(kept, outside, (body) => this.#wrongWith(body));
		this.#kept = kept;
		this.#outside = outside;
	}
	readonly #kept: KeptCalibration;
	readonly #outside: CalibrationOutside;

	/** The same calibration as its quick evenness check sees it: catches of a few seconds, on which no volume rests. */
	get quick(): CalibrationState {
		this.#quick ??= new CalibrationState(this.#kept, this.settings, this.#outside, this);
		return this.#quick;
	}
	/** Address that its steps lie under. */
	get base(): string {
		return `/${this.practice ? 'practice' : 'rounds'}/${this.head.id}`;
	}
	get isQuick(): boolean {
		return this.#of !== null;
	}

	#flowOf(calibration: FoldedCalibration): FlowResult | null {
		const reading = readFlow(this.sprayer, calibration);
		if (!reading.ok || (!reading.value.together && reading.value.catches.every((c) => c === null))) return null;
		const time = reading.value.time ?? this.ownTime;
		return time === null ? null : nozzleFlow(reading.value, time, this.skill, this.settings.evenRule);
	}

	#untimed(calibration: FoldedCalibration): FlowResult | null {
		const reading = readFlow(this.sprayer, calibration);
		if (!reading.ok) return null;
		// A tester's flow is no volume before the time is known, and a rated flow no measure of one.
		const catches = reading.value.catches.map((list) => list?.filter((c) => !('flow' in c)) ?? null);
		const held = catches.map((list) => (list && list.length > 0 ? list : null));
		if (!reading.value.together && held.every((list) => list === null)) return null;
		return nozzleFlow({ ...reading.value, catches: held, pressure: undefined }, usualCatch, this.skill);
	}

	/** What was caught, with catches that are not kept yet as if they were. */
	caughtWith(drafts: readonly EntryBody[]): FlowResult | null {
		const entries = drafts.map((body, i) => ({ ...body, id: '', seq: this.#log.next + i, at: '' }) as Entry);
		const calibration = foldCalibration([...this.entries, ...entries], this.head.setting ?? {});
		return this.#flowOf(calibration) ?? this.#untimed(calibration);
	}

	get entries(): readonly Entry[] {
		return this.#of ? this.#quickOnes : this.#log.entries;
	}
	#quickOnes: readonly Entry[] = $derived.by(() => quickEntries(this.#log.entries));
	get storeError(): string | null {
		return this.#log.storeError;
	}

	#wrongWith(body: EntryBody): readonly Issue[] {
		return this.signedOff ? [{ code: 'closed', path: '' }] : checkEntry(body, this.sprayer);
	}

	/**
	 * Adds what happened. Answers with what is wrong, in which case nothing was kept. What is made of other readings is a
	 * function, so that one which is still on its way to the device counts.
	 */
	add(body: EntryBody | (() => EntryBody | null)): Promise<readonly Issue[]> {
		const made = (one: EntryBody | null): EntryBody | null =>
			this.#of && one && isQuickBody(one) ? { kind: 'quick', entry: one } : one;
		return this.#log.add(typeof body === 'function' ? () => made(body()) : made(body)!);
	}

	/** Brings back what was struck: its strike counts no more. */
	readonly restore = (id: string): Promise<readonly Issue[]> =>
		this.add(() => {
			const undone = struckEntries(this.entries);
			const strike = this.entries.findLast((e) => e.kind === 'strike' && e.entry === id && !undone.has(e.id));
			return strike ? { kind: 'strike', entry: strike.id } : null;
		});
	/** Brings the calibration back after it was discarded. */
	readonly bringBack = (): Promise<readonly Issue[]> =>
		this.add(() => {
			const last = inOrder(this.entries).at(-1);
			return last?.kind === 'discard' ? { kind: 'strike', entry: last.id } : null;
		});

	/** Takes in entries that another device made. */
	takeIn(entries: readonly Entry[]): void {
		this.#log.takeIn(entries);
	}

	/**
	 * How long a jug is held, as typed; null: as long as the course or the plot took, which is what it is until somebody says
	 * otherwise. Where nothing was timed, the trade's usual half minute.
	 */
	catchTime = $derived.by(() =>
		this.entered.catchTime === undefined && this.#of
			? entered(fields.catchTime, typed(`${quickCatch}`, 's', this.settings))
			: this.entered.catchTime === undefined
				? this.method === 'plot-catch' || this.sprayer.groundDriven || this.timed
					? null
					: entered(fields.catchTime, typed('30', 's', this.settings))
				: this.entered.catchTime
	);

	/** A course was driven against the clock. */
	get timed(): boolean {
		return !this.entered.track && this.entered.course !== null && this.entered.runs.some((r) => !r.struck);
	}

	/** Mean time over the course or the plot: what a jug is held for when it is held as long. */
	ownTime: Time | null = $derived.by(() => {
		if (this.method === 'plot-catch') {
			const times = readPlotTimes(this.entered);
			return times.ok ? (mean(times.value) as Time) : null;
		}
		const reading = this.speed?.reading;
		return reading && 'times' in reading ? (mean(reading.times) as Time) : null;
	});

	/** Which nozzles differ on purpose: those that give less, or none. Taken into the calibration at once. */
	readonly sizes = (told: { readonly small: readonly number[] } | null): Promise<readonly Issue[]> =>
		this.add({
			kind: 'groups',
			groups:
				told && Array.from({ length: this.sprayer.nozzles }, (_, i) => (told.small.includes(i + 1) ? 'small' : 'large'))
		});

	/** Whether a nozzle was caught in one vessel with others, and not alone since. */
	inBucket = (nozzle: number): boolean => this.entered.buckets.some((b) => b.counts && b.nozzles.includes(nozzle));

	/** Keeps what several nozzles gave into one vessel; as with a catch, how long it was held is written down with the first. */
	keepBucket(nozzles: readonly number[], text: string, unit: string, marked: string): Promise<readonly Issue[]> {
		void this.add(() => this.#heldFirst());
		const amount = typed(text, unit, this.settings);
		// A bare figure of the marks is in the unit that the bucket is read in, where that is one of volume.
		const markUnit = isUnit('volume', unit) ? unit : this.units.catch;
		return this.add({
			kind: 'bucket',
			nozzles,
			amount,
			...(marked.trim() !== '' && { marked: typed(marked, markUnit, this.settings) })
		});
	}
	#heldFirst = (): EntryBody | null =>
		this.entered.catchTime === undefined ? { kind: 'catch-time', time: this.catchTime?.typed ?? null } : null;

	countedTakes(nozzle: number) {
		return this.entered.nozzles.get(nozzle)?.takes.filter((t) => t.counts) ?? [];
	}

	/**
	 * Keeps a catch. The first catch of a calibration also writes down how long the jugs are held, so that the record does not
	 * rest on a default.
	 */
	keepCatch(nozzle: number, text: string, why: CatchReason, unit: string): Promise<readonly Issue[]> {
		void this.add(() => this.#heldFirst());
		return this.add(this.catchEntry(nozzle, text, why, unit));
	}

	/** Unit of the next jug: the field's unit of the last catch, so that a jug's unit is picked once. */
	catchUnit: string = $derived.by(() => {
		const last = this.entries.findLast((e) => e.kind === 'catch');
		return last?.kind === 'catch' ? last.amount.unit : this.units.catch;
	});

	catchEntry(nozzle: number, text: string, why: CatchReason, unit = this.catchUnit) {
		return { kind: 'catch', nozzle, amount: typed(text, unit, this.settings), why } as const;
	}

	/**
	 * The next nozzle that has neither a catch nor been passed over, after this one, round the end; `taken` are as good as
	 * caught.
	 */
	nextNozzle(after: number, taken: readonly number[] = []): number | null {
		const open = this.on.filter((n) => {
			if (taken.includes(n) || this.inBucket(n)) return false;
			const takes = this.entered.nozzles.get(n);
			return !takes || (!takes.passedOver && takes.takes.every((t) => !t.counts));
		});
		return open.find((n) => n > after) ?? open[0] ?? null;
	}

	/** The step that comes after one; the last has none. */
	stepAfter(name: StepName): StepState | null {
		const place = this.steps.findIndex((s) => s.name === name);
		return place < 0 ? null : (this.steps[place + 1] ?? null);
	}
}
