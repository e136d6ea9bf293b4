import type { Exercise } from '$core';
import { exercises, freeExercise } from '$core';
import type { YardHead } from './yard-log';

/** The exercise that a yard is of; null where this version of Fallow does not know it. */
export function exerciseOf({ exercise, faults }: Pick<YardHead, 'exercise' | 'faults'>): Exercise | null {
	const base = exercises.find((e) => e.id === exercise);
	if (!base) return null;
	return faults ? freeExercise(base, faults) : base;
}
