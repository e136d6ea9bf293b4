import type { Length, Pressure, Speed, Time, Volume } from '../quantity/quantity';

/** What can be taped in the yard. */
export const tapedThings = ['course', 'ground', 'spacing', 'height'] as const;
export type TapedThing = (typeof tapedThings)[number];

/** What somebody does in the yard. A yard is nothing but what was done in it, in order: it can be worked out again anywhere. */
export type YardAction =
	/** Another gear, other revs, another pressure at the gauge, another height, another beat of the lever. */
	| {
			readonly do: 'set';
			readonly rpm?: number | undefined;
			readonly gear?: number | undefined;
			readonly gauge?: Pressure | undefined;
			readonly height?: Length | undefined;
			readonly strokes?: number | undefined;
	  }
	/** One run over the course, both flags. */
	| { readonly do: 'drive' }
	/** Jugs held under nozzles for so long, truly: by a hand that was quicker or slower than the watch. */
	| { readonly do: 'catch'; readonly nozzles: readonly number[]; readonly held: Time }
	/** Passes over a row of pans. */
	| { readonly do: 'pans' }
	/** One pass to see how far it wets. */
	| { readonly do: 'wet' }
	/** Sprayed parked for so long. */
	| { readonly do: 'park'; readonly time: Time }
	/** The ground of a refill or a plot is sprayed once. */
	| { readonly do: 'cover' }
	/** The dip stick is put in the tank. */
	| { readonly do: 'dip' }
	/** The tank is brought back to its mark by a metered hose. */
	| { readonly do: 'fill' }
	| { readonly do: 'tape'; readonly what: TapedThing }
	/** A gauge that was tested is fitted at a nozzle. */
	| { readonly do: 'test-gauge' }
	/** The revs are counted at the shaft. */
	| { readonly do: 'count-revs' }
	/** A weighed litre is poured into the jug. */
	| { readonly do: 'check-jug' }
	/** A measured volume is let into the tank beside its sight gauge. */
	| { readonly do: 'check-sight' }
	/** A filter is opened, looked at and washed; null is the main one. */
	| { readonly do: 'open-filter'; readonly section: number | null }
	| { readonly do: 'brush'; readonly nozzle: number }
	/** A new nozzle of the right size; null: all of them. */
	| { readonly do: 'replace'; readonly nozzle: number | null }
	/** A wider hose along the boom. */
	| { readonly do: 'replace-hose' }
	/** The stamp on a nozzle is read. */
	| { readonly do: 'read-stamp'; readonly nozzle: number }
	/** A look at the fans while it sprays. */
	| { readonly do: 'look-fans' };

export type ActionKind = YardAction['do'];

/** How foul a filter is that was opened. */
export type Foulness = 'clean' | 'foul';

/** What was seen of it: readings as a person has them, never the truth behind them. */
export type YardSeen =
	| { readonly of: 'set' }
	/** `pass`: from flag to flag, by a clock of the yard; what a watch makes of it is the hand's. */
	| { readonly of: 'drive'; readonly pass: Time; readonly dial: Speed | null; readonly back: boolean }
	| {
			readonly of: 'catch';
			readonly held: Time;
			readonly jugs: readonly { readonly nozzle: number; readonly shown: Volume; readonly caught: Volume }[];
	  }
	| { readonly of: 'pans'; readonly levels: readonly Volume[] }
	| { readonly of: 'wet'; readonly left: Length; readonly right: Length }
	| { readonly of: 'park'; readonly used: Volume }
	| { readonly of: 'cover'; readonly pass: Time; readonly used: Volume }
	| { readonly of: 'dip'; readonly level: Volume }
	| { readonly of: 'fill'; readonly metered: Volume }
	| { readonly of: 'tape'; readonly what: TapedThing; readonly length: Length }
	| { readonly of: 'test-gauge'; readonly tested: Pressure; readonly gauge: Pressure | null }
	| { readonly of: 'count-revs'; readonly counted: number; readonly shown: number }
	| { readonly of: 'check-jug'; readonly poured: Volume; readonly shown: Volume }
	| { readonly of: 'check-sight'; readonly let: Volume; readonly rose: Volume }
	| { readonly of: 'open-filter'; readonly section: number | null; readonly was: Foulness }
	| { readonly of: 'brush'; readonly nozzle: number; readonly was: Foulness }
	| { readonly of: 'replace'; readonly nozzle: number | null }
	| { readonly of: 'replace-hose' }
	/** What is stamped on it, against what belongs there. */
	| { readonly of: 'read-stamp'; readonly nozzle: number; readonly size: 'right' | 'larger' | 'smaller' }
	/** Nozzles whose spray is thin or streaky to the eye. */
	| { readonly of: 'look-fans'; readonly thin: readonly number[] }
	/** Nothing came of it: the tank is empty. */
	| { readonly of: 'dry' };
