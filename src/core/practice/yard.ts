import type { Time, Volume } from '../quantity/quantity';
import type { YardSeen, YardAction } from './actions';
import type { Exercise } from './exercises';
import type { Fault } from './faults';
import type { Machine, YardSetting } from './machine';

/** Where the water of a yard is: what left the tank landed, was caught, or ran beside the jugs. */
export interface YardWater {
	readonly filled: Volume;
	readonly tank: Volume;
	readonly landed: Volume;
	readonly caught: Volume;
	readonly dripped: Volume;
}

export interface YardDone {
	readonly action: YardAction;
	readonly seen: YardSeen;
	/** Of the machine when it was done: what a reading of it is held against afterwards. */
	readonly machine: Machine;
	readonly setting: YardSetting;
	/** How full the tank was, 0 to 1. */
	readonly level: number;
	readonly time: Time;
}

/** A yard: its sprayer as it is by now, what was done, and what that took. */
export interface Yard {
	readonly exercise: Exercise;
	readonly seed: number;
	/** What was wrong when it began. */
	readonly faults: readonly Fault[];
	readonly machine: Machine;
	readonly setting: YardSetting;
	readonly water: YardWater;
	readonly time: Time;
	readonly done: readonly YardDone[];
}

/** How full the tank stands when an exercise begins. */
export const startLevel = 0.55;
