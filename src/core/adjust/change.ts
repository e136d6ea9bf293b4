import type { OtherSide } from '../calibration/sheet';
import type { TypedRated } from '../sprayer/sprayer';
import type { Typed } from '../quantity/typed';
import type { FlowPoint } from '../nozzles/nozzle';
import type { CalibrationMethod } from '../calibration/calibration-methods';

/** What is wanted, as typed: one spray volume, the label's range, or the ground that one tank shall do. */
export type TypedWanted =
	| { readonly by: 'volume'; readonly volume: Typed }
	| { readonly by: 'range'; readonly low: Typed; readonly high: Typed }
	| { readonly by: 'tank'; readonly area: Typed };

/** What is asked of a spray volume: how much, of what. */
export interface TypedAim {
	readonly wanted: TypedWanted;
	/** The label doses per area: then a measured volume inside its range can stay. */
	readonly perArea: boolean;
	/** Of the liquid that will be sprayed; 1 is water. */
	readonly specificGravity: number;
}

/** Another nozzle for the whole sprayer. */
export interface NewNozzle {
	readonly name: string;
	readonly rated: TypedRated;
	/** What its sheet gives, SI, for predicting between its points. */
	readonly points: readonly FlowPoint[];
}

/** Another set for an arc, by groups of size. */
export interface NewSet {
	/** Size of each nozzle, in the order of the sprayer. */
	readonly groups: readonly string[];
	readonly ratings: Readonly<Record<string, TypedRated>>;
}

/** What is changed on a sprayer after a calibration; what is left out is left alone. */
export interface TypedChange {
	readonly speed?: Typed | undefined;
	/** New pace over the old one, where no speed was measured. */
	readonly pace?: number | undefined;
	/** What to hold the dial at. */
	readonly dial?: Typed | undefined;
	readonly pressure?: Typed | undefined;
	readonly nozzle?: NewNozzle | undefined;
	readonly set?: NewSet | undefined;
}

/** How the calibration before a change was made: the one that checks it begins the same way. */
export interface CarriedReadings {
	readonly method?: CalibrationMethod | undefined;
	/** As it was taped, and laid out still. */
	readonly course?: Typed | undefined;
	readonly rows?: { readonly spacing: Typed; readonly alleys: 'every' | 'second' } | undefined;
	readonly otherSide?: OtherSide | undefined;
	/** Sections that were off, from 0. */
	readonly off: readonly number[];
}

/** A change as a setting keeps it until the next calibration has checked it. */
export interface MadeChange extends TypedChange {
	/** Calibration that it was made after. */
	readonly after: string;
	/** Day, YYYY-MM-DD. */
	readonly day: string;
	readonly aim: TypedAim;
	/** What water is predicted to come out at, m³/m². */
	readonly predicted: number;
	/** How sure that is, 2u as a share. */
	readonly sure: number;
	readonly carried?: CarriedReadings | undefined;
}
