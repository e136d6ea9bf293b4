import type { CalibrationMethod } from '../calibration/calibration-methods';
import type { SprayerKind, Drive } from '../sprayer/sprayer';

/** The ways that a sprayer can be measured in: a pump that the wheels turn gives nothing to measure while parked. */
export const methodsFor = ({ kind, drive, groundDriven }: DrivenSprayer): readonly CalibrationMethod[] =>
	methodsOf[kind].filter((method) => method !== 'parked-drop' || !(groundDriven || drive === 'ground'));
export interface DrivenSprayer {
	readonly kind: SprayerKind;
	readonly drive?: Drive | undefined;
	readonly groundDriven?: boolean | undefined;
}
/** The ways in which each kind of sprayer is measured, the usual one first. */
export const methodsOf: Readonly<Record<SprayerKind, readonly CalibrationMethod[]>> = {
	boom: ['speed-width-flow', 'refill'],
	boomless: ['speed-width-flow', 'parked-drop', 'refill'],
	airblast: ['speed-width-flow', 'parked-drop', 'refill'],
	knapsack: ['plot-catch', 'refill', 'speed-width-flow']
};
