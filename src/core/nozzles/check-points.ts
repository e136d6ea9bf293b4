import type { FlowPoint } from './nozzle';
import { median } from '../calibration/median';

/** A point of a sheet that does not go with the others. */
export interface Misfit {
	/** Place in the list, from 0. */
	readonly at: number;
	/** How far its flow is from what the others say, as a share. */
	readonly share: number;
}

/** A point further than this from the square law through the others was most likely copied wrongly. */
const fits = 0.05;

/**
 * The points that do not fit the square law: each one's `q / √P` against the median of all. Pre-orifices and air
 * induction keep the law to within a few per cent; 5 % is a slip of the pen.
 *
 * points: any order, Pa and m³/s, over 0. With two points that disagree both are told.
 * @example
 * misfits([{ pressure: 1, flow: 1 }, { pressure: 4, flow: 2 }, { pressure: 9, flow: 3.6 }]).map((m) => m.at) // => [2]
 */
export function misfits(points: readonly FlowPoint[]): Misfit[] {
	if (points.length < 2) return [];
	const factors = points.map((p) => p.flow / Math.sqrt(p.pressure));
	const middle = median(factors);
	return factors.flatMap((f, at) => {
		const share = f / middle - 1;
		return Math.abs(share) > fits ? [{ at, share }] : [];
	});
}

/**
 * The place of the first point that no orifice could give after the one before it: more pressure with no more flow, or
 * flow that grows faster than the pressure itself. −1 where all could be.
 *
 * points: pressures rising.
 * @example
 * impossiblePoint([{ pressure: 2, flow: 1 }, { pressure: 3, flow: 0.9 }]) // => 1
 * impossiblePoint([{ pressure: 2, flow: 1 }, { pressure: 3, flow: 1.22 }]) // => -1
 */
export const impossiblePoint = (points: readonly FlowPoint[]): number =>
	points.findIndex((p, i) => {
		const before = points[i - 1];
		return before !== undefined && (p.flow <= before.flow || p.flow / before.flow > p.pressure / before.pressure);
	});
