import type { Rated } from '../calibration/sheet';

/** How well something lets water through: `C` of `q = C √P`, m³/s per √Pa. Both losses and nozzles follow that law. */
export type Conductance = number;

/** What has become of a nozzle: its wear and its blockage as shares, and how much larger its size is than it should be. */
export interface NozzleState {
	/** Share by which its hole has grown, 0 to 0.5. */
	readonly wear: number;
	/** Share of its hole that is stopped, 0 to 1. */
	readonly blocked: number;
	/** Flow of its size over the size that belongs there: 1 is the right one. */
	readonly size: number;
}

export const soundNozzle: NozzleState = { wear: 0, blocked: 0, size: 1 };

/**
 * What a nozzle lets through: that of a new one of its size, more by its wear, less by what stops it.
 *
 * rated: flow of a new one at a pressure, m³/s and Pa. Source: orifice equation, `q = C √P`; the area of the hole is
 * what wear and dirt change.
 * @example
 * nozzleConductance({ flow: 0.00002, at: 400 }, { wear: 0.1, blocked: 0.5, size: 1 }) // => 0.00000055
 */
export const nozzleConductance = (rated: Rated, state: NozzleState = soundNozzle): Conductance =>
	(rated.flow / Math.sqrt(rated.at)) * state.size * (1 + state.wear) * (1 - state.blocked);
