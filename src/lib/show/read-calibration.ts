import type {
	Entry,
	EvenRule,
	MeasuringSkill,
	TypedSprayer,
	FoldedCalibration,
	CalibrationResult,
	CalibrationStart
} from '$core';
import { calibrationResult, foldCalibration, readSprayer } from '$core';

export interface ReadCalibration extends CalibrationResult {
	readonly entered: FoldedCalibration;
}

/** A signed-off calibration worked out again from its raw readings, for reading. Null where it does not compute any more. */
export function readCalibration(
	sprayer: TypedSprayer,
	setting: CalibrationStart | null,
	entries: readonly Entry[],
	skill: MeasuringSkill,
	rule: EvenRule
): ReadCalibration | null {
	const numbers = readSprayer(sprayer);
	if (!numbers.ok) return null;
	const entered = foldCalibration(entries, setting ?? {});
	const result = calibrationResult(numbers.value, entered, skill, rule);
	return result.ok ? { entered, ...result.value } : null;
}
