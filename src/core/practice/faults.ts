import type { SprayerKind } from '../sprayer/sprayer';

/** What can be wrong with a practice sprayer, or with what it is measured by. */
export const faultKinds = [
	'nozzle-blocked',
	'nozzle-worn',
	'nozzle-larger',
	'nozzle-smaller',
	'set-worn',
	'section-filter',
	'main-filter',
	'hose',
	'gauge-high',
	'gauge-low',
	'dial-fast',
	'dial-slow',
	'revs-high',
	'revs-low',
	'jug-high',
	'jug-low',
	'course-long',
	'course-short',
	'height-low',
	'height-high',
	'sight-high',
	'sight-low'
] as const;
export type FaultKind = (typeof faultKinds)[number];

export interface Fault {
	readonly kind: FaultKind;
	/** Nozzle or section, from 1; null where it is of the whole. */
	readonly at: number | null;
	/** How large it is, a share of what it should be, over 0. */
	readonly size: number;
}

/** What a learner says is wrong. */
export type Claim = Pick<Fault, 'kind' | 'at'>;

/** What a fault sits on: two of one thing do not stand together. */
const things: Readonly<Record<FaultKind, string>> = {
	'nozzle-blocked': 'nozzle',
	'nozzle-worn': 'nozzle',
	'nozzle-larger': 'nozzle',
	'nozzle-smaller': 'nozzle',
	'set-worn': 'set',
	// A hose that is too narrow is one line for the whole boom: no filter of a section shows beside it.
	'section-filter': 'line',
	'main-filter': 'main-filter',
	hose: 'line',
	'gauge-high': 'gauge',
	'gauge-low': 'gauge',
	'dial-fast': 'dial',
	'dial-slow': 'dial',
	'revs-high': 'revs',
	'revs-low': 'revs',
	'jug-high': 'jug',
	'jug-low': 'jug',
	'course-long': 'course',
	'course-short': 'course',
	'height-low': 'height',
	'height-high': 'height',
	'sight-high': 'sight',
	'sight-low': 'sight'
};

/**
 * What a fault sits on.
 * @example
 * thingOf('gauge-high') // => "gauge"
 */
export const thingOf = (kind: FaultKind): string => things[kind];

/**
 * Faults that sit on one nozzle, and on one section.
 * @example
 * atNozzle('nozzle-worn') // => true
 * atSection('main-filter') // => false
 */
export const atNozzle = (kind: FaultKind): boolean => things[kind] === 'nozzle';
export const atSection = (kind: FaultKind): boolean => kind === 'section-filter';

/** How large each is drawn, least and most. */
export const faultSizes: Readonly<Record<FaultKind, readonly [number, number]>> = {
	'nozzle-blocked': [0.14, 0.55],
	'nozzle-worn': [0.13, 0.25],
	'nozzle-larger': [0.25, 0.34],
	'nozzle-smaller': [0.2, 0.34],
	'set-worn': [0.13, 0.24],
	'section-filter': [0.12, 0.35],
	'main-filter': [0.13, 0.3],
	hose: [0.16, 0.3],
	'gauge-high': [0.15, 0.4],
	'gauge-low': [0.15, 0.4],
	'dial-fast': [0.05, 0.11],
	'dial-slow': [0.05, 0.11],
	'revs-high': [0.05, 0.1],
	'revs-low': [0.05, 0.1],
	'jug-high': [0.06, 0.12],
	'jug-low': [0.06, 0.12],
	'course-long': [0.05, 0.1],
	'course-short': [0.05, 0.1],
	'height-low': [0.45, 0.6],
	'height-high': [0.35, 0.6],
	'sight-high': [0.06, 0.12],
	'sight-low': [0.06, 0.12]
};

const driven: readonly FaultKind[] = [
	'nozzle-blocked',
	'nozzle-worn',
	'nozzle-larger',
	'nozzle-smaller',
	'set-worn',
	'section-filter',
	'main-filter',
	'gauge-high',
	'gauge-low',
	'dial-fast',
	'dial-slow',
	'jug-high',
	'jug-low',
	'course-long',
	'course-short',
	'sight-high',
	'sight-low'
];

/** What can be wrong with each kind. */
export const faultsOf: Readonly<Record<SprayerKind, readonly FaultKind[]>> = {
	boom: [...driven, 'hose', 'revs-high', 'revs-low', 'height-low', 'height-high'],
	boomless: driven,
	airblast: [...driven, 'revs-high', 'revs-low'],
	knapsack: ['nozzle-blocked', 'nozzle-worn', 'jug-high', 'jug-low', 'course-long', 'course-short']
};
