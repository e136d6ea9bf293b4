import { secondsAt } from '../jobs/seconds-at';
import type { MixingClass, MixingStep } from '../loads/mixing-order';
import { mixingOrder } from '../loads/mixing-order';
import type { LabelFill } from '../loads/mixing-order';
import type { Load } from '../loads/plan-loads';
import type { PlanSheet } from '../loads/sheet';
import type { Typed } from '../quantity/typed';
import type { TrueVolume } from '../loads/true-volume';
import { trueVolume } from '../loads/true-volume';
import type { Entered } from '../quantity/entered';
import { entered, mayEnter, quantityOf } from '../quantity/entered';
import { fields } from '../quantity/fields';
import type { Issue, Result } from '../quantity/issue';
import { good } from '../quantity/issue';
import type { Area, Volume } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import { inOrder } from '../calibration-log/in-order';
import type { PassedStop } from '../safety/rules';
import type { RunEntry } from './entries';
import { containerRinse, pouredLoad } from './poured-load';
import { productSoFar } from './product-so-far';
import type { Seen, WithDoses } from './standing-loads';
import { doneArea, standingLoads } from './standing-loads';

/** How each product of a job mixes, in the order of the job's products. */
export interface Mixing {
	readonly mixes: MixingClass;
	readonly fill?: LabelFill | undefined;
	/** As the job was planned. */
	readonly dose?: Typed | undefined;
}

export type JobState = 'planned' | 'under-way' | 'sprayed' | 'closed';

export type WeatherEntry = Extract<RunEntry, { kind: 'weather' }>;
export type CloseEntry = Extract<RunEntry, { kind: 'close' }>;

/** A job at its end: the true volume over all of it. */
export interface Closed {
	readonly entry: CloseEntry;
	readonly area: Area;
	/** Litres over, m³. */
	readonly left: Volume;
	/** Null where nothing was sprayed. */
	readonly volume: TrueVolume | null;
	/** What went on of each product in all by what was poured, in the order of the job's products, m³ or kg. */
	readonly used: readonly number[];
	/** When the last load was out, ISO 8601; null where nothing was sprayed or nobody told. */
	readonly endedAt: string | null;
}

export interface StepDone {
	readonly id: string;
	readonly at: string;
	/** What went in, as it was measured; null where the tick says no amount. */
	readonly poured: Entered<'volume' | 'mass'> | null;
	/** What went in besides, where somebody said that it was done more than once. */
	readonly again: readonly (Entered<'volume' | 'mass'> | null)[];
}

/** A step that was ticked on two devices, of which nobody has said yet whether it was done once or twice. */
export interface TickedTwice {
	readonly load: number;
	readonly step: number;
	readonly first: TickEntry;
	readonly second: TickEntry;
}
export type TickEntry = Extract<RunEntry, { kind: 'tick' }>;

export interface RunLoad {
	/** From 1. */
	readonly n: number;
	readonly load: Load;
	/** What it is planned from: the job's own sheet until its doses are edited. */
	readonly sheet: PlanSheet;
	/** Doses of the job's products in it; null is left out. */
	readonly doses: readonly (Typed | null | undefined)[];
	/** The same with what was really poured, as far as it was ticked: what is on the ground comes from it. */
	readonly poured: Load;
	/** Every product of it was ticked with its amount. */
	readonly measured: boolean;
	/** Ids of the blocks that it went on; null: all of the job's, as far as anybody said. */
	readonly blocks: readonly string[] | null;
	/** Rows of the job that are done before it; null where loads do not end at row ends. */
	readonly rowsBefore: number | null;
	readonly steps: readonly MixingStep[];
	/** Of each step; null while it is not done. */
	readonly done: readonly (StepDone | null)[];
	/** Steps that were ticked on two devices, and wait for an answer. */
	readonly twice: readonly TickedTwice[];
	/** First step that is not done; null where all are. */
	readonly next: number | null;
	readonly state: 'dry' | 'mixing' | 'mixed' | 'spraying' | 'paused' | 'out';
	readonly startedAt: string | null;
	readonly endedAt: string | null;
}

export interface JobRun {
	readonly loads: readonly RunLoad[];
	/** Place of the load that is worked on: the first that is not out; the last where all are. */
	readonly at: number;
	/** The newest reading of tank and ground that counts. */
	readonly seen: Seen | null;
	/** Ground that is done, as far as it is known. */
	readonly area: Area;
	/** All ground of the job, less what an edit of its remaining loads took off. */
	readonly ground: Area;
	/** Mix that is still to be sprayed, in the tank and to be mixed. */
	readonly left: Volume;
	readonly state: JobState;
	/** The newest entry that still counts: what an undo takes back. */
	readonly last: RunEntry | null;
	/** Stops that were passed while it went on, with their reasons. */
	readonly passed: readonly PassedStop[];
	/** The newest of each; null where nobody told it. */
	readonly weather: { readonly before: WeatherEntry | null; readonly end: WeatherEntry | null };
	readonly closed: Closed | null;
	/** Edits of remaining loads, and dyes, that cannot be mixed as they were typed: they change nothing. */
	readonly refused: readonly { readonly entry: string; readonly issues: readonly Issue[] }[];
}

/**
 * A job under way, from its plan and all that happened; struck entries do not count, and what belongs to no load or step
 * of the plan is passed over. The same entries in any order come to the same.
 *
 * withDoses: the job's plan with other doses, for edits of its remaining loads; without it those change no dose.
 *
 * Errors: those of `planLoads`.
 */
export function foldRun(
	sheet: PlanSheet,
	mixing: readonly Mixing[],
	entries: readonly RunEntry[],
	withDoses: WithDoses = () => good(sheet)
): Result<JobRun> {
	const all = inOrder(entries);
	const struck = new Set(all.flatMap((e) => (e.kind === 'strike' ? [e.entry] : [])));
	const kept = all.filter((e) => !struck.has(e.id));
	const standing = standingLoads(
		sheet,
		mixing.map((m) => m.dose),
		kept,
		withDoses
	);
	if (!standing.ok) return standing;
	const { loads, restarts, seen, ground, refused } = standing.value;
	let rows: number | null = 0;
	const run = loads.map(({ load, sheet: from, doses }, i) => {
		rows = restarts.get(i) ?? rows;
		const rowsBefore = load.rows === null ? null : rows;
		rows = rowsBefore === null ? null : rowsBefore + load.rows!;
		return { ...runLoad(i + 1, load, rowsBefore, mixing, kept, from), sheet: from, doses };
	});
	const first = run.findIndex((l) => l.state !== 'out');
	const at = first < 0 ? run.length - 1 : first;
	const weatherOf = (when: WeatherEntry['when']) =>
		kept.filter((e): e is WeatherEntry => e.kind === 'weather' && e.when === when).at(-1) ?? null;
	const close = kept.filter((e): e is CloseEntry => e.kind === 'close').at(-1);
	const closed = close ? closeOf(sheet, run, close) : null;
	return good({
		loads: run,
		at,
		seen,
		area: si<'area'>(Math.min(sheet.area, groundDone(run, seen))),
		ground,
		left: mixLeft(run, seen),
		state: closed ? 'closed' : first < 0 ? 'sprayed' : run.some((l) => l.state !== 'dry') ? 'under-way' : 'planned',
		last: kept.filter((e) => e.kind !== 'strike' && e.kind !== 'record').at(-1) ?? null,
		passed: kept.flatMap((e) => (e.kind === 'pass' ? [{ code: e.code, about: e.about, reason: e.reason }] : [])),
		weather: { before: weatherOf('before'), end: weatherOf('end') },
		closed,
		refused
	});
}

/** Ground done, m²: by the newest reading, what its tank went on to cover, and the loads after it; else by the plan. */
function groundDone(run: readonly RunLoad[], seen: Seen | null): number {
	const after = run
		.filter((l) => l.state === 'out' && l.n > (seen?.load ?? 0))
		.reduce((sum, l) => sum + l.load.area, 0);
	if (!seen) return after;
	const emptied = run[seen.load - 1]?.state === 'out';
	return seen.area + (emptied ? seen.left / seen.volume.rate : 0) + after;
}

/** The end of a job: all that was mixed of the loads that went out, less what is over, on the ground that was done. */
function closeOf(sheet: PlanSheet, run: readonly RunLoad[], entry: CloseEntry): Closed | null {
	const left = quantityOf(entered(fields.tankReading, entry.left));
	const area = doneArea(sheet, entry.done);
	const gone = run.filter((l) => l.state !== 'dry' && l.state !== 'mixing');
	const out = gone.map((l) => l.poured);
	if (left === null || area === null) return null;
	const mixed = out.reduce((sum, l) => sum + l.mix, 0);
	const over = Math.min(left, mixed);
	const perGround = si<'volumePerArea'>(sheet.rate * (sheet.sprayedShare ?? 1));
	return {
		entry,
		area,
		left: si<'volume'>(over),
		volume: trueVolume(si<'volume'>(mixed), si<'volume'>(over), area, sheet.area, perGround),
		used:
			out.length === 0 ? sheet.products.map(() => 0) : productSoFar(out, si<'volume'>(over), area).map((p) => p * area),
		endedAt: gone.length === 0 ? null : lastEnd(gone, entry.ended)
	};
}

/** The latest of the ends that were told; null while a load that went out has none and nobody said when. */
function lastEnd(gone: readonly RunLoad[], told: string | undefined): string | null {
	const ends = gone.map((l) => l.endedAt);
	if (told === undefined && ends.includes(null)) return null;
	return [...ends, told ?? null].reduce<string | null>(
		(last, at) => (at !== null && (last === null || secondsAt(at) > secondsAt(last)) ? at : last),
		null
	);
}

/** What is in the tank of the load at work, and what is to be mixed after it. */
function mixLeft(run: readonly RunLoad[], seen: Seen | null): Volume {
	const left = run.reduce((sum, l) => {
		if (l.state === 'out') return sum;
		return sum + (seen?.load === l.n ? seen.left : l.load.mix);
	}, 0);
	return si<'volume'>(left);
}

function runLoad(
	n: number,
	load: Load,
	rowsBefore: number | null,
	mixing: readonly Mixing[],
	entries: readonly RunEntry[],
	sheet: PlanSheet
): Omit<RunLoad, 'sheet' | 'doses'> {
	const steps = mixingOrder(
		load.mix,
		mixing.map((m, i) => {
			const amount = load.products[i];
			const out = amount?.amount === 0;
			if (amount?.kind !== 'volume') return { ...m, takesUp: 0, out };
			return { ...m, out, takesUp: amount.amount, rinse: containerRinse(amount, sheet.products[i]?.pack) };
		})
	);
	const done: (StepDone | null)[] = steps.map(() => null);
	const told = new Set(entries.flatMap((e) => (e.kind === 'twice' ? [e.tick] : [])));
	const twice: TickedTwice[] = [];
	steps.forEach((_, step) => {
		const ticks = entries.filter((e): e is TickEntry => e.kind === 'tick' && e.load === n && e.step === step);
		const [first, ...more] = ticks;
		if (!first) return;
		const poured = (tick: TickEntry) => mayEnter(fields.poured, tick.poured);
		const again = more.filter((tick) => told.has(tick.id)).map(poured);
		done[step] = { id: first.id, at: first.at, poured: poured(first), again };
		const second = more.find((tick) => !told.has(tick.id));
		if (second) twice.push({ load: n, step, first, second });
	});
	let spray: 'start' | 'pause' | 'go-on' | 'end' | null = null;
	let startedAt: string | null = null;
	let endedAt: string | null = null;
	let blocks: readonly string[] | null = null;
	for (const e of entries) {
		if (e.kind !== 'spray' || e.load !== n) continue;
		spray = e.act;
		if (e.act === 'start') startedAt ??= e.at;
		if (e.blocks && e.blocks.length > 0) blocks = e.blocks;
		endedAt = e.act === 'end' ? e.at : null;
	}
	const next = done.indexOf(null);
	const mixed = next < 0 ? 'mixed' : next > 0 || done.some(Boolean) ? 'mixing' : 'dry';
	const state = spray === null ? mixed : spray === 'end' ? 'out' : spray === 'pause' ? 'paused' : 'spraying';
	const { poured, measured } = pouredLoad(load, steps, done);
	return {
		n,
		load,
		poured,
		measured,
		blocks,
		rowsBefore,
		steps,
		done,
		twice,
		next: next < 0 ? null : next,
		state,
		startedAt,
		endedAt
	};
}
