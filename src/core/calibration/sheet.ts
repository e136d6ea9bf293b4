import type { Area, Flow, Length, Mass, Pressure, Speed, Time, Volume } from '../quantity/quantity';
import type { SpeedKind } from './usual-speeds';

/** A boom's calibration as plain quantities: what a calibration on the device becomes. */
export type CalibrationSheet = FlowSheet<BoomWidth>;

/** Flow measured nozzle by nozzle, over a width: by speed, width and flow, or by course and catch. */
export interface FlowSheet<W extends WidthReading = WidthReading> {
	readonly method: 'speed-width-flow' | 'course-catch';
	readonly speed: SpeedReading;
	readonly width: W;
	readonly flow: FlowReading;
	/** What carries a boom, for judging its speed. */
	readonly carrier?: SpeedKind | undefined;
	/** The jugs were filled while the course was driven: a pump that the wheels turn gives nothing while parked. */
	readonly driven?: true | undefined;
}

/** Hand-carried: a plot is sprayed evenly and timed, then the nozzle is caught for that time. */
export interface PlotSheet {
	readonly method: 'plot-catch';
	readonly plot: AreaReading;
	readonly times: readonly Time[];
	readonly flow: FlowReading;
}

/** A known area is sprayed, and what it took is measured at the tank. */
export interface RefillSheet {
	readonly method: 'refill';
	readonly area: AreaReading;
	readonly used: readonly UsedReading[];
	/** Size of the tank, where it was refilled to its own mark. */
	readonly tank?: Volume | undefined;
	/** Walked, not driven; left out, a plot with its sides is. */
	readonly onFoot?: boolean | undefined;
}

/** A course is timed, then the sprayer runs parked and what left the tank is measured. */
export interface ParkedSheet {
	readonly method: 'parked-drop';
	readonly speed: TimedCourse;
	readonly width: WidthReading;
	readonly used: readonly UsedReading[];
	readonly tank?: Volume | undefined;
	/** Time run parked; left out: as long as the course took. */
	readonly run?: Time | undefined;
}

/** One calibration by any of the five methods: what `fallow-sheet/1` holds. */
export type AnySheet = FlowSheet | PlotSheet | RefillSheet | ParkedSheet;

export type WidthReading = BoomWidth | MeasuredWidth | RowsWidth | BandWidth | PansWidth;

/** A wetted width on the ground: a usable share of it, less an overlap at each edge, or as it is. */
export interface MeasuredWidth {
	readonly kind: 'measured';
	readonly wetted: Length;
	readonly usable: { readonly share: number } | { readonly edgeOverlap: Length } | 'as-is';
	/** By eye, not taped. */
	readonly estimated?: true | undefined;
}

export interface RowsWidth {
	readonly kind: 'rows';
	readonly rowSpacing: Length;
	readonly alleys: 'every' | 'second';
	readonly sides: 'both' | 'one';
	/** With one side open: whether the other side of the row gets a pass of its own. Left out, it does. */
	readonly otherSide?: OtherSide | undefined;
}

export const otherSides = ['sprayed', 'not'] as const;
export type OtherSide = (typeof otherSides)[number];

export interface BandWidth {
	readonly kind: 'band';
	readonly band: Length;
	readonly bands: number;
	readonly rowSpacing: Length;
	readonly rows: number;
}

/** A row of equal pans across the swath, left to right. */
export interface PansWidth {
	readonly kind: 'pans';
	readonly spacing: Length;
	readonly catches: readonly Volume[];
	readonly driving: 'back-and-forth' | 'one-way';
	readonly maxCv: number;
	/** The width that the operator chose where no width of the pans can be driven. */
	readonly asked?: Length | undefined;
}

/** Ground of a plot, a row, or part of a block. */
export type AreaReading =
	| { readonly by: 'stated'; readonly area: Area }
	| { readonly by: 'sides'; readonly length: Length; readonly width: Length }
	| { readonly by: 'row'; readonly row: Length; readonly width: RowsWidth }
	| { readonly by: 'block'; readonly block: Area; readonly share: number };

/** What was used: read before and after, or what brought it back to the mark. */
export type UsedReading = { readonly start: Volume; readonly left: Volume } | { readonly added: Volume };

export type SpeedReading = TimedCourse | StatedSpeed;

/** A speed that was told, or that a track gave. */
export interface StatedSpeed {
	readonly stated: Speed;
	/** u/v where the reading itself says how sure it is, as a track does; left out, what a stated speed counts. */
	readonly relative?: number | undefined;
}

/** A measured course and the time of each run over it. */
export interface TimedCourse {
	readonly course: Length;
	readonly times: readonly Time[];
	/** What the sprayer's own dial or screen said during the runs. */
	readonly dial?: Speed | undefined;
}

export type Side = 'left' | 'right';

export interface BoomWidth {
	readonly kind: 'boom';
	readonly nozzles: number;
	/** Width that one nozzle serves. */
	readonly spacing: Length;
	/** Nozzles at each place, where there are several: for the working. */
	readonly stacked?: number | undefined;
	/** Nozzles that are on; all of them when left out. */
	readonly on?: number | undefined;
}

/**
 * What was caught from one nozzle: a volume, a weight of water, or the flow that a tip tester or a flow meter read;
 * null is not caught.
 */
export type Catch = { readonly volume: Volume } | { readonly mass: Mass } | { readonly flow: Flow };
/** A reference flow and the pressure that it goes with. */
export interface Rated {
	readonly flow: Flow;
	readonly at: Pressure;
}
export type NozzleCatches = readonly Catch[] | null;
/** Several nozzles in one bucket: places from 0, at least two, and what all of them gave. */
export interface CaughtTogether {
	readonly places: readonly number[];
	readonly amount: Catch;
	/** How finely the vessel is marked; left out, as the jug. */
	readonly graduation?: Volume | undefined;
}

export interface FlowReading {
	/** How long each catch lasted; left out: as long as the course took (course-catch). */
	readonly time?: Time | undefined;
	readonly catches: readonly NozzleCatches[];
	/** Nozzles that were caught in one vessel, by their places among `catches`, which hold nothing of their own of them. */
	readonly together?: readonly CaughtTogether[] | undefined;
	/** The sprayer's number of nozzles when only some were caught. */
	readonly nozzles?: number | undefined;
	/** Group name of each catch; one group when left out. */
	readonly groups?: readonly string[] | undefined;
	/** Somebody said that all nozzles are of one size: catches that look like two are a fault. */
	readonly oneSize?: true | undefined;
	readonly rated?: Rated | undefined;
	/** Rated flow by group, where groups differ on purpose; a group that is not here goes by `rated`. */
	readonly ratings?: Readonly<Record<string, Rated>> | undefined;
	readonly pressure?: Pressure | undefined;
	readonly graduation?: Volume | undefined;
	readonly scaleDivision?: Mass | undefined;
	readonly catching?: 'one-by-one' | 'together' | undefined;
	/** Number of each catch's nozzle on the sprayer, from 1, where sections are off; 1, 2, 3 … when left out. */
	readonly numbers?: readonly number[] | undefined;
	/** Section of each catch's nozzle, for telling a whole section's fault from one nozzle's. */
	readonly sections?: readonly number[] | undefined;
	/** Side of each catch's nozzle on a sprayer that sprays to both sides, for comparing left with right. */
	readonly sides?: readonly Side[] | undefined;
}
