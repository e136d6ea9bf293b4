import type { Entry, Reveal, RoundCalibration, Yard } from '../../core/index';
import { calibrateRound, foldRound, readRig, revealYard, rigOf, yardAfter } from '../../core/index';
import { roundHeadOf } from './begin-yard';
import { exerciseOf } from './exercise-of';
import type { WholeYard } from './yard-log';
import { actionsOf, claimsOf } from './yard-log';

export interface Revealed {
	readonly yard: Yard;
	readonly calibration: RoundCalibration | null;
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
	const rig = readRig(rigOf(roundHeadOf(head, exercise).rig, entries as Entry[]));
	if (!rig.ok) return null;
	const round = foldRound(entries, {});
	const result = calibrateRound(rig.value, round);
	const calibration = result.ok ? result.value : null;
	const { signOff } = round;
	const reveal = revealYard(
		yard,
		calibration && { sheet: calibration.sheet, rate: calibration.calibration.rate },
		claimsOf(items)
	);
	return { yard, calibration, reveal, signed: signOff && { person: signOff.person, day: signOff.day } };
}
