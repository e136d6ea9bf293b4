import type { Typed } from '../quantity/typed';
import type { Area, Length, Mass, MassPerArea, Volume, VolumePerArea } from '../quantity/quantity';

/** How much of a product goes on: per area as liquid or dry, or as a share of the finished mix. */
export type Dose =
	| { readonly basis: 'liquidPerArea'; readonly dose: VolumePerArea }
	| { readonly basis: 'dryPerArea'; readonly dose: MassPerArea }
	/** Litres of product in a litre of finished mix. */
	| { readonly basis: 'shareLiquid'; readonly share: number }
	/** Kilograms of product in a cubic metre of finished mix: 1 % dry is 1 kg per 100 L. */
	| { readonly basis: 'shareDry'; readonly perVolume: number };

/** An amount of a product: liquid by volume, dry by weight. */
export type Amount =
	{ readonly kind: 'volume'; readonly amount: Volume } | { readonly kind: 'mass'; readonly amount: Mass };

/** An active ingredient of a product. */
export interface Active {
	readonly name: string;
	/** In the product: kg in a cubic metre of a liquid, kg in a kilogram of a dry one. */
	readonly content: number;
}

/** The most that a label allows on an area. */
export type AreaCap =
	| { readonly kind: 'volume'; readonly perArea: VolumePerArea }
	| { readonly kind: 'mass'; readonly perArea: MassPerArea };

/** What one container of a product holds: as its label has it, and the amount. */
export interface LabelPack {
	readonly typed: Typed;
	readonly holds: Amount;
}

export interface PlannedProduct {
	readonly name: string;
	readonly dose: Dose;
	/** Label's most per area and application. */
	readonly max?: AreaCap | undefined;
	/** What one container holds. */
	readonly pack?: Amount | undefined;
	/** All containers that its label names. */
	readonly packs?: readonly LabelPack[] | undefined;
}

export const splits = ['full-then-part', 'equal', 'whole-rows', 'whole-packs'] as const;
export type Split = (typeof splits)[number];

/** Rows of one length and spacing. */
export interface Rows {
	readonly count: number;
	readonly length: Length;
	readonly spacing: Length;
}

export interface PlanSheet {
	/** Ground; with rows it is theirs. */
	readonly area: Area;
	readonly rate: VolumePerArea;
	readonly tank: Volume;
	readonly split: Split;
	readonly products: readonly PlannedProduct[];
	readonly rows?: Rows | undefined;
	/** What cannot be sprayed out, and a stated reserve: made up on top, at the same strength. */
	readonly dead?: Volume | undefined;
	/** Spot work: share of the ground that is sprayed, over 0 to 1. */
	readonly sprayedShare?: number | undefined;
}
