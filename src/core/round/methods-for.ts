import type { RoundMethod } from '../calibration/round-methods';
import type { SprayerKind, Drive } from './rig';

/** The ways that a rig can be measured in: a pump that the wheels turn gives nothing to measure while parked. */
export const methodsFor = ({ kind, drive, groundDriven }: DrivenRig): readonly RoundMethod[] =>
	methodsOf[kind].filter((method) => method !== 'parked-drop' || !(groundDriven || drive === 'ground'));
export interface DrivenRig {
	readonly kind: SprayerKind;
	readonly drive?: Drive | undefined;
	readonly groundDriven?: boolean | undefined;
}
/** The ways in which each kind of rig is measured, the usual one first. */
export const methodsOf: Readonly<Record<SprayerKind, readonly RoundMethod[]>> = {
	boom: ['speed-width-flow', 'refill'],
	boomless: ['speed-width-flow', 'parked-drop', 'refill'],
	airblast: ['speed-width-flow', 'parked-drop', 'refill'],
	knapsack: ['plot-catch', 'refill', 'speed-width-flow']
};
