import type { CalibrationBefore } from '../adjust/expected-after';
import type { CalibrationMethod } from '../calibration/calibration-methods';
import type { CarriedReadings, MadeChange, TypedAim, TypedChange } from '../adjust/change';
import type { AnySheet, OtherSide } from '../calibration/sheet';
import type { Entered } from '../quantity/entered';
import { entered, mayEnter } from '../quantity/entered';
import { fields } from '../quantity/fields';
import type {
	AnyCheck,
	CatchReason,
	ChangedThing,
	DialCheck,
	Entry,
	EntryKind,
	NotedThing,
	SwathSchool,
	TankReading
} from './entries';
import type { EnteredBand, EnteredCanopy, EnteredGround, EnteredUsed } from './entered-parts';
import { enteredUsed } from './entered-used';
import { enteredGround } from './entered-ground';
import { enteredCanopy } from './entered-canopy';
import { enteredBand } from './entered-band';
import { inOrder } from './in-order';
import { quickEntries } from './quick-entries';
import { struckEntries } from './struck-entries';

export interface Run {
	readonly id: string;
	readonly time: Entered<'time'>;
	readonly by: 'stopwatch' | 'typed';
	readonly struck: boolean;
}

/** One catch of one nozzle. All that ever was typed stays; `counts` says whether it is part of the answer. */
export interface Take {
	readonly id: string;
	readonly at: string;
	readonly amount: Entered<'volume' | 'mass' | 'flow'>;
	readonly why: CatchReason;
	readonly counts: boolean;
	/** Taken back: a touch that slipped. It stays on record and counts nothing. */
	readonly struck?: boolean | undefined;
}

export interface NozzleTakes {
	readonly nozzle: number;
	readonly takes: readonly Take[];
	/** The operator said that this nozzle will not be caught. */
	readonly passedOver: boolean;
}

/** What several nozzles gave into one vessel. `counts`: none of them was caught again since. */
export interface BucketTake {
	readonly id: string;
	readonly nozzles: readonly number[];
	readonly amount: Entered<'volume' | 'mass'>;
	/** How finely the vessel is marked; null: nobody said, so it counts as the jug does. */
	readonly marked: Entered<'volume'> | null;
	readonly counts: boolean;
	readonly struck: boolean;
}

export interface TankTake {
	readonly id: string;
	readonly reading: EnteredUsed;
	readonly struck: boolean;
}

export type SignOff = Extract<Entry, { kind: 'sign-off' }>;
export type Track = Extract<Entry, { kind: 'track' }>;
export type Pans = Pick<Extract<Entry, { kind: 'pans' }>, 'count' | 'driving' | 'maxCv'> & {
	readonly spacing: Entered<'length'>;
};

/** A calibration as it stands: what its entries come to. */
export interface FoldedCalibration {
	readonly ticks: ReadonlySet<AnyCheck>;
	/** undefined: nobody has picked one; the kind's usual way. */
	readonly method: CalibrationMethod | undefined;
	readonly person: string;
	readonly course: Entered<'length'> | null;
	readonly runs: readonly Run[];
	readonly dial: Entered<'speed'> | null;
	/** A speed that was told, not measured. */
	readonly stated: {
		readonly speed: Entered<'speed'>;
		readonly checked: boolean;
		/** What it showed at a measured speed, m/s. */
		readonly correction: (Omit<DialCheck, 'dial'> & { readonly dial: Entered<'speed'> }) | null;
	} | null;
	readonly track: Track | null;
	/** Sections that are off, from 0. */
	readonly off: readonly number[];
	/** Sizes that were told in this calibration, by nozzle; null: one size; undefined: as the sprayer has it. */
	readonly groups: readonly string[] | null | undefined;
	readonly wetted: Entered<'length'> | null;
	/** Nobody taped it. */
	readonly wettedGuessed: boolean;
	readonly school: {
		readonly school: SwathSchool;
		readonly share?: number;
		readonly length?: Entered<'length'>;
	} | null;
	readonly pans: Pans | null;
	/** Catch of each pan, from 1. */
	readonly panCatches: ReadonlyMap<number, Entered<'volume'>>;
	readonly height: Entered<'length'> | null;
	readonly rows: { readonly spacing: Entered<'length'>; readonly alleys: 'every' | 'second' } | null;
	/** Whether the other side of a row is sprayed too, by the setting or an entry; null: nobody has said. */
	readonly otherSide: OtherSide | null;
	/** undefined: as the sprayer has it; null: over the whole width. */
	readonly band: EnteredBand | null | undefined;
	readonly canopy: EnteredCanopy | null;
	/** Share of the canopy in each third of its height, bottom to top. */
	readonly canopyShares: readonly [number, number, number] | null;
	readonly jug: Entered<'volume'> | null;
	readonly gauge: Entered<'pressure'> | null;
	/** undefined: nobody has said; null: as long as the course took. */
	readonly catchTime: Entered<'time'> | null | undefined;
	readonly nozzles: ReadonlyMap<number, NozzleTakes>;
	readonly buckets: readonly BucketTake[];
	/** Catches of a few seconds, for evenness only; null: none. */
	readonly quick: Pick<FoldedCalibration, 'nozzles' | 'catchTime' | 'buckets'> | null;
	readonly plot: EnteredGround | null;
	readonly plotRuns: readonly Run[];
	readonly tankBy: TankReading;
	readonly used: readonly TankTake[];
	/** undefined or null: as long as the course took. */
	readonly parkedTime: Entered<'time'> | null;
	readonly notes: ReadonlyMap<NotedThing, string>;
	readonly aim: TypedAim | null;
	readonly change: TypedChange | null;
	/** The calibration that readings were carried from; null: all of it is its own. */
	readonly carried: {
		readonly from: string;
		readonly day: string;
		readonly changed: readonly ChangedThing[];
		readonly before: CalibrationBefore | null;
	} | null;
	readonly sheet: AnySheet | null;
	readonly signOff: SignOff | null;
	/** Its last entry threw it away. */
	readonly discarded: boolean;
}

/** What a setting says of a calibration before its first entry: sections that are shut, and the other side of a row. */
export interface CalibrationStart {
	readonly off?: readonly number[] | undefined;
	readonly otherSide?: OtherSide | undefined;
	/** What was changed before: a calibration that checks it begins as the one before it was made. */
	readonly change?: Pick<MadeChange, 'aim' | 'carried'> | undefined;
}

/** A calibration while its entries are gone through. */
type Growing = {
	-readonly [K in keyof FoldedCalibration]: FoldedCalibration[K] extends ReadonlyMap<infer A, infer B>
		? Map<A, B>
		: FoldedCalibration[K] extends ReadonlySet<infer T>
			? Set<T>
			: FoldedCalibration[K];
};

const nothing = ({ off: usual = [], otherSide, change }: CalibrationStart): Growing => ({
	ticks: new Set(),
	method: change?.carried?.method,
	person: '',
	course: mayEnter(fields.course, change?.carried?.course),
	groups: undefined,
	runs: [],
	dial: null,
	stated: null,
	track: null,
	off: change?.carried?.off ?? usual,
	wetted: null,
	wettedGuessed: false,
	school: null,
	pans: null,
	panCatches: new Map(),
	height: null,
	rows: change?.carried?.rows ? enteredRows(change.carried.rows) : null,
	otherSide: change?.carried?.otherSide ?? otherSide ?? null,
	band: undefined,
	canopy: null,
	canopyShares: null,
	jug: null,
	gauge: null,
	catchTime: undefined,
	carried: null,
	nozzles: new Map(),
	buckets: [],
	quick: null,
	plot: null,
	plotRuns: [],
	tankBy: 'dip',
	used: [],
	parkedTime: null,
	notes: new Map(),
	aim: change?.carried ? change.aim : null,
	change: null,
	sheet: null,
	signOff: null,
	discarded: false
});

/**
 * Works a calibration out from its entries. The order of arrival and doubles do not matter; nothing after the sign-off counts.
 * `start`: what the calibration's setting says, until an entry says otherwise.
 * @example
 * const take = (n, text) => ({ kind: 'catch', nozzle: 1, amount: { text, unit: 'ml', gallon: 'US' }, why: 'first', id: `e${n}`, seq: n, at: `2026-03-20T08:00:0${n}Z` });
 * foldCalibration([take(2, '598'), take(1, '602'), take(2, '598')]).nozzles.get(1).takes.map((t) => t.amount.typed.text) // => ["602","598"]
 */
export function foldCalibration(entries: readonly Entry[], start: CalibrationStart = {}): FoldedCalibration {
	const calibration = nothing(start);
	const seen = new Set<string>();
	const undone = struckEntries(entries);
	if (entries.some((e) => e.kind === 'quick')) {
		const { nozzles, catchTime } = foldCalibration(quickEntries(entries), start);
		calibration.quick = { nozzles, catchTime, buckets: [] };
	}
	for (const entry of inOrder(entries)) {
		if (calibration.signOff) break;
		if (seen.has(entry.id)) continue;
		seen.add(entry.id);
		calibration.discarded = entry.kind === 'discard';
		if (entry.kind === 'strike' && undone.has(entry.id)) continue;
		// A bucket that is struck leaves the catches of before as they were.
		if (entry.kind === 'bucket' && undone.has(entry.id))
			calibration.buckets = [...calibration.buckets, { ...bucketOf(entry), counts: false, struck: true }];
		else take(calibration, entry);
	}
	return calibration;
}

const enteredRows = ({ spacing, alleys }: NonNullable<CarriedReadings['rows']>) => ({
	spacing: entered(fields.swath, spacing),
	alleys
});

type EntryOf<K extends EntryKind> = Extract<Entry, { kind: K }>;

/** What each kind of entry does to a calibration. What it brings is read here, and nowhere after. */
const takes: { readonly [K in EntryKind]: (calibration: Growing, entry: EntryOf<K>) => void } = {
	tick: (calibration, { check, done }) => void (done ? calibration.ticks.add(check) : calibration.ticks.delete(check)),
	method: (calibration, { method }) => void (calibration.method = method),
	person: (calibration, { name }) => void (calibration.person = name),
	course: (calibration, { length }) => void (calibration.course = entered(fields.course, length)),
	run: (calibration, entry) => void (calibration.runs = [...calibration.runs, runOf(entry)]),
	'plot-run': (calibration, entry) => void (calibration.plotRuns = [...calibration.plotRuns, runOf(entry)]),
	carry: (calibration, { from, day, changed, entries, before }) => {
		// As it was noted, in SI.
		calibration.carried = { from, day, changed, before: (before ?? null) as CalibrationBefore | null };
		// In the order that they are carried in; a signature is never one of them.
		for (const entry of entries) if (entry.kind !== 'sign-off' && entry.kind !== 'carry') take(calibration, entry);
	},
	strike: (calibration, { entry }) => strike(calibration, entry),
	// Groups and shut sections were told of the nozzles as they were counted before.
	rig: (calibration, { rig: sprayer }) => {
		calibration.groups = undefined;
		calibration.off = calibration.off.filter((section) => section < sprayer.sections.length);
	},
	// What follows it brings the calibration back, so the walk through the entries sets it.
	discard: () => undefined,
	dial: (calibration, { speed }) => void (calibration.dial = entered(fields.dial, speed)),
	'stated-speed': (calibration, { speed, checked, correction }) =>
		void (calibration.stated = speed && {
			speed: entered(fields.dial, speed),
			checked,
			correction: correction ? { ...correction, dial: entered(fields.dial, correction.dial) } : null
		}),
	track: (calibration, entry) => void (calibration.track = entry),
	sections: (calibration, { off }) => void (calibration.off = off),
	wetted: (calibration, { width, estimated = false }) => {
		calibration.wetted = entered(fields.swath, width);
		calibration.wettedGuessed = estimated;
	},
	school: (calibration, { school, share, length }) =>
		void (calibration.school = {
			school,
			...(share === undefined ? {} : { share }),
			...(length ? { length: entered(fields.swath, length) } : {})
		}),
	pans: (calibration, { spacing, count, driving, maxCv }) =>
		void (calibration.pans = { spacing: entered(fields.swath, spacing), count, driving, maxCv }),
	pan: (calibration, { pan, amount }) => void calibration.panCatches.set(pan, entered(fields.pan, amount)),
	height: (calibration, { height }) => void (calibration.height = entered(fields.height, height)),
	rows: (calibration, { otherSide, ...rows }) => {
		calibration.rows = enteredRows(rows);
		calibration.otherSide = otherSide ?? calibration.otherSide;
	},
	band: (calibration, { band }) => void (calibration.band = band && enteredBand(band)),
	canopy: (calibration, { canopy }) => void (calibration.canopy = enteredCanopy(canopy)),
	'canopy-shares': (calibration, { shares }) => void (calibration.canopyShares = shares),
	groups: (calibration, { groups }) => void (calibration.groups = groups),
	jug: (calibration, { graduation }) => void (calibration.jug = entered(fields.jug, graduation)),
	gauge: (calibration, { pressure }) => void (calibration.gauge = entered(fields.pressure, pressure)),
	'catch-time': (calibration, { time }) => void (calibration.catchTime = mayEnter(fields.catchTime, time)),
	catch: (calibration, entry) => {
		calibration.nozzles.set(entry.nozzle, withTake(calibration.nozzles.get(entry.nozzle), entry));
		calibration.buckets = without(calibration.buckets, [entry.nozzle]);
	},
	bucket: (calibration, entry) => {
		for (const nozzle of entry.nozzles) {
			const before = calibration.nozzles.get(nozzle)?.takes ?? [];
			calibration.nozzles.set(nozzle, {
				nozzle,
				takes: before.map((t) => ({ ...t, counts: false })),
				passedOver: false
			});
		}
		calibration.buckets = [...without(calibration.buckets, entry.nozzles), bucketOf(entry)];
	},
	// Gone through in a calibration of their own.
	quick: () => undefined,
	'not-caught': (calibration, { nozzle }) => {
		calibration.buckets = without(calibration.buckets, [nozzle]);
		const before = calibration.nozzles.get(nozzle)?.takes ?? [];
		calibration.nozzles.set(nozzle, { nozzle, takes: before.map((t) => ({ ...t, counts: false })), passedOver: true });
	},
	plot: (calibration, { ground }) => void (calibration.plot = enteredGround(ground)),
	'tank-by': (calibration, { how }) => void (calibration.tankBy = how),
	used: (calibration, { id, reading }) =>
		void (calibration.used = [...calibration.used, { id, reading: enteredUsed(reading), struck: false }]),
	'parked-time': (calibration, { time }) => void (calibration.parkedTime = mayEnter(fields.runTime, time)),
	noted: (calibration, { what, text }) => void calibration.notes.set(what, text),
	aim: (calibration, { aim }) => void (calibration.aim = aim),
	change: (calibration, { change }) => void (calibration.change = change),
	sheet: (calibration, { sheet }) => void (calibration.sheet = sheet),
	'sign-off': (calibration, entry) => {
		calibration.signOff = entry;
		if (entry.pressure) calibration.gauge = entered(fields.pressure, entry.pressure);
	}
};

function take<K extends EntryKind>(calibration: Growing, entry: EntryOf<K> & { readonly kind: K }): void {
	const way: (calibration: Growing, entry: EntryOf<K>) => void = takes[entry.kind];
	way(calibration, entry);
}

const bucketOf = ({ id, nozzles, amount, marked }: EntryOf<'bucket'>): BucketTake => ({
	id,
	nozzles,
	amount: entered(fields.bucket, amount),
	marked: mayEnter(fields.bucketMarks, marked),
	counts: true,
	struck: false
});

/** Buckets, those no longer counting that hold a nozzle which was caught again: what is left in them is of fewer nozzles. */
const without = (buckets: readonly BucketTake[], nozzles: readonly number[]): BucketTake[] =>
	buckets.map((b) => (b.nozzles.some((n) => nozzles.includes(n)) ? { ...b, counts: false } : b));

const runOf = (entry: Extract<Entry, { kind: 'run' | 'plot-run' }>): Run => ({
	id: entry.id,
	time: entered(fields.runTime, entry.time),
	by: entry.by,
	struck: false
});

function strike(calibration: Growing, id: string): void {
	const struck = <T extends { readonly id: string }>(list: readonly T[]): T[] =>
		list.map((one) => (one.id === id ? { ...one, struck: true } : one));
	calibration.runs = struck(calibration.runs);
	calibration.plotRuns = struck(calibration.plotRuns);
	calibration.used = struck(calibration.used);
	if (calibration.track?.id === id) calibration.track = null;
	for (const [n, { takes }] of calibration.nozzles)
		if (takes.some((t) => t.id === id)) calibration.nozzles.set(n, withoutTake(n, takes, id));
}

/** The catches of a nozzle as if one had not been made; it stays on record. */
function withoutTake(nozzle: number, takes: readonly Take[], id: string): NozzleTakes {
	let kept: readonly Take[] = [];
	for (const take of takes)
		kept =
			take.id === id || take.struck
				? [...kept, { ...take, counts: false, struck: true }]
				: [...counting(kept, take.why), { ...take, counts: true }];
	return { nozzle, takes: kept, passedOver: false };
}

/** What a new catch makes of those before it, by why it was made. */
function counting(takes: readonly Take[], why: CatchReason): Take[] {
	const lastCounted = takes.map((t) => t.counts).lastIndexOf(true);
	return takes.map((take, i): Take => {
		if (why === 'sure') return take;
		if (why === 'slip') return i === lastCounted ? { ...take, counts: false } : take;
		return { ...take, counts: false };
	});
}

/**
 * To be sure: both count. A slip of the finger: the last take stops counting, those before it stay. After a change: only
 * what comes from now on counts.
 */
function withTake(before: NozzleTakes | undefined, entry: Extract<Entry, { kind: 'catch' }>): NozzleTakes {
	const amount = entered(fields.catchAmount, entry.amount);
	const take: Take = { id: entry.id, at: entry.at, amount, why: entry.why, counts: true };
	return { nozzle: entry.nozzle, takes: [...counting(before?.takes ?? [], entry.why), take], passedOver: false };
}
