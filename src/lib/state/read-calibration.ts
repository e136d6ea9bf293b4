import type { Calibration, CalibrationSheet, Entry, EvenRule, Rig, Round } from '$core';
import { calibrate, foldRound, readRig, roundSheet, usualSkill } from '$core';

export interface ReadCalibration {
	readonly round: Round;
	readonly sheet: CalibrationSheet;
	readonly calibration: Calibration;
}

/** A signed-off round worked out again from its raw readings, for reading. Null where it does not compute any more. */
export function readCalibration(rig: Rig, entries: readonly Entry[], rule: EvenRule): ReadCalibration | null {
	const numbers = readRig(rig);
	if (!numbers.ok) return null;
	const round = foldRound(entries);
	const sheet = roundSheet(numbers.value, round);
	if (!sheet.ok) return null;
	const result = calibrate(sheet.value, usualSkill, rule);
	return result.ok ? { round, sheet: sheet.value, calibration: result.value } : null;
}
