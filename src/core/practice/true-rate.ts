import type { VolumePerArea } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import type { Machine, YardSetting } from './machine';
import { machineFlows } from './machine-flows';
import { machineSpeed } from './machine-speed';
import { machineWidth } from './machine-width';

/** Speeds and volumes are those of a tank that is half full, as a calibration is made. */
export const halfFull = 0.5;

/**
 * The truth that a calibration in the yard is held against: what a practice sprayer puts on its ground at a setting, `Q / (v W)`.
 *
 * Source: volume over area; all that the nozzles give, over the width that a pass serves, at the speed of a half-full tank.
 * @example
 * const yard = openYard(exercises[0], 1);
 * const { machine, setting } = yard;
 * trueRate(machine, setting) === machineFlows(machine, setting).total / (machineSpeed(machine, setting, 0.5) * 6) // => true
 */
export const trueRate = (machine: Machine, setting: YardSetting): VolumePerArea =>
	si<'volumePerArea'>(
		machineFlows(machine, setting).total / (machineSpeed(machine, setting, halfFull) * machineWidth(machine, setting))
	);
