import type { Entry, EvenRule, MeasuringSkill, Rig, Round, RoundCalibration, RoundStart } from '$core';
import { calibrateRound, foldRound, readRig } from '$core';

export interface ReadCalibration extends RoundCalibration {
	readonly round: Round;
}

/** A signed-off round worked out again from its raw readings, for reading. Null where it does not compute any more. */
export function readCalibration(
	rig: Rig,
	setting: RoundStart | null,
	entries: readonly Entry[],
	skill: MeasuringSkill,
	rule: EvenRule
): ReadCalibration | null {
	const numbers = readRig(rig);
	if (!numbers.ok) return null;
	const round = foldRound(entries, setting ?? {});
	const result = calibrateRound(numbers.value, round, skill, rule);
	return result.ok ? { round, ...result.value } : null;
}
