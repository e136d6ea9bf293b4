import type { Area, MassPerArea, Volume, VolumePerArea } from '../quantity/quantity';

/** How much of a product goes on: per area as liquid or dry, or as a share of the finished mix. */
export type Dose =
	| { readonly basis: 'liquidPerArea'; readonly dose: VolumePerArea }
	| { readonly basis: 'dryPerArea'; readonly dose: MassPerArea }
	/** Litres of product in a litre of finished mix. */
	| { readonly basis: 'shareLiquid'; readonly share: number }
	/** Kilograms of product in a cubic metre of finished mix: 1 % dry is 1 kg per 100 L. */
	| { readonly basis: 'shareDry'; readonly perVolume: number };

export interface PlannedProduct {
	readonly name: string;
	readonly dose: Dose;
}

export type Split = 'full-then-part' | 'equal';

export interface PlanSheet {
	readonly area: Area;
	readonly rate: VolumePerArea;
	readonly tank: Volume;
	readonly split: Split;
	readonly products: readonly PlannedProduct[];
}
