import type { Volume, Flow, Length, Mass, Pressure, Speed, Time } from '../quantity/quantity';

/** One calibration as plain quantities: what `fallow-sheet/1` and a round on the device both become. */
export type CalibrationSheet = {
	readonly method: 'speed-width-flow' | 'course-catch';
	readonly speed: SpeedReading;
	readonly width: BoomWidth;
	readonly flow: FlowReading;
};

export type SpeedReading = TimedCourse | { readonly stated: Speed };

/** A measured course and the time of each run over it. */
export interface TimedCourse {
	readonly course: Length;
	readonly times: readonly Time[];
	/** What the rig's own dial or screen said during the runs. */
	readonly dial?: Speed | undefined;
}

export interface BoomWidth {
	readonly kind: 'boom';
	readonly nozzles: number;
	readonly spacing: Length;
	/** Nozzles that are on; all of them when left out. */
	readonly on?: number | undefined;
}

/** What was caught from one nozzle: a volume, a weight of water, or repeats of either; null is not caught. */
export type Catch = { readonly volume: Volume } | { readonly mass: Mass };
export type NozzleCatches = readonly Catch[] | null;

export interface FlowReading {
	/** How long each catch lasted; left out: as long as the course took (course-catch). */
	readonly time?: Time | undefined;
	readonly catches: readonly NozzleCatches[];
	/** The rig's number of nozzles when only some were caught. */
	readonly nozzles?: number | undefined;
	/** Group name of each catch; one group when left out. */
	readonly groups?: readonly string[] | undefined;
	readonly rated?: { readonly flow: Flow; readonly at: Pressure } | undefined;
	readonly pressure?: Pressure | undefined;
	readonly graduation?: Volume | undefined;
	readonly scaleDivision?: Mass | undefined;
	readonly catching?: 'one-by-one' | 'together' | undefined;
	/** Number of each catch's nozzle on the rig, from 1, where sections are off; 1, 2, 3 … when left out. */
	readonly numbers?: readonly number[] | undefined;
	/** Section of each catch's nozzle, for telling a whole section's fault from one nozzle's. */
	readonly sections?: readonly number[] | undefined;
}
