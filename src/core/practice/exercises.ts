import type { AnySheet } from '../calibration/sheet';
import type { Typed } from '../quantity/typed';
import type { FaultKind } from './faults';
import type { PracticeSprayerName } from './practice-sprayers';

/** One exercise of the yard: a sprayer, a way to measure it, what it should give, and what may be wrong with it. */
export interface Exercise {
	readonly id: string;
	/** 1 is easy, 4 is hard. */
	readonly level: 1 | 2 | 3 | 4;
	readonly sprayer: PracticeSprayerName;
	readonly method: AnySheet['method'];
	/** Thrown swaths: by a usable share of what is wetted, or by pans. */
	readonly school?: 'share' | 'pans';
	readonly goal: Typed;
	/** How many faults are drawn, and of which. */
	readonly faults: { readonly count: number; readonly of: readonly FaultKind[] };
	/** Minutes and water that it should take. */
	readonly minutes: number;
	readonly water: Typed;
}

const rate = (text: string, unit: 'L/ha' | 'gal/ac'): Typed => ({ text, unit, gallon: 'US' });
const water = (text: string, unit: 'L' | 'gal'): Typed => ({ text, unit, gallon: 'US' });
const none = { count: 0, of: [] } as const;
const nozzles = ['nozzle-blocked', 'nozzle-worn', 'nozzle-larger', 'nozzle-smaller'] as const;
const gauges = ['gauge-high', 'gauge-low'] as const;
const dials = ['dial-fast', 'dial-slow'] as const;
const revs = ['revs-high', 'revs-low'] as const;
const jugs = ['jug-high', 'jug-low'] as const;
const courses = ['course-long', 'course-short'] as const;
const heights = ['height-low', 'height-high'] as const;
const sights = ['sight-high', 'sight-low'] as const;

/** How near to the goal is near enough, a share. */
export const goalWithin = 0.05;

/** The exercises from easy to hard over every kind of sprayer and every method. */
export const exercises: readonly Exercise[] = [
	{
		id: 'boom-1',
		level: 1,
		sprayer: 'boom-m',
		method: 'speed-width-flow',
		goal: rate('200', 'L/ha'),
		faults: none,
		minutes: 30,
		water: water('150', 'L')
	},
	{
		id: 'boom-2',
		level: 1,
		sprayer: 'boom-us',
		method: 'speed-width-flow',
		goal: rate('15', 'gal/ac'),
		faults: { count: 1, of: ['nozzle-blocked'] },
		minutes: 35,
		water: water('45', 'gal')
	},
	{
		id: 'knapsack-1',
		level: 1,
		sprayer: 'knapsack-m',
		method: 'plot-catch',
		goal: rate('110', 'L/ha'),
		faults: none,
		minutes: 15,
		water: water('6', 'L')
	},
	{
		id: 'thrower-1',
		level: 1,
		sprayer: 'thrower-us',
		method: 'speed-width-flow',
		school: 'share',
		goal: rate('10', 'gal/ac'),
		faults: none,
		minutes: 25,
		water: water('25', 'gal')
	},
	{
		id: 'blower-1',
		level: 1,
		sprayer: 'blower-m',
		method: 'speed-width-flow',
		goal: rate('350', 'L/ha'),
		faults: none,
		minutes: 30,
		water: water('150', 'L')
	},
	{
		id: 'boom-3',
		level: 2,
		sprayer: 'boom-us',
		method: 'course-catch',
		goal: rate('15', 'gal/ac'),
		faults: { count: 1, of: ['nozzle-worn', 'nozzle-larger'] },
		minutes: 35,
		water: water('45', 'gal')
	},
	{
		id: 'boom-4',
		level: 2,
		sprayer: 'boom-m',
		method: 'course-catch',
		goal: rate('200', 'L/ha'),
		faults: { count: 1, of: dials },
		minutes: 35,
		water: water('150', 'L')
	},
	{
		id: 'boom-5',
		level: 2,
		sprayer: 'boom-wide',
		method: 'speed-width-flow',
		goal: rate('15', 'gal/ac'),
		faults: { count: 1, of: ['section-filter'] },
		minutes: 40,
		water: water('60', 'gal')
	},
	{
		id: 'thrower-2',
		level: 2,
		sprayer: 'thrower-m',
		method: 'speed-width-flow',
		school: 'pans',
		goal: rate('135', 'L/ha'),
		faults: none,
		minutes: 35,
		water: water('90', 'L')
	},
	{
		id: 'blower-2',
		level: 2,
		sprayer: 'blower-us',
		method: 'parked-drop',
		goal: rate('65', 'gal/ac'),
		faults: { count: 1, of: sights },
		minutes: 30,
		water: water('60', 'gal')
	},
	{
		id: 'knapsack-2',
		level: 2,
		sprayer: 'knapsack-us',
		method: 'plot-catch',
		goal: rate('20', 'gal/ac'),
		faults: { count: 1, of: ['nozzle-worn'] },
		minutes: 18,
		water: water('2', 'gal')
	},
	{
		id: 'mist-1',
		level: 2,
		sprayer: 'mist-m',
		method: 'refill',
		goal: rate('105', 'L/ha'),
		faults: none,
		minutes: 18,
		water: water('9', 'L')
	},
	{
		id: 'boom-6',
		level: 3,
		sprayer: 'boom-m',
		method: 'speed-width-flow',
		goal: rate('200', 'L/ha'),
		faults: { count: 1, of: [...gauges, 'set-worn', 'main-filter'] },
		minutes: 45,
		water: water('180', 'L')
	},
	{
		id: 'boom-7',
		level: 3,
		sprayer: 'boom-m',
		method: 'refill',
		goal: rate('200', 'L/ha'),
		faults: { count: 1, of: courses },
		minutes: 30,
		water: water('150', 'L')
	},
	{
		id: 'thrower-3',
		level: 3,
		sprayer: 'thrower-us',
		method: 'parked-drop',
		school: 'share',
		goal: rate('10', 'gal/ac'),
		faults: { count: 1, of: ['nozzle-blocked', 'nozzle-worn'] },
		minutes: 25,
		water: water('25', 'gal')
	},
	{
		id: 'thrower-4',
		level: 3,
		sprayer: 'thrower-m',
		method: 'refill',
		school: 'share',
		goal: rate('125', 'L/ha'),
		faults: { count: 1, of: [...dials, ...gauges] },
		minutes: 30,
		water: water('90', 'L')
	},
	{
		id: 'blower-3',
		level: 3,
		sprayer: 'blower-m',
		method: 'refill',
		goal: rate('350', 'L/ha'),
		faults: { count: 1, of: ['section-filter'] },
		minutes: 35,
		water: water('180', 'L')
	},
	{
		id: 'blower-4',
		level: 3,
		sprayer: 'blower-us',
		method: 'speed-width-flow',
		goal: rate('65', 'gal/ac'),
		faults: { count: 1, of: ['section-filter', ...nozzles] },
		minutes: 40,
		water: water('70', 'gal')
	},
	{
		id: 'knapsack-3',
		level: 3,
		sprayer: 'knapsack-m',
		method: 'refill',
		goal: rate('110', 'L/ha'),
		faults: { count: 1, of: courses },
		minutes: 18,
		water: water('6', 'L')
	},
	{
		id: 'mist-2',
		level: 3,
		sprayer: 'mist-us',
		method: 'plot-catch',
		goal: rate('15', 'gal/ac'),
		faults: { count: 1, of: [...jugs, 'nozzle-blocked'] },
		minutes: 20,
		water: water('2.5', 'gal')
	},
	{
		id: 'knapsack-4',
		level: 4,
		sprayer: 'knapsack-us',
		method: 'speed-width-flow',
		goal: rate('20', 'gal/ac'),
		faults: { count: 2, of: ['nozzle-worn', 'nozzle-blocked', ...jugs, ...courses] },
		minutes: 25,
		water: water('2.5', 'gal')
	},
	{
		id: 'blower-5',
		level: 4,
		sprayer: 'blower-m',
		method: 'parked-drop',
		goal: rate('350', 'L/ha'),
		faults: { count: 2, of: [...revs, 'main-filter', ...sights] },
		minutes: 40,
		water: water('180', 'L')
	},
	{
		id: 'boom-8',
		level: 4,
		sprayer: 'boom-m',
		method: 'speed-width-flow',
		goal: rate('200', 'L/ha'),
		faults: { count: 2, of: ['hose', ...heights, ...revs, ...nozzles] },
		minutes: 50,
		water: water('200', 'L')
	},
	{
		id: 'boom-9',
		level: 4,
		sprayer: 'boom-wide',
		method: 'speed-width-flow',
		goal: rate('15', 'gal/ac'),
		faults: { count: 3, of: [...nozzles, ...gauges, ...dials, ...jugs, ...courses, 'section-filter'] },
		minutes: 60,
		water: water('80', 'gal')
	}
];
