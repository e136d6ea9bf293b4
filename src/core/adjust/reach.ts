import { flowAt } from '../nozzles/flow-at';
import type { FlowPoint } from '../nozzles/nozzle';
import { pressureAt } from '../nozzles/pressure-at';
import type { Length, Pressure, Speed, VolumePerArea } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import type { PressureRange, SpeedRange } from './adjust';
import { neededNozzleFlow } from './needed-nozzle-flow';

/** What a rig can put on the ground: what it sprays with, over what width, and how fast and hard it can be driven. */
export interface Reach {
	/** Water that comes out for each served width, by pressure. */
	readonly points: readonly FlowPoint[];
	/** Width that those points serve: one nozzle's spacing, or the whole swath with the flow of all. */
	readonly served: Length;
	readonly specificGravity: number;
	readonly speeds: SpeedRange;
	readonly pressures: PressureRange;
}

/**
 * Spray volume of a rig at a speed and a pressure, `q(P) / (√SG v s)`.
 * @example
 * volumeAt({ points: [{ pressure: 3, flow: 0.00002 }], served: 0.5, specificGravity: 1 }, 2, 3) // => 0.00002
 */
export const volumeAt = (
	reach: Pick<Reach, 'points' | 'served' | 'specificGravity'>,
	speed: Speed,
	pressure: Pressure
): VolumePerArea =>
	si<'volumePerArea'>(flowAt(reach.points, pressure) / (Math.sqrt(reach.specificGravity) * speed * reach.served));

/**
 * Pressure at which a rig gives a spray volume at a speed.
 * @example
 * pressureOn({ points: [{ pressure: 3, flow: 0.00002 }], served: 0.5, specificGravity: 1 }, 0.00004, 2) // => 12
 */
export const pressureOn = (
	reach: Pick<Reach, 'points' | 'served' | 'specificGravity'>,
	wanted: VolumePerArea,
	speed: Speed
): Pressure => pressureAt(reach.points, neededNozzleFlow(wanted, speed, reach.served, reach.specificGravity));

/**
 * Speed at which a rig gives a spray volume at a pressure.
 * @example
 * speedOn({ points: [{ pressure: 3, flow: 0.00002 }], served: 0.5, specificGravity: 1 }, 0.00004, 3) // => 1
 */
export const speedOn = (
	reach: Pick<Reach, 'points' | 'served' | 'specificGravity'>,
	wanted: VolumePerArea,
	pressure: Pressure
): Speed => si<'speed'>(volumeAt(reach, si<'speed'>(1), pressure) / wanted);

/** The stretch of speeds, and of pressures with them, at which a wanted volume is reached; or why there is none. */
export type WantedLine =
	| { readonly inside: true; readonly speeds: SpeedRange; readonly pressures: PressureRange }
	/** The most that the rig can give, slow and hard, is less than what is wanted. */
	| { readonly inside: false; readonly why: 'too-little'; readonly bound: VolumePerArea }
	/** The least that it can give, fast and soft, is more. */
	| { readonly inside: false; readonly why: 'too-much'; readonly bound: VolumePerArea };

/**
 * Where a wanted volume lies inside what a rig can reach: faster asks for more pressure, so it is one stretch.
 * @example
 * wantedLine({ points: [{ pressure: 3, flow: 0.00002 }], served: 0.5, specificGravity: 1, speeds: { low: 1, high: 3 }, pressures: { low: 3, high: 12 } }, 0.00002) // => {"inside":true,"speeds":{"low":2,"high":3},"pressures":{"low":3,"high":6.75}}
 */
export function wantedLine(reach: Reach, wanted: VolumePerArea): WantedLine {
	const low = Math.max(reach.speeds.low, speedOn(reach, wanted, reach.pressures.low));
	const high = Math.min(reach.speeds.high, speedOn(reach, wanted, reach.pressures.high));
	if (low <= high) {
		const speeds = { low: si<'speed'>(low), high: si<'speed'>(high) };
		const pressures = { low: pressureOn(reach, wanted, speeds.low), high: pressureOn(reach, wanted, speeds.high) };
		return { inside: true, speeds, pressures };
	}
	const most = volumeAt(reach, reach.speeds.low, reach.pressures.high);
	if (wanted > most) return { inside: false, why: 'too-little', bound: most };
	return { inside: false, why: 'too-much', bound: volumeAt(reach, reach.speeds.high, reach.pressures.low) };
}
