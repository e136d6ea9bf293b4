import type { Time } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import type { YardAction } from './actions';
import type { Machine } from './machine';

/** How long the work around each thing takes, s. */
const work: Readonly<Record<YardAction['do'], number>> = {
	set: 30,
	drive: 40,
	catch: 12,
	pans: 300,
	wet: 60,
	park: 20,
	cover: 60,
	dip: 30,
	fill: 120,
	tape: 120,
	'test-gauge': 300,
	'count-revs': 60,
	'check-jug': 120,
	'check-sight': 300,
	'open-filter': 180,
	brush: 60,
	replace: 90,
	'replace-hose': 1800,
	'read-stamp': 20,
	'look-fans': 60
};

/**
 * How long something takes in the yard: the work around it and the time that the sprayer runs or the tape lies.
 *
 * running: time that it sprays or drives for it, s. Source: usual times of this work, taken as round figures.
 * @example
 * actionTime({ do: 'brush', nozzle: 3 }, { nozzles: [] }, 0) // => 60
 * actionTime({ do: 'replace', nozzle: null }, { nozzles: [1, 2] }, 0) // => 180
 */
export function actionTime(action: YardAction, machine: Pick<Machine, 'nozzles'>, running: Time): Time {
	const times =
		action.do === 'replace' && action.nozzle === null
			? machine.nozzles.length
			: action.do === 'catch'
				? action.nozzles.length
				: 1;
	return si<'time'>(work[action.do] * times + running);
}
