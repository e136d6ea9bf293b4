import type { Time, Volume } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import { actionTime } from './action-cost';
import type { YardAction } from './actions';
import type { YardOutcome } from './outcomes';
import { outcomeOf } from './outcomes';
import type { YardWater, Yard } from './yard';

/**
 * What becomes of a yard when something is done in it. Whatever wavers (a run's pace, a wet edge, a dip) is drawn by the seed and the place
 * in the order of doing, so that the same doing gives the same readings.
 *
 * Source: the laws of this folder; deviations of `usualSkill`. No water is made or lost.
 * @example
 * const yard = openYard(exercises[0], 1);
 * const after = actInYard(yard, { do: 'catch', nozzles: [1], held: 30 });
 * const { filled, tank, landed, caught, dripped } = after.water;
 * Math.abs(filled - tank - landed - caught - dripped) < 1e-12 // => true
 */
export function actInYard(yard: Yard, action: YardAction): Yard {
	const outcome = outcomeOf(yard, action);
	const level = yard.water.tank / yard.machine.tank;
	const running: Time = outcome.running ?? si<'time'>(0);
	const time = actionTime(action, yard.machine, running);
	// Sprayed dry: nothing is seen that there was no water for.
	const dry = outOf(outcome) > yard.water.tank + (outcome.filled ?? 0);
	const { machine, setting, water } = yard;
	return {
		...yard,
		machine: (dry ? undefined : outcome.machine) ?? machine,
		setting: outcome.setting ?? setting,
		water: dry ? runDry(water) : poured(water, outcome),
		time: si<'time'>(yard.time + time),
		done: [...yard.done, { action, seen: dry ? { of: 'dry' } : outcome.seen, machine, setting, level, time }]
	};
}

const outOf = ({ landed, caught, dripped }: YardOutcome): number => (landed ?? 0) + (caught ?? 0) + (dripped ?? 0);
const sum = (a: Volume, b: Volume | undefined) => si<'volume'>(a + (b ?? 0));

const runDry = (water: YardWater): YardWater => ({
	...water,
	tank: si<'volume'>(0),
	landed: sum(water.landed, water.tank)
});

const poured = (water: YardWater, outcome: YardOutcome): YardWater => ({
	filled: sum(water.filled, outcome.filled),
	tank: si<'volume'>(water.tank + (outcome.filled ?? 0) - outOf(outcome)),
	landed: sum(water.landed, outcome.landed),
	caught: sum(water.caught, outcome.caught),
	dripped: sum(water.dripped, outcome.dripped)
});
