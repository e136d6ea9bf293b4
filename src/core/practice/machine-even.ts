import { arcHit } from './arc-hit';
import { boomPattern } from './boom-pattern';
import type { Machine, YardSetting } from './machine';
import { machineFlows } from './machine-flows';

/** Nozzles within this of the mean of their kind are even; fans with a spread up to this lie evenly. */
export const evenWithin = { nozzles: 0.05, pattern: 0.1 } as const;

export interface MachineEven {
	/** The nozzle farthest from the mean of those like it, from 1, and how far, a share. */
	readonly worst: { readonly nozzle: number; readonly share: number };
	/** Spread of the fans on the ground; null where there are none. */
	readonly pattern: number | null;
	/** Airblast: share of the spray that meets the trees. */
	readonly hit: number | null;
	readonly even: boolean;
}

/**
 * Whether a practice sprayer puts its water down evenly: each nozzle against the mean of those that should give the same, and the fans of a
 * boom at their height.
 *
 * Source: ±5 % of the mean of a group; `boomPattern`.
 * @example
 * const { machine, setting } = openYard(exercises[0], 1);
 * machineEven(machine, setting).even // => true
 */
export function machineEven(machine: Machine, setting: YardSetting): MachineEven {
	const { flows } = machineFlows(machine, setting);
	const shares = flows.map((q, i) => {
		const like = flows.filter((_, j) => machine.rated[j]!.flow === machine.rated[i]!.flow);
		return q / (like.reduce((s, one) => s + one, 0) / like.length) - 1;
	});
	const worst = shares.reduce((most, share, i) => (Math.abs(share) > Math.abs(shares[most]!) ? i : most), 0);
	const pattern =
		machine.height && machine.width.by === 'spacing'
			? boomPattern(machine.height.angle, machine.width.spacing, setting.height)
			: null;
	return {
		worst: { nozzle: worst + 1, share: shares[worst]! },
		pattern,
		hit: machine.canopy && arcHit(machine, setting, machine.canopy),
		even: Math.abs(shares[worst]!) <= evenWithin.nozzles && (pattern ?? 0) <= evenWithin.pattern
	};
}
