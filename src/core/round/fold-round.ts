import type { Typed } from '../quantity/typed';
import type { CatchReason, Entry, RigCheck } from './entries';

export interface Run {
	readonly id: string;
	readonly time: Typed;
	readonly by: 'stopwatch' | 'typed';
	readonly struck: boolean;
}

/** One catch of one nozzle. All that ever was typed stays; `counts` says whether it is part of the answer. */
export interface Take {
	readonly id: string;
	readonly at: string;
	readonly amount: Typed;
	readonly why: CatchReason;
	readonly counts: boolean;
}

export interface NozzleTakes {
	readonly nozzle: number;
	readonly takes: readonly Take[];
	/** The operator said that this nozzle will not be caught. */
	readonly passedOver: boolean;
}

export type SignOff = Extract<Entry, { kind: 'sign-off' }>;

/** A round as it stands: what its entries come to. */
export interface Round {
	readonly ticks: ReadonlySet<RigCheck>;
	readonly course: Typed | null;
	readonly runs: readonly Run[];
	readonly dial: Typed | null;
	/** Sections that are off, from 0. */
	readonly off: readonly number[];
	readonly jug: Typed | null;
	readonly gauge: Typed | null;
	/** undefined: nobody has said; null: as long as the course took. */
	readonly catchTime: Typed | null | undefined;
	readonly nozzles: ReadonlyMap<number, NozzleTakes>;
	readonly signOff: SignOff | null;
}

/** Entries in the order in which they were made: by place in the round, then by id where two devices wrote. */
export const inOrder = (entries: readonly Entry[]): Entry[] =>
	[...entries].sort((a, b) => a.seq - b.seq || (a.id < b.id ? -1 : a.id > b.id ? 1 : 0));

/**
 * Works a round out from its entries. The order of arrival and doubles do not matter; nothing after the sign-off counts.
 */
export function foldRound(entries: readonly Entry[]): Round {
	const ticks = new Set<RigCheck>();
	const nozzles = new Map<number, NozzleTakes>();
	const seen = new Set<string>();
	let runs: Run[] = [];
	let course: Typed | null = null;
	let dial: Typed | null = null;
	let off: readonly number[] = [];
	let jug: Typed | null = null;
	let gauge: Typed | null = null;
	let catchTime: Typed | null | undefined;
	let signOff: SignOff | null = null;
	for (const entry of inOrder(entries)) {
		if (signOff) break;
		if (seen.has(entry.id)) continue;
		seen.add(entry.id);
		switch (entry.kind) {
			case 'tick':
				if (entry.done) ticks.add(entry.check);
				else ticks.delete(entry.check);
				break;
			case 'course':
				course = entry.length;
				break;
			case 'run':
				runs = [...runs, { id: entry.id, time: entry.time, by: entry.by, struck: false }];
				break;
			case 'strike':
				runs = runs.map((run) => (run.id === entry.entry ? { ...run, struck: true } : run));
				break;
			case 'dial':
				dial = entry.speed;
				break;
			case 'sections':
				off = entry.off;
				break;
			case 'jug':
				jug = entry.graduation;
				break;
			case 'gauge':
				gauge = entry.pressure;
				break;
			case 'catch-time':
				catchTime = entry.time;
				break;
			case 'catch':
				nozzles.set(entry.nozzle, withTake(nozzles.get(entry.nozzle), entry));
				break;
			case 'not-caught': {
				const before = nozzles.get(entry.nozzle)?.takes ?? [];
				const takes = before.map((t) => ({ ...t, counts: false }));
				nozzles.set(entry.nozzle, { nozzle: entry.nozzle, takes, passedOver: true });
				break;
			}
			case 'sign-off':
				signOff = entry;
				gauge = entry.pressure;
		}
	}
	return { ticks, course, runs, dial, off, jug, gauge, catchTime, nozzles, signOff };
}

/**
 * To be sure: both count. A slip of the finger: the last take stops counting, those before it stay. After a change: only
 * what comes from now on counts.
 */
function withTake(before: NozzleTakes | undefined, entry: Extract<Entry, { kind: 'catch' }>): NozzleTakes {
	const older = before?.takes ?? [];
	const lastCounted = older.map((t) => t.counts).lastIndexOf(true);
	const kept = older.map((take, i): Take => {
		if (entry.why === 'sure') return take;
		if (entry.why === 'slip') return i === lastCounted ? { ...take, counts: false } : take;
		return { ...take, counts: false };
	});
	const take: Take = { id: entry.id, at: entry.at, amount: entry.amount, why: entry.why, counts: true };
	return { nozzle: entry.nozzle, takes: [...kept, take], passedOver: false };
}
