import type { NeighbourKind } from '../ground/block';
import type { Active, Amount, AreaCap, Dose, LabelPack } from '../loads/sheet';
import type { LabelFill, MixingClass } from '../loads/mixing-order';
import type { DropletClass } from '../nozzles/nozzle';
import type { Length, Speed, VolumePerArea } from '../quantity/quantity';
import type { Typed } from '../quantity/typed';

export interface PlantBack {
	readonly crop: string;
	readonly days: number;
}

/** An active ingredient and how much of it the product holds, as its label tells it. */
export interface TypedActive {
	readonly name: string;
	readonly content: Typed;
}

/** Whose area a label's dose is of, where only bands are sprayed. */
export const doseAreas = ['treated', 'field'] as const;
export type DoseArea = (typeof doseAreas)[number];

/** What a dose "per 100 L" is of: of dilute spray to the point of run-off, or of the mix as it is sprayed. */
export const dilutions = ['dilute', 'mix'] as const;
export type DilutionOf = (typeof dilutions)[number];

/**
 * A product as its owner typed it from the label. The label in the hand decides; this is a note of it. What a label of
 * before was not asked is left out, which is not the same as none.
 */
export interface TypedLabel {
	readonly name: string;
	readonly state: 'liquid' | 'dry';
	/** Number under which it is registered. */
	readonly registration: string;
	/** Mode of action, as the label groups it; a premix has several, parted by `+`. */
	readonly group: string;
	readonly actives?: readonly TypedActive[] | undefined;
	/** Of a liquid. */
	readonly density?: Typed | null | undefined;
	/** Formulation as the label has it, and where it comes in the mixing. */
	readonly formulation: string;
	readonly mixes: MixingClass;
	/** What the label asks of the filling, where that is not the usual half of the water first. */
	readonly fill?: LabelFill | undefined;
	/** Wears nozzles fast, so that they are checked sooner. */
	readonly abrasive?: boolean | undefined;
	/** One dose, or a range. */
	readonly dose: { readonly low: Typed; readonly high: Typed | null };
	/** What the doses are of, on bands; left out where nobody has said. */
	readonly per?: DoseArea | undefined;
	/** What "per 100 L" means on this label, and whether it may be sprayed concentrate. */
	readonly dilution?: DilutionOf | undefined;
	readonly concentrate?: boolean | undefined;
	/** Most per area: of one application, and of a season. */
	readonly max: Typed | null;
	readonly seasonMax: Typed | null;
	/** Most applications in a season, and fewest days between two. */
	readonly applications?: number | null | undefined;
	readonly daysBetween?: number | null | undefined;
	/** Spray volumes that the label allows. */
	readonly volume: { readonly low: Typed; readonly high: Typed } | null;
	/** Finest drops that the label allows. */
	readonly drops?: DropletClass | undefined;
	/** Hours until one may go in again, and until rain does no harm; days until harvest. Null is not entered. */
	readonly entryHours: number | null;
	readonly rainFreeHours: number | null;
	readonly harvestDays: number | null;
	readonly plantBack: readonly PlantBack[];
	/** What containers hold, and what one packet holds. */
	readonly packs: readonly Typed[];
	readonly packet: Typed | null;
	/** Most and least wind, and the strip that stays unsprayed. */
	readonly wind: Typed | null;
	readonly windLeast?: Typed | null | undefined;
	/** Air in which it may be sprayed. */
	readonly temperatureLow?: Typed | null | undefined;
	readonly temperatureHigh?: Typed | null | undefined;
	/** Per cent. */
	readonly humidityLow?: number | null | undefined;
	readonly humidityHigh?: number | null | undefined;
	/** What it must not be sprayed beside with the wind blowing that way. */
	readonly notToward?: readonly NeighbourKind[] | undefined;
	readonly buffer: Typed | null;
	readonly ppe: string;
	/** First aid, as the label has it. */
	readonly firstAid?: string | undefined;
	/** So poisonous that nobody handles it alone. */
	readonly notAlone?: boolean | undefined;
	readonly notes: string;
}

/** The same, read into quantities. */
export interface LabelNumbers {
	readonly dose: { readonly low: Dose; readonly high: Dose };
	readonly max: AreaCap | null;
	readonly seasonMax: AreaCap | null;
	readonly volume: { readonly low: VolumePerArea; readonly high: VolumePerArea } | null;
	readonly packs: readonly LabelPack[];
	readonly packet: Amount | null;
	readonly wind: Speed | null;
	readonly windLeast: Speed | null;
	/** °C. */
	readonly temperature: { readonly low: number | null; readonly high: number | null };
	readonly buffer: Length | null;
	/** Of a liquid, kg/m³. */
	readonly density: number | null;
	readonly actives: readonly Active[];
}
