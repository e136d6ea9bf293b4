import { si } from '../quantity/quantity';
import { Chance } from './chance';
import { noLie } from './claimed-reading';
import type { Exercise } from './exercises';
import { freshNozzle } from './fresh-nozzle';
import type { Machine, Supply, YardSetting, YardWidth } from './machine';
import { nozzleConductance } from './nozzle-conductance';
import type { PracticeSprayer } from './practice-sprayers';
import { practiceSprayers } from './practice-sprayers';
import { practiceNumbers, yardQuantity } from './read-practice-sprayer';

/** Wheel slip on the yard's ground, and how much of it a full tank takes away. */
const slip = { ground: 0.03, grip: 0.15 };
/** A lever brings so much a stroke at the strokes that it is usually pumped with. */
const strokes = 20;

/**
 * A sound practice sprayer as it stands in the yard before anything is wrong with it, and what it is set to. Its nozzles differ as new
 * ones do, its speeds are a little off the round ones, so that nothing can be guessed.
 *
 * Source: drawn by the seed from the yard's tables.
 * @example
 * drawMachine(exercises[0], 5).machine.nozzles.length // => 12
 * drawMachine(exercises[0], 5).machine.pace // => null
 */
export function drawMachine(
	exercise: Pick<Exercise, 'sprayer' | 'school'>,
	seed: number
): { readonly machine: Machine; readonly setting: YardSetting } {
	const chance = new Chance(seed, 'machine');
	const own: PracticeSprayer = practiceSprayers[exercise.sprayer];
	const { numbers, rated } = practiceNumbers(own);
	const nozzles = rated.map(() => freshNozzle(chance));
	const gauge = own.gauge ? yardQuantity('pressure', own.gauge) : yardQuantity('pressure', own.works);
	const height = yardQuantity('length', own.height);
	const onFoot = numbers.kind === 'knapsack';
	const speeds = own.speeds.map((v) => yardQuantity('speed', v) * chance.between(0.96, 1.04));
	const ground = { length: yardQuantity('length', own.ground.length), width: yardQuantity('length', own.ground.width) };
	const course = yardQuantity('length', own.course);
	const machine: Machine = {
		sprayer: own.sprayer,
		rated,
		nozzles,
		sections: numbers.sections,
		// A boom's hose comes from the middle, an arc's from below.
		feeds: numbers.sections.map(() => 'first'),
		filters: numbers.sections.map(() => Infinity),
		mainFilter: Infinity,
		hose: Infinity,
		supply: supplyOf(own, nozzleConductance(rated[0]!), chance),
		gears: onFoot
			? []
			: speeds.map((v, i) => ({
					name: `${i + 1}`,
					// A gear's speed is that of a half-full tank.
					perTurn: si<'length'>((v * 60) / own.rpm / (1 - slip.ground * (1 - slip.grip / 2)))
				})),
		pace: onFoot ? si<'speed'>(speeds[0]!) : null,
		slip,
		gauge: own.gauge ? noLie : null,
		dial: own.dial ? noLie : null,
		revs: own.counter ? noLie : null,
		jug: noLie,
		sight: noLie,
		jugSize: { marks: yardQuantity('volume', own.jug.marks), brim: yardQuantity('volume', own.jug.brim) },
		course: { said: course, is: course },
		ground: { said: ground, is: ground },
		width: widthOf(own, exercise.school, gauge, height),
		height: numbers.fan ? { right: numbers.fan.height, angle: numbers.fan.angle } : null,
		canopy:
			numbers.kind === 'airblast'
				? { low: si<'length'>(chance.between(0.5, 0.8)), high: si<'length'>(chance.between(3, 4)) }
				: null,
		tank: numbers.tank,
		approach: si<'time'>(onFoot ? 3 : 6)
	};
	return { machine, setting: { rpm: own.rpm, gear: own.gear, gauge, height, strokes } };
}

function supplyOf(own: PracticeSprayer, nozzle: number, chance: Chance): Supply {
	const works = yardQuantity('pressure', own.works);
	const off = chance.between(0.96, 1.04);
	if (own.sprayer.carried === 'lever')
		return { by: 'lever', perStroke: si<'volume'>((nozzle * Math.sqrt(works) * off * 60) / strokes) };
	if (own.sprayer.carried === 'mist') return { by: 'blower', pressure: si<'pressure'>(works * off), rpm: own.rpm };
	return {
		by: 'pump',
		perTurn: si<'volume'>((yardQuantity('flow', own.pump.flow) * 60) / own.rpm),
		stir: yardQuantity('flow', own.pump.stir),
		relief: yardQuantity('pressure', own.pump.relief)
	};
}

function widthOf(
	own: PracticeSprayer,
	school: Exercise['school'],
	pressure: YardSetting['gauge'],
	height: YardSetting['height']
): YardWidth {
	switch (own.sprayer.kind) {
		case 'boom':
			return { by: 'spacing', spacing: yardQuantity('length', own.sprayer.spacing!) };
		case 'airblast':
			return { by: 'rows', spacing: yardQuantity('length', own.sprayer.rowSpacing!) };
		case 'knapsack':
			return { by: 'lance', width: yardQuantity('length', own.width!) };
		case 'boomless':
			return {
				by: 'throw',
				known: { width: yardQuantity('length', own.width!), pressure, height },
				school: school === 'pans' ? 'pans' : { share: 0.85 }
			};
	}
}
