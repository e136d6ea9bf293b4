import { si } from '../quantity/quantity';
import { actInYard } from './act-in-yard';
import type { YardAction } from './actions';
import { Chance } from './chance';
import { drawFaults } from './draw-faults';
import { drawMachine } from './draw-machine';
import type { Exercise } from './exercises';
import { withFault } from './with-fault';
import type { Yard } from './yard';
import { startLevel } from './yard';

/**
 * A yard as it begins: the exercise's sprayer with its faults inside, drawn by the seed.
 *
 * seed: a whole number. Source: `drawMachine`, `drawFaults`, `withFault`.
 * @example
 * openYard(exercises[1], 12).faults.length // => 1
 */
export function openYard(exercise: Exercise, seed: number): Yard {
	const sound = drawMachine(exercise, seed);
	const faults = drawFaults(exercise.faults, sound.machine, new Chance(seed, 'faults'));
	const { machine, setting } = faults.reduce(withFault, sound);
	const tank = si<'volume'>(machine.tank * startLevel);
	const none = si<'volume'>(0);
	return {
		exercise,
		seed,
		faults,
		machine,
		setting,
		water: { filled: tank, tank, landed: none, caught: none, dripped: none },
		time: si<'time'>(0),
		done: []
	};
}

/**
 * A yard after all that was done in it.
 * @example
 * yardAfter(exercises[0], 1, [{ do: 'drive' }, { do: 'drive' }]).done.length // => 2
 */
export const yardAfter = (exercise: Exercise, seed: number, actions: readonly YardAction[]): Yard =>
	actions.reduce(actInYard, openYard(exercise, seed));
