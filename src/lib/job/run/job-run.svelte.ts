import { m } from '$words';
import type {
	JobRun,
	PlanSheet,
	ReadJob,
	Result,
	RunEntry,
	RunEntryBody,
	RunLoad,
	RunOfJob,
	SprayAct,
	Stop,
	TickedTwice,
	Typed,
	TypedJob,
	TypedDone,
	VolumePerArea
} from '$core';
import {
	bad,
	checkClose,
	checkJob,
	checkRunEntry,
	dyeOf,
	fields,
	good,
	inversionHours,
	labelStops,
	openStops,
	pouredOverMax,
	productSoFar,
	readField,
	runOfJob,
	shortestReason
} from '$core';
import type { LogOutside } from '$lib/entries/entry-log.svelte';
import { EntryLog } from '$lib/entries/entry-log.svelte';
import type { KeptLog } from '$lib/entries/calibration-store';
import type { FarmSettings } from '$lib/settings/farm-settings';
import { fieldUnits, typed } from '$lib/settings/field-units';
import type { JobHead } from '$lib/wire/run-message';
import type { MixingLine } from '$lib/show/pour';
import { mixingLines } from '$lib/show/pour';
import { wordIssue } from '$lib/wording/issues';

export interface JobRunOutside extends LogOutside<JobHead, RunEntry> {
	/** Who works with this device; empty for somebody alone. */
	readonly by?: string;
}

/** The one thing to do next. */
export type NextAct =
	| { readonly act: 'tick'; readonly load: number; readonly step: number; readonly words: string }
	| { readonly act: 'spray'; readonly load: number; readonly what: SprayAct; readonly words: string }
	/** Something stops the work until its reason is written. */
	| { readonly act: 'stopped'; readonly words: string }
	/** The weather has to be looked at before the first load goes out. */
	| { readonly act: 'weather'; readonly words: string }
	| { readonly act: 'nothing'; readonly words: string };

/** What is typed of a job under way: how far it is, and what is in the tank. */
export interface ProgressText {
	readonly by: TypedDone['by'];
	/** Number of the row that was done last, or ground. */
	readonly done: string;
	readonly left: string;
}

/** Weather that was read longer ago than this is not that of now, ms. */
const freshFor = 2 * 3_600_000;

/** A job as it is mixed and sprayed: its entries, and all that follows from them. */
export class JobRunState {
	readonly head: JobHead;
	readonly settings: FarmSettings;
	readonly units: ReturnType<typeof fieldUnits>;
	readonly #outside: JobRunOutside;
	readonly #log: EntryLog<JobHead, RunEntryBody, RunEntry>;

	/** Its record is sealed: nothing more is taken for it. */
	sealed = $state(false);
	/** A load that somebody looks at besides the one at work; null is that one. */
	looked = $state<number | null>(null);
	problems = $state<Readonly<Record<string, string>>>({});

	constructor(kept: KeptLog<JobHead, RunEntry>, settings: FarmSettings, outside: JobRunOutside) {
		this.head = kept.head;
		this.settings = settings;
		this.units = fieldUnits(settings);
		this.#outside = outside;
		this.#log = new EntryLog(kept, outside, () => (this.sealed ? [{ code: 'closed', path: '' }] : []));
		this.tick();
	}

	/** When somebody last looked, ms: what goes by the clock goes by it. */
	#looked = $state(0);
	/** Lets what goes by the clock follow it. */
	tick(): void {
		this.#looked = this.now();
	}
	/** Wall clock, ms. */
	now(): number {
		return this.#outside.now();
	}
	result: Result<RunOfJob> = $derived.by(() => this.#fold(this.entries));
	#fold(entries: readonly RunEntry[]): Result<RunOfJob> {
		const { job, rate, before } = this.head;
		return runOfJob({ job, rate: rate as VolumePerArea | null, before }, entries);
	}
	run: JobRun | null = $derived(this.result.ok ? this.result.value.run : null);
	read: ReadJob | null = $derived(this.result.ok ? this.result.value.read : null);
	/** The job with what was added to it at the tank. */
	job: TypedJob = $derived.by(() => (this.result.ok ? this.result.value.job : this.head.job));
	get sheet(): PlanSheet | null {
		return this.read?.sheet ?? null;
	}
	/** The load at work. */
	current: RunLoad | null = $derived(this.run?.loads[this.run.at] ?? null);
	/** Loads that nothing was done for yet: what may still be edited. */
	dryLoads: readonly RunLoad[] = $derived.by(() => {
		const loads = this.run?.loads ?? [];
		const begun = loads.filter((l) => l.state !== 'dry').at(-1)?.n ?? 0;
		return loads.filter((l) => l.n > begun);
	});
	/** Asked once, before the first water: whether a marker dye goes in. */
	asksDye: boolean = $derived.by(
		() => this.current?.n === 1 && this.current.next === 0 && !this.sealed && dyeOf(this.entries) === null
	);
	/** The load that is shown. */
	shown: RunLoad | null = $derived.by(
		() => (this.looked !== null ? this.run?.loads[this.looked - 1] : null) ?? this.current
	);

	linesOf(load: RunLoad): readonly MixingLine[] {
		const { run } = this;
		return run ? mixingLines({ ...load, last: load.n === run.loads.length }, this.job, this.settings) : [];
	}
	lines: readonly MixingLine[] = $derived.by(() => (this.shown ? this.linesOf(this.shown) : []));

	/** Stops that stand and that nobody has passed: of the labels, of what was poured, of the hours of the sun. */
	open: readonly Stop[] = $derived.by(() => {
		const { run, read, head } = this;
		if (!run || !read || run.state === 'closed') return [];
		const edits = this.result.ok ? this.result.value.edits : [];
		const stops = [
			...[read, ...edits].flatMap((r) => labelStops(checkJob(r))),
			...pouredOverMax(run.loads, read.sheet)
		];
		return openStops(stops, [...(head.job.passed ?? []), ...run.passed]);
	});
	/**
	 * The weather has to be looked at before a load goes out: before the first one, after a decision to wait, and again in the
	 * hours of an inversion where the last reading is over two hours old.
	 */
	get wantsWeather(): boolean {
		const before = this.run?.weather.before;
		if (before == null || before.decision === 'wait') return true;
		const { head, settings } = this;
		const place = head.place ?? settings.place;
		const old = this.#looked - Date.parse(before.at) > freshFor;
		return old && place !== null && inversionHours(this.#looked / 1000, place);
	}

	/** Passes a stop with its reason. */
	async pass(stop: Stop, reason: string): Promise<boolean> {
		if (reason.trim().length < shortestReason) return false;
		return this.add({ kind: 'pass', code: stop.code, about: stop.about, reason: reason.trim() });
	}

	/** A step of the load at work that was ticked on another device too: asked about before anything goes on. */
	twice: TickedTwice | null = $derived.by(() => this.current?.twice[0] ?? null);
	/** It was done once: the later tick is struck. */
	once = (): Promise<boolean> =>
		this.twice ? this.add({ kind: 'strike', entry: this.twice.second.id }) : Promise.resolve(false);
	/** It was done twice: what went in counts twice. */
	really = (): Promise<boolean> =>
		this.twice ? this.add({ kind: 'twice', tick: this.twice.second.id }) : Promise.resolve(false);
	#tickOf(next: Extract<NextAct, { act: 'tick' }>, poured: Typed | null): RunEntryBody {
		const { by } = this.#outside;
		return { kind: 'tick', load: next.load, step: next.step, poured, ...(by ? { by } : {}) };
	}

	/** What to do next with the load at work. */
	next: NextAct = $derived.by((): NextAct => {
		const load = this.current;
		if (!load || this.run?.state === 'sprayed' || this.run?.state === 'closed')
			return { act: 'nothing', words: m.all_loads_are_out() };
		if (this.open.length > 0 && load.state !== 'spraying' && load.state !== 'paused')
			return { act: 'stopped', words: m.stopped() };
		if (this.twice) return { act: 'stopped', words: m.answer_the_question_first() };
		if (load.state === 'spraying')
			return { act: 'spray', load: load.n, what: 'end', words: m.load_is_out({ n: load.n }) };
		if (load.state === 'paused') return { act: 'spray', load: load.n, what: 'go-on', words: m.continue_spraying() };
		if (load.next === null && this.wantsWeather) return { act: 'weather', words: m.look_at_the_weather_first() };
		if (load.next === null)
			return { act: 'spray', load: load.n, what: 'start', words: m.begin_spraying_load({ n: load.n }) };
		const line = this.linesOf(load)[load.next];
		return { act: 'tick', load: load.n, step: load.next, words: line?.done ?? '' };
	});

	/** What was really poured of the step at work, where it is not what the screen says; what is wrong with it, in words. */
	async pourOther(text: string): Promise<string | null> {
		const { next, current } = this;
		if (next.act !== 'tick' || !current) return null;
		const line = this.linesOf(current)[next.step];
		if (!line?.poured) return null;
		const poured = typed(text, line.poured.unit, this.settings);
		const issue = this.#wrongPour(next.load, next.step, poured, line.poured);
		if (issue) return issue;
		const [lost] = await this.#log.add(this.#tickOf(next, poured));
		return lost ? wordIssue(lost) : null;
	}
	#wrongPour(load: number, step: number, poured: Typed, asked: Typed): string | null {
		const [issue] = checkRunEntry({ kind: 'tick', load, step, poured }, this.sheet!);
		if (issue) return wordIssue(issue);
		const [told, wanted] = [poured, asked].map((t) => readField(fields.poured, t, 'poured'));
		return told?.ok && wanted?.ok && told.value.kind !== wanted.value.kind
			? wordIssue({ code: 'wrong-kind', path: 'poured', text: poured.text, wanted: wanted.value.kind })
			: null;
	}

	/** Does what is next. */
	go(): Promise<boolean> {
		this.tick();
		const { next } = this;
		this.looked = null;
		if (next.act === 'spray') return this.add(this.#sprayed(next.load, next.what));
		if (next.act !== 'tick' || !this.current) return Promise.resolve(false);
		const poured = this.linesOf(this.current)[next.step]?.poured ?? null;
		return this.add(this.#tickOf(next, poured));
	}
	/** Which blocks the load at work goes on, by id, where the job has several; all of them until somebody says. */
	onBlocks = $state<readonly string[]>([]);
	#sprayed(load: number, act: SprayAct): RunEntryBody {
		const some = this.onBlocks.length > 0 && this.onBlocks.length < this.head.job.blocks.length;
		const body: RunEntryBody = {
			kind: 'spray',
			load,
			act,
			...(act === 'end' && some ? { blocks: [...this.onBlocks] } : {})
		};
		if (act === 'end') this.onBlocks = [];
		return body;
	}
	pause = (): Promise<boolean> =>
		this.current ? this.add({ kind: 'spray', load: this.current.n, act: 'pause' }) : Promise.resolve(false);

	/** Takes the newest entry back; nothing is erased by it. */
	undo(): Promise<boolean> {
		const last = this.run?.last;
		this.looked = null;
		return last ? this.add({ kind: 'strike', entry: last.id }) : Promise.resolve(false);
	}

	/** Row from which the rows of this job are counted, where it is one block in one piece. */
	firstRow: number | null = $derived.by(() => {
		const [block, ...others] = this.head.job.blocks;
		if (!this.sheet?.rows || !block || others.length > 0) return null;
		return block.part?.by === 'rows' ? block.part.from : 1;
	});

	/** The row that the load at work was planned to end at, or the ground done by then: what is asked about first. */
	plannedDone: string = $derived.by(() => {
		const { run, sheet, current } = this;
		if (!run || !current || !sheet?.rows) return '';
		const row = sheet.area / sheet.rows.count;
		const done =
			current.rowsBefore === null
				? Math.floor((run.area + current.load.area) / row + 1e-6)
				: current.rowsBefore + current.load.rows!;
		return `${Math.min(sheet.rows.count, Math.max(1, done)) + (this.firstRow ?? 1) - 1}`;
	});

	/** What was typed of the ground, as an entry has it. */
	#done({ by, done }: Pick<ProgressText, 'by' | 'done'>): TypedDone {
		const first = (this.firstRow ?? 1) - 1;
		return by === 'rows'
			? { by, rows: done.trim() === '' ? NaN : Number(done.trim()) - first }
			: { by, area: typed(done, this.units.area, this.settings) };
	}

	/** What is wrong with an entry, in words by its field; rows are told as they are numbered. */
	#told(body: RunEntryBody, { by, done }: Pick<ProgressText, 'by' | 'done'>): Readonly<Record<string, string>> {
		const first = (this.firstRow ?? 1) - 1;
		return Object.fromEntries(
			checkRunEntry(body, this.sheet!).map((issue) => {
				const row = by === 'rows' && issue.path === 'done';
				const bound = row && issue.bound ? { bound: `${Number(issue.bound) + first}` } : {};
				return [issue.path, wordIssue({ ...issue, ...(row ? { text: done, ...bound } : {}) })];
			})
		);
	}

	/** Closes the job: what is done of it, and what is over in the tank. */
	async close(
		text: ProgressText & { readonly remarks: string; readonly ended?: string | undefined }
	): Promise<boolean> {
		if (!this.sheet) return false;
		const body: RunEntryBody = {
			kind: 'close',
			done: this.#done(text),
			left: typed(text.left, this.units.tank, this.settings),
			remarks: text.remarks.trim(),
			...(text.ended ? { ended: text.ended } : {})
		};
		this.problems = { ...this.#told(body, text), ...this.#noEnd(body) };
		return Object.keys(this.problems).length === 0 && this.add(body);
	}

	/** Loads that went out and of which nobody ticked the end: the close asks when the last one was. */
	unended: readonly number[] = $derived.by(() =>
		(this.run?.loads ?? [])
			.filter((l) => l.state !== 'dry' && l.state !== 'mixing' && l.endedAt === null)
			.map((l) => l.n)
	);
	#noEnd(body: RunEntryBody): Readonly<Record<string, string>> {
		const made = this.#fold([...this.entries, this.#asIf(body)]);
		const [issue] = made.ok ? checkClose(made.value.run) : [];
		return issue ? { [issue.path]: wordIssue(issue) } : {};
	}
	/** An entry that is looked at before it is kept. */
	#asIf = (body: RunEntryBody): RunEntry => ({
		...body,
		id: 'as-if',
		seq: Number.MAX_SAFE_INTEGER,
		at: new Date(this.now()).toISOString()
	});
	/** What would come of an entry that is not kept yet: the run with it, or what is wrong. */
	ifAdded(body: RunEntryBody): Result<JobRun> {
		const made = this.#fold([...this.entries, this.#asIf(body)]);
		if (!made.ok) return made;
		const refused = made.value.run.refused.find((r) => r.entry === 'as-if');
		return refused ? bad(...refused.issues) : good(made.value.run);
	}

	/** Keeps how far the job is; what is wrong is told beside its field. */
	async progress({ by, done, left }: ProgressText): Promise<boolean> {
		const { current, sheet } = this;
		if (!current || !sheet) return false;
		const body: RunEntryBody = {
			kind: 'progress',
			load: current.n,
			done: this.#done({ by, done }),
			left: typed(left, this.units.tank, this.settings)
		};
		this.problems = this.#told(body, { by, done });
		const tank = readField(fields.tankReading, body.left, 'left');
		const mixed = this.run!.loads.slice(0, current.n).reduce((sum, l) => sum + l.load.mix, 0);
		if (Object.keys(this.problems).length === 0 && tank.ok && tank.value.value >= mixed)
			this.problems = { left: m.that_is_all_that_was_mixed() };
		if (Object.keys(this.problems).length > 0) return false;
		return this.add(body);
	}

	/** Lets the loads that are left follow the true volume that was seen. */
	follow = (): Promise<boolean> => {
		const seen = this.run?.seen;
		return seen ? this.add({ kind: 'follow', progress: seen.id }) : Promise.resolve(false);
	};

	/** Products of which more went on the ground so far than their label allows, and how many times its maximum. */
	overSoFar: readonly { readonly name: string; readonly ratio: number }[] = $derived.by(() => {
		const { sheet, run } = this;
		const seen = run?.seen;
		if (!sheet || !run || !seen) return [];
		const loads = run.loads.slice(0, seen.load).map((l) => l.poured);
		return productSoFar(loads, seen.left, seen.area).flatMap((on, i) => {
			const { name, max } = sheet.products[i]!;
			const ratio = max ? on / max.perArea : 0;
			return ratio > 1 + 1e-9 ? [{ name, ratio }] : [];
		});
	});

	get entries(): readonly RunEntry[] {
		return this.#log.entries;
	}
	get storeError(): string | null {
		return this.#log.storeError;
	}

	/** Keeps an entry on the device, then lets it be sent. False where it was not kept. */
	async add(body: RunEntryBody): Promise<boolean> {
		return (await this.#log.add(body)).length === 0;
	}

	/** Takes in what another device added. */
	takeIn(entries: readonly RunEntry[], sealed = false): void {
		this.sealed = sealed;
		this.#log.takeIn(entries);
	}
}
