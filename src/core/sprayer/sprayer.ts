import type { Rated } from '../calibration/sheet';
import type { Flow, Length, Pressure, Speed, Volume } from '../quantity/quantity';
import type { Typed } from '../quantity/typed';
import type { Entered } from '../quantity/entered';
import type { EnteredBand, TypedBand } from '../calibration-log/entered-parts';

export const sprayerKinds = ['boom', 'boomless', 'airblast', 'knapsack'] as const;
export type SprayerKind = (typeof sprayerKinds)[number];

/** What turns the pump. */
export const drives = ['pto', 'engine', 'ground', 'battery', 'hand'] as const;
export type Drive = (typeof drives)[number];

/** What carries a boom or a boomless set, for judging its speed. */
export const carriers = ['tractor', 'self-propelled', 'atv'] as const;
export type Carrier = (typeof carriers)[number];

/** What a person carries: pumped all the while, pumped up before, by battery, or a motor-driven mist blower. */
export const carried = ['lever', 'compressed', 'battery', 'mist'] as const;
export type Carried = (typeof carried)[number];

export interface TypedRated {
	readonly flow: Typed;
	readonly at: Typed;
}

/**
 * A sprayer as its owner typed it. A calibration keeps the sprayer as it was when the calibration began. What a kind has no use for is
 * left out.
 */
export interface TypedSprayer {
	readonly kind: SprayerKind;
	readonly name: string;
	readonly tank: Typed;
	/** All nozzles: along the boom from left to right; on an arc the left side from the bottom up, then the right. */
	readonly nozzles: number;
	/** Nozzles in each section that can be shut, in the same order; they add up to `nozzles`. An arc has its two sides. */
	readonly sections: readonly number[];
	/** What its sections or sides are called, in their order. */
	readonly sectionNames?: readonly string[] | undefined;
	/** Nozzles at each place of a boom or an arc, one over the other; one where nothing is here. `nozzles` counts all of them. */
	readonly stacked?: number | undefined;
	/** Tips that each nozzle body holds, of which one is turned down; `nozzle` and `rated` are of that one. */
	readonly tips?: readonly { readonly name: string; readonly rated: TypedRated | null }[] | undefined;
	/** Nobody has counted its nozzles yet: it is measured at the tank until somebody does, and `nozzles` is one, or one a side. */
	readonly uncounted?: true | undefined;
	/** What is stamped on the nozzle, as the owner calls it: `110-03`. */
	readonly nozzle: string;
	readonly rated: TypedRated | null;
	/** Boom: nozzle to nozzle. */
	readonly spacing?: Typed | undefined;
	/** Group of each nozzle, where they differ on purpose. */
	readonly groups?: readonly string[] | undefined;
	/** Rated flow of each group, at one pressure. */
	readonly ratings?: Readonly<Record<string, TypedRated>> | undefined;
	readonly drive?: Drive | undefined;
	readonly carrier?: Carrier | undefined;
	readonly carried?: Carried | undefined;
	/** Least that the agitation can stir. */
	readonly agitation?: Typed | undefined;
	/** What cannot be sprayed out. */
	readonly dead?: Typed | undefined;
	readonly pressures?: { readonly low: Typed; readonly high: Typed } | undefined;
	/** Boom: angle of the fans, degrees, and their height above the target. */
	readonly fan?: { readonly angle: number; readonly height: Typed } | undefined;
	readonly band?: TypedBand | undefined;
	/** Airblast: row to row. */
	readonly rowSpacing?: Typed | undefined;
	/** Boomless: the maker's swath and the nozzle heights that it goes with. */
	readonly makerSwath?: Typed | undefined;
	readonly makerHeights?: { readonly low: Typed; readonly high: Typed } | undefined;
	/** What the pump gives at its rpm, and what the agitation takes of it. */
	readonly pump?: Typed | undefined;
	readonly stir?: Typed | undefined;
	/** Slowest and fastest that it can be driven while it sprays. */
	readonly speeds?: { readonly low: Typed; readonly high: Typed } | undefined;
}

/** The same, read into quantities. */
export interface SprayerNumbers {
	readonly kind: SprayerKind;
	/** Its nozzles are not counted: nothing is caught from them. */
	readonly uncounted: boolean;
	/** The pump turns with the wheels: nothing comes while parked. */
	readonly groundDriven: boolean;
	readonly carrier: Carrier | null;
	readonly tank: Volume;
	readonly nozzles: number;
	readonly sections: readonly number[];
	readonly rated: Rated | null;
	/** Width that one nozzle serves: from place to place, over the nozzles at each. */
	readonly spacing: Length | null;
	/** Nozzles at each place. */
	readonly stacked: number;
	readonly groups: readonly string[] | null;
	readonly ratings: Readonly<Record<string, Rated>> | null;
	readonly pressures: { readonly low: Pressure; readonly high: Pressure } | null;
	readonly fan: { readonly angle: number; readonly height: Length } | null;
	readonly band: EnteredBand | null;
	readonly rowSpacing: Entered<'length'> | null;
	readonly makerSwath: Entered<'length'> | null;
	readonly makerHeights: { readonly low: Length; readonly high: Length } | null;
	readonly dead: Volume | null;
	readonly pump: Flow | null;
	readonly stir: Flow | null;
	readonly speeds: { readonly low: Speed; readonly high: Speed } | null;
}

export const mostNozzles = 144;

/** Whether the sprayer sprays to two sides that are compared with each other: an arc, or a boomless set in two halves. */
export const twoSided = (sprayer: Pick<SprayerNumbers, 'kind' | 'sections'>): boolean =>
	(sprayer.kind === 'airblast' || sprayer.kind === 'boomless') && sprayer.sections.length === 2;

/** Whether a person carries it: then its calibration belongs to the person too. */
export const isCarried = (sprayer: { readonly kind: SprayerKind }): boolean => sprayer.kind === 'knapsack';
