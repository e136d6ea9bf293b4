import type { Exercise } from './exercises';
import { exercises } from './exercises';
import type { Grades } from './grade-claims';

/** What an exercise showed of its learner. */
export interface ExerciseShown {
	readonly grades: Grades;
	/** Whether the truth was inside of the answer's ±; null where there was no answer. */
	readonly inside: boolean | null;
}

/**
 * The next exercise: one that trains what was weak. A fault that was missed or misnamed comes up again on another sprayer; an answer that did
 * not hold the truth is done again the same way, not harder; else it goes on to what is a little harder.
 *
 * Source: the easiest other exercise that holds what was missed; by level, then by its place in the list.
 * @example
 * const grades = { faults: [{ fault: { kind: 'gauge-high', at: null, size: 0.1 }, grade: 'missed', as: null, mended: false }], wrong: [] };
 * nextExercise(exercises.find((e) => e.id === 'boom-6'), { grades, inside: true }).id // => "thrower-4"
 * nextExercise(exercises[0], { grades: { faults: [], wrong: [] }, inside: true }).level // => 1
 */
export function nextExercise(now: Exercise, { grades, inside }: ExerciseShown): Exercise {
	const others = exercises.filter((e) => e.id !== now.id);
	const weak = grades.faults.filter((f) => f.grade !== 'found').map((f) => f.fault.kind);
	const byLevel = [...others].sort((a, b) => a.level - b.level);
	if (weak.length > 0) {
		const trains = byLevel.find((e) => weak.some((kind) => e.faults.of.includes(kind)));
		if (trains) return trains;
	}
	if (inside === false) {
		const again = byLevel.find((e) => e.method === now.method && e.level <= now.level);
		if (again) return again;
	}
	const place = exercises.findIndex((e) => e.id === now.id);
	return exercises[place + 1] ?? exercises[0]!;
}
