import type { CalibrationHead } from '$lib/wire/calibration-message';
import { revealOf } from './reveal-of';
import type { WholeYard } from './yard-log';

/** One yard of this device as the list shows it. */
export interface KeptPractice {
	readonly id: string;
	readonly exercise: string;
	readonly begunAt: string;
	readonly free: boolean;
	/** Null while nobody has signed: then nothing is told of it. */
	readonly result: {
		readonly inside: boolean | null;
		readonly found: number;
		readonly count: number;
		readonly reached: boolean;
		readonly minutes: number;
	} | null;
}

/** Nothing where this version does not know its exercise. */
export function keptPractice(
	one: WholeYard & { readonly signed: boolean; readonly calibration?: CalibrationHead }
): KeptPractice[] {
	const revealed = revealOf(one);
	if (!revealed) return [];
	const { head } = one.yard;
	const { inside, grades, goal } = revealed.reveal;
	return [
		{
			id: head.id,
			exercise: head.exercise,
			begunAt: head.begunAt,
			free: head.faults !== undefined,
			result: one.signed
				? {
						inside,
						found: grades.faults.filter((f) => f.grade === 'found').length,
						count: grades.faults.length,
						reached: goal.reached,
						minutes: revealed.yard.time / 60
					}
				: null
		}
	];
}
