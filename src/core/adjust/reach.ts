import type { FlowPoint } from '../nozzles/nozzle';
import type { Length, VolumePerArea } from '../quantity/quantity';
import type { PressureRange, SpeedRange } from './adjust';

/** What a sprayer can put on the ground: what it sprays with, over what width, and how fast and hard it can be driven. */
export interface Reach {
	/** Water that comes out for each served width, by pressure. */
	readonly points: readonly FlowPoint[];
	/** Width that those points serve: one nozzle's spacing, or the whole swath with the flow of all. */
	readonly served: Length;
	readonly specificGravity: number;
	readonly speeds: SpeedRange;
	readonly pressures: PressureRange;
}

/** The stretch of speeds, and of pressures with them, at which a wanted volume is reached; or why there is none. */
export type WantedLine =
	| { readonly inside: true; readonly speeds: SpeedRange; readonly pressures: PressureRange }
	/** The most that the sprayer can give, slow and hard, is less than what is wanted. */
	| { readonly inside: false; readonly why: 'too-little'; readonly bound: VolumePerArea }
	/** The least that it can give, fast and soft, is more. */
	| { readonly inside: false; readonly why: 'too-much'; readonly bound: VolumePerArea };
