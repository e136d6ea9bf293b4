import type { Exercise } from './exercises';
import type { FaultKind } from './faults';
import { faultsOf } from './faults';
import { practiceSprayers } from './practice-sprayers';

/**
 * Free play: an exercise's sprayer and way to measure it, with faults that were chosen; those that its kind does not have are left out.
 * @example
 * freeExercise(exercises[0], ['gauge-high', 'dial-fast']).faults.count // => 2
 * freeExercise(exercises.find((e) => e.id === 'knapsack-1'), ['gauge-high']).faults.count // => 0
 */
export function freeExercise(base: Exercise, chosen: readonly FaultKind[]): Exercise {
	const of = chosen.filter((kind) => faultsOf[practiceSprayers[base.sprayer].sprayer.kind].includes(kind));
	return { ...base, id: `free-${base.id}`, faults: { count: of.length, of } };
}
