import type { TypedWeather } from '../conditions/typed-weather';
import type { TypedPart } from '../ground/block-part';
import type { PlantBack } from '../products/label';
import type { Typed } from '../quantity/typed';
import type { LaterDose } from '../run/later-doses';
import type { PassedStop } from '../safety/rules';

/** What a person adds to what is known of a job. */
export const askedFields = [
	'operator',
	'licence',
	'crop',
	'stage',
	'condition',
	'target',
	'waterSource',
	'buffer',
	'remarks'
] as const;
export type AskedField = (typeof askedFields)[number];
/** What a farm can make its records have: what a person adds, and the weather that was written down on the day. */
export const requirable = [...askedFields, 'weather'] as const;
export type RequiredField = (typeof requirable)[number];
export type AskedRecord = Readonly<Record<AskedField, string>>;

export interface RecordedProduct {
	readonly id: string;
	readonly name: string;
	readonly registration: string;
	/** Mode of action. */
	readonly group: string;
	/** As it was told. */
	readonly dose: Typed;
	/** Where it was edited on the way: from which load on, null where the product was left out. */
	readonly laterDoses?: readonly LaterDose[];
	/** A marker dye of which no label was noted: no interval is counted from it. */
	readonly dye?: true;
	readonly kind: 'volume' | 'mass';
	/** In all, m³ or kg; and on the ground, m³/m² or kg/m². */
	readonly total: number;
	readonly perGround: number;
	readonly entryHours: number | null;
	readonly harvestDays: number | null;
	/** Days until a crop may be sown after it; records of before it was kept have none. */
	readonly plantBack?: readonly PlantBack[];
	/** Its active ingredients on the ground, kg/m²; left out where its label's are not known. */
	readonly actives?: readonly { readonly name: string; readonly perGround: number }[];
	/** Every load of it was ticked with what was poured; left out by records of before, which tell the plan's. */
	readonly poured?: boolean;
}

export interface RecordedSprayer {
	readonly setting: string;
	/** How many, and what they are called. */
	readonly nozzles: string;
	readonly gear: string;
	readonly rpm: number | null;
	/** At the gauge, Pa. */
	readonly pressure: number | null;
	/** The same as it was typed; records of before have none. */
	readonly typedPressure?: Typed;
	/** YYYY-MM-DD on which it was calibrated. */
	readonly calibrated: string;
}

/** One finished job as it is kept for good. SI, but what was told is kept as it was told. */
export interface SprayRecord extends AskedRecord {
	readonly format: 'fallow-record/1';
	readonly day: string;
	/** ISO 8601; null where nobody ticked it. */
	readonly startedAt: string | null;
	readonly endedAt: string | null;
	readonly blocks: readonly {
		readonly id: string;
		readonly name: string;
		readonly area: number;
		readonly share: number;
		readonly part: TypedPart | null;
		/** When the last load on it was out, ISO 8601, and the day of that at the farm; records of before have none. */
		readonly endedAt?: string;
		readonly lastDay?: string;
	}[];
	/** Ground done, m². */
	readonly area: number;
	readonly products: readonly RecordedProduct[];
	/** Planned and true, m³/m²; true is null where nothing was sprayed. */
	readonly plannedVolume: number;
	readonly trueVolume: number | null;
	/** Mix that went out, m³. */
	readonly mix: number;
	readonly sprayer: string;
	readonly calibrationId: string | null;
	/** True where it was taken in from a file; absent where a job of Fallow's own was closed. */
	readonly takenIn?: true;
	/** How the sprayer was set, by its calibration; work without one, and records of before this was kept, have none. */
	readonly rig?: RecordedSprayer;
	/** Stops that were passed, each with its reason; left out where there were none. */
	readonly passed?: readonly PassedStop[];
	/** m/s; of the calibration. */
	readonly speed: number | null;
	readonly weather: {
		readonly before:
			(TypedWeather & { readonly at: string; readonly decision: string; readonly reason: string }) | null;
		readonly end: (TypedWeather & { readonly at: string }) | null;
	};
}

/** Something that was added to a record later; both stand. */
export interface Amendment {
	readonly format: 'fallow-amendment/1';
	readonly by: string;
	/** ISO 8601. */
	readonly at: string;
	readonly text: string;
}
