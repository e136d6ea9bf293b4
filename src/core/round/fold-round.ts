import type { RoundMethod } from '../calibration/round-methods';
import type { MadeChange } from '../adjust/change';
import type { TypedAim, TypedChange } from '../adjust/change';
import type { AnySheet, OtherSide } from '../calibration/sheet';
import type { Typed } from '../quantity/typed';
import type {
	CatchReason,
	Entry,
	NotedThing,
	RigCheck,
	SwathSchool,
	TankReading,
	TypedCanopy,
	TypedGround,
	TypedUsed
} from './entries';
import { inOrder } from './in-order';
import type { TypedBand } from './rig';

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

export interface TankTake {
	readonly id: string;
	readonly reading: TypedUsed;
	readonly struck: boolean;
}

export type SignOff = Extract<Entry, { kind: 'sign-off' }>;
export type Track = Extract<Entry, { kind: 'track' }>;
export type Pans = Pick<Extract<Entry, { kind: 'pans' }>, 'spacing' | 'count' | 'driving' | 'maxCv'>;

/** A round as it stands: what its entries come to. */
export interface Round {
	readonly ticks: ReadonlySet<RigCheck>;
	/** undefined: nobody has picked one; the kind's usual way. */
	readonly method: RoundMethod | undefined;
	readonly person: string;
	readonly course: Typed | null;
	readonly runs: readonly Run[];
	readonly dial: Typed | null;
	readonly track: Track | null;
	/** Sections that are off, from 0. */
	readonly off: readonly number[];
	/** Sizes that were told in this calibration, by nozzle; null: one size; undefined: as the sprayer has it. */
	readonly groups: readonly string[] | null | undefined;
	readonly wetted: Typed | null;
	/** Nobody taped it. */
	readonly wettedGuessed: boolean;
	readonly school: { readonly school: SwathSchool; readonly share?: number; readonly length?: Typed } | null;
	readonly pans: Pans | null;
	/** Catch of each pan, from 1. */
	readonly panCatches: ReadonlyMap<number, Typed>;
	readonly height: Typed | null;
	readonly rows: { readonly spacing: Typed; readonly alleys: 'every' | 'second' } | null;
	/** Whether the other side of a row is sprayed too, by the setting or an entry; null: nobody has said. */
	readonly otherSide: OtherSide | null;
	/** undefined: as the rig has it; null: over the whole width. */
	readonly band: TypedBand | null | undefined;
	readonly canopy: TypedCanopy | null;
	/** Share of the canopy in each third of its height, bottom to top. */
	readonly canopyShares: readonly [number, number, number] | null;
	readonly jug: Typed | null;
	readonly gauge: Typed | null;
	/** undefined: nobody has said; null: as long as the course took. */
	readonly catchTime: Typed | null | undefined;
	readonly nozzles: ReadonlyMap<number, NozzleTakes>;
	readonly plot: TypedGround | null;
	readonly plotRuns: readonly Run[];
	readonly tankBy: TankReading;
	readonly used: readonly TankTake[];
	/** undefined or null: as long as the course took. */
	readonly parkedTime: Typed | null;
	readonly notes: ReadonlyMap<NotedThing, string>;
	readonly aim: TypedAim | null;
	readonly change: TypedChange | null;
	readonly sheet: AnySheet | null;
	readonly signOff: SignOff | null;
}

/** What a setting says of a round before its first entry: sections that are shut, and the other side of a row. */
export interface RoundStart {
	readonly off?: readonly number[] | undefined;
	readonly otherSide?: OtherSide | undefined;
	/** What was changed before: a calibration that checks it begins as the one before it was made. */
	readonly change?: Pick<MadeChange, 'aim' | 'carried'> | undefined;
}

/** A round while its entries are gone through. */
type Growing = {
	-readonly [K in keyof Round]: Round[K] extends ReadonlyMap<infer A, infer B>
		? Map<A, B>
		: Round[K] extends ReadonlySet<infer T>
			? Set<T>
			: Round[K];
};

const nothing = ({ off: usual = [], otherSide, change }: RoundStart): Growing => ({
	ticks: new Set(),
	method: change?.carried?.method,
	person: '',
	course: change?.carried?.course ?? null,
	groups: undefined,
	runs: [],
	dial: null,
	track: null,
	off: change?.carried?.off ?? usual,
	wetted: null,
	wettedGuessed: false,
	school: null,
	pans: null,
	panCatches: new Map(),
	height: null,
	rows: change?.carried?.rows ?? null,
	otherSide: change?.carried?.otherSide ?? otherSide ?? null,
	band: undefined,
	canopy: null,
	canopyShares: null,
	jug: null,
	gauge: null,
	catchTime: undefined,
	nozzles: new Map(),
	plot: null,
	plotRuns: [],
	tankBy: 'dip',
	used: [],
	parkedTime: null,
	notes: new Map(),
	aim: change?.carried ? change.aim : null,
	change: null,
	sheet: null,
	signOff: null
});

/**
 * Works a round out from its entries. The order of arrival and doubles do not matter; nothing after the sign-off counts.
 * `start`: what the round's setting says, until an entry says otherwise.
 */
export function foldRound(entries: readonly Entry[], start: RoundStart = {}): Round {
	const round = nothing(start);
	const seen = new Set<string>();
	for (const entry of inOrder(entries)) {
		if (round.signOff) break;
		if (seen.has(entry.id)) continue;
		seen.add(entry.id);
		take(round, entry);
	}
	return round;
}

function take(round: Growing, entry: Entry): void {
	switch (entry.kind) {
		case 'tick':
			if (entry.done) round.ticks.add(entry.check);
			else round.ticks.delete(entry.check);
			return;
		case 'method':
			round.method = entry.method;
			return;
		case 'person':
			round.person = entry.name;
			return;
		case 'course':
			round.course = entry.length;
			return;
		case 'run':
			round.runs = [...round.runs, runOf(entry)];
			return;
		case 'plot-run':
			round.plotRuns = [...round.plotRuns, runOf(entry)];
			return;
		case 'strike':
			strike(round, entry.entry);
			return;
		case 'dial':
			round.dial = entry.speed;
			return;
		case 'track':
			round.track = entry;
			return;
		case 'sections':
			round.off = entry.off;
			return;
		case 'wetted':
			round.wetted = entry.width;
			round.wettedGuessed = entry.estimated ?? false;
			return;
		case 'school':
			round.school = entry;
			return;
		case 'pans':
			round.pans = entry;
			return;
		case 'pan':
			round.panCatches.set(entry.pan, entry.amount);
			return;
		case 'height':
			round.height = entry.height;
			return;
		case 'rows':
			round.rows = { spacing: entry.spacing, alleys: entry.alleys };
			round.otherSide = entry.otherSide ?? round.otherSide;
			return;
		case 'band':
			round.band = entry.band;
			return;
		case 'canopy':
			round.canopy = entry.canopy;
			return;
		case 'canopy-shares':
			round.canopyShares = entry.shares;
			return;
		case 'groups':
			round.groups = entry.groups;
			return;
		case 'jug':
			round.jug = entry.graduation;
			return;
		case 'gauge':
			round.gauge = entry.pressure;
			return;
		case 'catch-time':
			round.catchTime = entry.time;
			return;
		case 'catch':
			round.nozzles.set(entry.nozzle, withTake(round.nozzles.get(entry.nozzle), entry));
			return;
		case 'not-caught': {
			const before = round.nozzles.get(entry.nozzle)?.takes ?? [];
			const takes = before.map((t) => ({ ...t, counts: false }));
			round.nozzles.set(entry.nozzle, { nozzle: entry.nozzle, takes, passedOver: true });
			return;
		}
		case 'plot':
			round.plot = entry.ground;
			return;
		case 'tank-by':
			round.tankBy = entry.how;
			return;
		case 'used':
			round.used = [...round.used, { id: entry.id, reading: entry.reading, struck: false }];
			return;
		case 'parked-time':
			round.parkedTime = entry.time;
			return;
		case 'noted':
			round.notes.set(entry.what, entry.text);
			return;
		case 'aim':
			round.aim = entry.aim;
			return;
		case 'change':
			round.change = entry.change;
			return;
		case 'sheet':
			round.sheet = entry.sheet;
			return;
		case 'sign-off':
			round.signOff = entry;
			if (entry.pressure) round.gauge = entry.pressure;
	}
}

const runOf = (entry: Extract<Entry, { kind: 'run' | 'plot-run' }>): Run => ({
	id: entry.id,
	time: entry.time,
	by: entry.by,
	struck: false
});

function strike(round: Growing, id: string): void {
	const struck = <T extends { readonly id: string }>(list: readonly T[]): T[] =>
		list.map((one) => (one.id === id ? { ...one, struck: true } : one));
	round.runs = struck(round.runs);
	round.plotRuns = struck(round.plotRuns);
	round.used = struck(round.used);
	if (round.track?.id === id) round.track = null;
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
