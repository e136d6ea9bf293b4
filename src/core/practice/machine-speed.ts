import type { Speed } from '../quantity/quantity';
import { truthOfClaim } from './claimed-reading';
import { driveSpeed } from './drive-speed';
import type { Machine, YardSetting } from './machine';
import { wheelSlip } from './wheel-slip';

/**
 * Speed of a practice sprayer over the ground at a setting, with its tank so full; on foot the person's own pace.
 *
 * level: how full the tank is, 0 to 1. Source: `driveSpeed`, `wheelSlip`.
 * @example
 * const yard = openYard(exercises[0], 1);
 * machineSpeed(yard.machine, yard.setting, 1) > machineSpeed(yard.machine, yard.setting, 0) // => true
 */
export function machineSpeed(machine: Machine, setting: YardSetting, level: number): Speed {
	if (machine.pace !== null) return machine.pace;
	const rpm = machine.revs ? truthOfClaim(setting.rpm, machine.revs) : setting.rpm;
	const gear = machine.gears[setting.gear]!;
	return driveSpeed(gear.perTurn, rpm, wheelSlip(machine.slip.ground, machine.slip.grip, level));
}
