import type { AreaCap, Amount, Dose } from '../loads/sheet';
import type { LabelFill, MixingClass } from '../loads/mixing-order';
import type { Length, Speed, VolumePerArea } from '../quantity/quantity';
import type { Typed } from '../quantity/typed';

export interface PlantBack {
	readonly crop: string;
	readonly days: number;
}

/** A product as its owner typed it from the label. The label in the hand decides; this is a note of it. */
export interface TypedLabel {
	readonly name: string;
	readonly state: 'liquid' | 'dry';
	/** Number under which it is registered. */
	readonly registration: string;
	/** Mode of action, as the label groups it. */
	readonly group: string;
	/** Formulation as the label has it, and where it comes in the mixing. */
	readonly formulation: string;
	readonly mixes: MixingClass;
	/** What the label asks of the filling, where that is not the usual half of the water first. */
	readonly fill?: LabelFill | undefined;
	/** Wears nozzles fast, so that they are checked sooner. */
	readonly abrasive?: boolean | undefined;
	/** One dose, or a range. */
	readonly dose: { readonly low: Typed; readonly high: Typed | null };
	/** Most per area: of one application, and of a season. */
	readonly max: Typed | null;
	readonly seasonMax: Typed | null;
	/** Spray volumes that the label allows. */
	readonly volume: { readonly low: Typed; readonly high: Typed } | null;
	/** Hours until one may go in again, and until rain does no harm; days until harvest. */
	readonly entryHours: number | null;
	readonly rainFreeHours: number | null;
	readonly harvestDays: number | null;
	readonly plantBack: readonly PlantBack[];
	/** What containers hold, and what one packet holds. */
	readonly packs: readonly Typed[];
	readonly packet: Typed | null;
	/** Most wind, and the strip that stays unsprayed. */
	readonly wind: Typed | null;
	readonly buffer: Typed | null;
	readonly ppe: string;
	readonly notes: string;
}

/** The same, read into quantities. */
export interface LabelNumbers {
	readonly dose: { readonly low: Dose; readonly high: Dose };
	readonly max: AreaCap | null;
	readonly seasonMax: AreaCap | null;
	readonly volume: { readonly low: VolumePerArea; readonly high: VolumePerArea } | null;
	readonly packs: readonly Amount[];
	readonly packet: Amount | null;
	readonly wind: Speed | null;
	readonly buffer: Length | null;
}
