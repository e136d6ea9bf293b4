import type { Entry, Reveal, CalibrationResult, Yard } from '../../core/index';
import { calibrationResult, foldCalibration, readSprayer, revealYard, sprayerOf, yardAfter } from '../../core/index';
import { calibrationHeadOf } from './begin-yard';
import { exerciseOf } from './exercise-of';
import type { WholeYard } from './yard-log';
import { actionsOf, claimsOf } from './yard-log';

export interface Revealed {
	readonly yard: Yard;
	readonly calibration: CalibrationResult | null;
	readonly reveal: Reveal;
	/** Who signed, and on which day; null while nobody has. */
	readonly signed: { readonly person: string; readonly day: string } | null;
}

/**
 * What a yard hid, worked out from what was done and read in it: on the device, and again on the server for a class. Null where this version
 * does not know its exercise.
 */
export function revealOf({ yard: { head, entries: items }, entries }: WholeYard): Revealed | null {
	const exercise = exerciseOf(head);
	if (!exercise) return null;
	const yard = yardAfter(exercise, head.seed, actionsOf(items));
	const sprayer = readSprayer(sprayerOf(calibrationHeadOf(head, exercise).rig, entries as Entry[]));
	if (!sprayer.ok) return null;
	const calibration = foldCalibration(entries, {});
	const result = calibrationResult(sprayer.value, calibration);
	const computed = result.ok ? result.value : null;
	const { signOff } = calibration;
	const reveal = revealYard(yard, computed && { sheet: computed.sheet, rate: computed.answer.rate }, claimsOf(items));
	return { yard, calibration: computed, reveal, signed: signOff && { person: signOff.person, day: signOff.day } };
}
