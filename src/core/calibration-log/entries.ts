import type { CalibrationMethod } from '../calibration/calibration-methods';
import type { TypedAim, TypedChange } from '../adjust/change';
import type { AnySheet, OtherSide } from '../calibration/sheet';
import type { Typed } from '../quantity/typed';
import type { TypedBand, TypedCanopy, TypedGround, TypedUsed } from './entered-parts';
import type { Carried, TypedSprayer, SprayerKind } from '../sprayer/sprayer';

/** What to look at before any water is caught, in the order of a walk round the sprayer. */
export const sprayerChecks = [
	'clean',
	'half-full',
	'no-leaks',
	'filters',
	'same-nozzles',
	'fan-angle',
	'patterns',
	'overlap',
	'gauge',
	'nozzle-pressure',
	'agitation',
	'height',
	'engine',
	'shafts',
	'hoses',
	'guards',
	'air-gap',
	'kit',
	'gloves'
] as const;
export type SprayerCheck = (typeof sprayerChecks)[number];
/** A check that a farm has added, in its own words. */
export type OwnCheck = `own:${string}`;
export type AnyCheck = SprayerCheck | OwnCheck;

/** A sprayer as far as its check list goes: its kind, and what carries it on a back. */
export interface CheckedSprayer {
	readonly kind: SprayerKind;
	readonly carried?: Carried | undefined;
}

/** What each kind is not looked at for: nobody carries a boom's height, a lever has no guards and no shaft. */
const driven: readonly SprayerCheck[] = ['shafts', 'guards', 'nozzle-pressure', 'agitation', 'air-gap'];
const notOf: Readonly<Record<SprayerKind, readonly SprayerCheck[]>> = {
	boom: ['engine'],
	boomless: ['fan-angle', 'height', 'engine'],
	airblast: ['fan-angle', 'overlap', 'height', 'engine'],
	knapsack: [...driven, 'same-nozzles', 'fan-angle', 'overlap', 'height', 'engine']
};

/** The checks of a sprayer, in the order of a walk round it. A mist blower has an engine to be looked at besides. */
export const checksOf = ({ kind, carried }: CheckedSprayer): readonly SprayerCheck[] =>
	sprayerChecks.filter((check) => (check === 'engine' && carried === 'mist' ? true : !notOf[kind].includes(check)));

/** Why a nozzle that has a catch is caught again: it decides what counts. */
export const catchReasons = ['first', 'sure', 'cleaned', 'replaced', 'slip'] as const;
export type CatchReason = (typeof catchReasons)[number];

/** What can have been changed on a sprayer since its last calibration. */
export const changedThings = ['pressure', 'nozzles', 'gear', 'engine', 'width', 'person'] as const;
export type ChangedThing = (typeof changedThings)[number];
/** What of it can change on a kind: a carried sprayer has no gear, and only there another person is another calibration. */
export const changesOf = (kind: SprayerKind): readonly ChangedThing[] =>
	changedThings.filter((thing) => (kind === 'knapsack' ? thing !== 'gear' && thing !== 'engine' : thing !== 'person'));

/** Whose answer the swath of a boomless sprayer is. */
export const swathSchools = ['pans', 'share', 'edges', 'full', 'maker', 'asked'] as const;
export type SwathSchool = (typeof swathSchools)[number];

/** What is written down beside the readings. */
export const notedThings = ['strokes', 'orifice', 'engine', 'pto', 'fan', 'wand', 'dial', 'ground'] as const;
export type NotedThing = (typeof notedThings)[number];

/** How the tank is read: by dip or sight, brought back to its mark, or brought back by a metered hose. */
export const tankReadings = ['dip', 'mark', 'meter'] as const;
export type TankReading = (typeof tankReadings)[number];

export const trackSources = ['gpx', 'nmea', 'position', 'receiver'] as const;
export type TrackSource = (typeof trackSources)[number];

/** One point of a recorded track: seconds from its start, where, in degrees, and the receiver's own speed, m/s, where it sends it. */
export type TrackPoint = readonly [seconds: number, latitude: number, longitude: number, speed?: number];

/** A calibration before as it is noted by the one after it, SI; null where it was not measured. */
export interface NotedBefore {
	readonly rate: number;
	readonly relativeU95: number;
	readonly pressure: number | null;
	readonly speed: number | null;
	readonly width: number | null;
}

/** What a dial or a screen showed while the speed was measured, at a calibration. */
export interface DialCheck {
	readonly dial: Typed;
	/** m/s. */
	readonly measured: number;
	/** YYYY-MM-DD. */
	readonly day: string;
}

/**
 * What happened in a calibration. A calibration is nothing but its entries in order: they are only ever added, so that whatever
 * was read stays on record, a message may arrive twice, and any device can work the calibration out again.
 */
export type EntryBody =
	| { readonly kind: 'tick'; readonly check: AnyCheck; readonly done: boolean }
	| { readonly kind: 'method'; readonly method: CalibrationMethod }
	/** Who carries the sprayer and sprays with it. */
	| { readonly kind: 'person'; readonly name: string }
	| { readonly kind: 'course'; readonly length: Typed }
	| { readonly kind: 'run'; readonly time: Typed; readonly by: 'stopwatch' | 'typed' }
	/** Takes a run, a go over the plot, a tank reading, a catch or a track out of the answer; it stays on record. A strike that is struck itself counts no more: what it had taken out is back. */
	| { readonly kind: 'strike'; readonly entry: string }
	/** The sprayer as it was corrected while the calibration was in progress: from here on it goes by this. */
	| { readonly kind: 'rig'; readonly rig: TypedSprayer }
	/** The calibration is thrown away. Whatever comes after it brings it back. */
	| { readonly kind: 'discard' }
	| { readonly kind: 'dial'; readonly speed: Typed }
	/** A speed that is taken from a dial or a screen; `checked`: against a course before. Null: it is measured after all. */
	| {
			readonly kind: 'stated-speed';
			readonly speed: Typed | null;
			readonly checked: boolean;
			/** What it showed at a speed that was measured (m/s), and the day of that: the reading is corrected by it. */
			readonly correction?: DialCheck | undefined;
	  }
	| {
			readonly kind: 'track';
			readonly source: TrackSource;
			readonly name: string;
			readonly points: readonly TrackPoint[];
			/** The steady part, seconds from the start. */
			readonly from: number;
			readonly to: number;
	  }
	| { readonly kind: 'sections'; readonly off: readonly number[] }
	/** `estimated`: by eye, not taped. */
	| { readonly kind: 'wetted'; readonly width: Typed; readonly estimated?: boolean | undefined }
	/** `share` goes with the school of that name; `length` is an edge, the maker's swath, or the width that was chosen. */
	| { readonly kind: 'school'; readonly school: SwathSchool; readonly share?: number; readonly length?: Typed }
	| {
			readonly kind: 'pans';
			readonly spacing: Typed;
			readonly count: number;
			readonly driving: 'back-and-forth' | 'one-way';
			readonly maxCv: number;
	  }
	| { readonly kind: 'pan'; readonly pan: number; readonly amount: Typed }
	| { readonly kind: 'height'; readonly height: Typed }
	| {
			readonly kind: 'rows';
			readonly spacing: Typed;
			readonly alleys: 'every' | 'second';
			/** With one side open: whether the other side of the row gets a pass of its own. */
			readonly otherSide?: OtherSide | undefined;
	  }
	| { readonly kind: 'band'; readonly band: TypedBand | null }
	| { readonly kind: 'canopy'; readonly canopy: TypedCanopy }
	/** Share of the canopy in each third of its height, bottom to top; they add up to 1. */
	| { readonly kind: 'canopy-shares'; readonly shares: readonly [number, number, number] }
	/** Which nozzles differ on purpose, by the name of each one's size; null: none do, whatever the catches look like. */
	| { readonly kind: 'groups'; readonly groups: readonly string[] | null }
	| { readonly kind: 'jug'; readonly graduation: Typed }
	/** How long each jug is held; null: as long as the course or the plot took. */
	| { readonly kind: 'catch-time'; readonly time: Typed | null }
	| { readonly kind: 'catch'; readonly nozzle: number; readonly amount: Typed; readonly why: CatchReason }
	/** Several nozzles in one bucket, or one jug for all of a side: what all of them gave, and how finely the vessel is marked. */
	| {
			readonly kind: 'bucket';
			readonly nozzles: readonly number[];
			readonly amount: Typed;
			readonly marked?: Typed | undefined;
	  }
	| { readonly kind: 'not-caught'; readonly nozzle: number }
	/** A catch of a few seconds, for evenness only: it is judged, and no volume rests on it. */
	| { readonly kind: 'quick'; readonly entry: QuickBody }
	/** What the gauge shows while the nozzles are caught. */
	| { readonly kind: 'gauge'; readonly pressure: Typed }
	| { readonly kind: 'plot'; readonly ground: TypedGround }
	| { readonly kind: 'plot-run'; readonly time: Typed; readonly by: 'stopwatch' | 'typed' }
	| { readonly kind: 'tank-by'; readonly how: TankReading }
	| { readonly kind: 'used'; readonly reading: TypedUsed }
	/** How long the sprayer ran parked; null: as long as the course took. */
	| { readonly kind: 'parked-time'; readonly time: Typed | null }
	| { readonly kind: 'noted'; readonly what: NotedThing; readonly text: string }
	/** What spray volume is wanted, and of what. */
	| { readonly kind: 'aim'; readonly aim: TypedAim }
	/** What will be changed on the sprayer once this calibration is signed; null: nothing. */
	| { readonly kind: 'change'; readonly change: TypedChange | null }
	/** What still holds of the calibration before: its readings, with their own ids and times, counted as they did. */
	| {
			readonly kind: 'carry';
			/** Calibration that they are from, and the day on which it was signed. */
			readonly from: string;
			readonly day: string;
			readonly changed: readonly ChangedThing[];
			readonly entries: readonly Entry[];
			/** What that calibration came to and was made at, to hold this one against; left out by devices of before. */
			readonly before?: NotedBefore | undefined;
	  }
	/** A whole sheet that was read in from a file, in SI; `file` is its text as it came. Made by the server only. */
	| { readonly kind: 'sheet'; readonly sheet: AnySheet; readonly file: string }
	| {
			readonly kind: 'sign-off';
			readonly person: string;
			/** Local day of the signature, YYYY-MM-DD. */
			readonly day: string;
			/** Left out where the sprayer has no gauge. */
			readonly pressure?: Typed | undefined;
			readonly gear: string;
			readonly rpm: number | null;
			readonly remarks: string;
	  };

/** What a quick evenness check is made of. */
export const quickKinds = ['catch', 'not-caught', 'catch-time'] as const;
export type QuickBody = Extract<EntryBody, { readonly kind: (typeof quickKinds)[number] }>;

export type EntryKind = EntryBody['kind'];

/** An entry with the id (UUIDv7) and the place in its calibration that the device gave it, and when, ISO 8601. */
export type Entry = EntryBody & { readonly id: string; readonly seq: number; readonly at: string };
