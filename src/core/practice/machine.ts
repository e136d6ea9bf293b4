import type { Rated } from '../calibration/sheet';
import type { Length, Pressure, Speed, Time, Volume } from '../quantity/quantity';
import type { TypedSprayer } from '../sprayer/sprayer';
import type { Lie } from './claimed-reading';
import type { Conductance, NozzleState } from './nozzle-conductance';
import type { Feed } from './plumbing-flows';

/** What brings the water to the nozzles of a practice sprayer. */
export type Supply =
	| { readonly by: 'pump'; readonly perTurn: Volume; readonly stir: number; readonly relief: Pressure }
	| { readonly by: 'lever'; readonly perStroke: Volume }
	| { readonly by: 'blower'; readonly pressure: Pressure; readonly rpm: number };

/** Where the swath of a practice sprayer comes from. */
export type YardWidth =
	/** Nozzles × spacing. */
	| { readonly by: 'spacing'; readonly spacing: Length }
	/** Row to row. */
	| { readonly by: 'rows'; readonly spacing: Length }
	/** A width that one carries: a lance or a swung wand. */
	| { readonly by: 'lance'; readonly width: Length }
	/** Thrown: a usable share of what is wetted, or what a row of pans says. */
	| {
			readonly by: 'throw';
			readonly known: { readonly width: Length; readonly pressure: Pressure; readonly height: Length };
			readonly school: { readonly share: number } | 'pans';
	  };

/** Ground that is sprayed for a refill or a plot, true and as it is said to be. */
export interface YardGround {
	readonly length: Length;
	readonly width: Length;
}

/** What an operator has set, as the instruments of the sprayer show it: they may lie. */
export interface YardSetting {
	/** By the rev counter. */
	readonly rpm: number;
	/** Place in the list of gears. */
	readonly gear: number;
	/** By the gauge. */
	readonly gauge: Pressure;
	readonly height: Length;
	/** Strokes a minute on a lever. */
	readonly strokes: number;
}

/** A simulated sprayer with all that is true of it. Nobody is shown it before the calibration is signed. */
export interface Machine {
	readonly sprayer: TypedSprayer;
	/** Of each nozzle as it should be. */
	readonly rated: readonly Rated[];
	readonly nozzles: readonly NozzleState[];
	readonly sections: readonly number[];
	readonly feeds: readonly Feed[];
	/** Of each section's filter; Infinity is clean. */
	readonly filters: readonly Conductance[];
	readonly mainFilter: Conductance;
	/** Of one piece of hose between two nozzles. */
	readonly hose: Conductance;
	readonly supply: Supply;
	/** Way of the wheels for one turn of the shaft, by gear; on foot the one pace, m/s. */
	readonly gears: readonly { readonly name: string; readonly perTurn: Length }[];
	readonly pace: Speed | null;
	readonly slip: { readonly ground: number; readonly grip: number };
	readonly gauge: Lie | null;
	readonly dial: Lie | null;
	readonly revs: Lie | null;
	readonly jug: Lie;
	readonly sight: Lie;
	readonly jugSize: { readonly marks: Volume; readonly brim: Volume };
	/** The course as it is said to be, and as it is. */
	readonly course: { readonly said: Length; readonly is: Length };
	readonly ground: { readonly said: YardGround; readonly is: YardGround } | null;
	readonly width: YardWidth;
	/** Boom: the height at which its fans are even. */
	readonly height: { readonly right: Length; readonly angle: number } | null;
	/** Airblast: where the trees begin and end above the ground. */
	readonly canopy: { readonly low: Length; readonly high: Length } | null;
	readonly tank: Volume;
	/** How long the sprayer takes to be at speed before the first mark. */
	readonly approach: Time;
}
