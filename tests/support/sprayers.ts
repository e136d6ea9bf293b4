import type { EntryBody, TypedSprayer } from '../../src/core';
import { readSprayer } from '../../src/core';
import { t } from './entries';

const at = t('10 bar', 'bar');
const sizes = ['1.0', '1.5', '1.5', '2.0'];

/** Four nozzles a side in three sizes, 5 m rows. */
export const blower: TypedSprayer = {
	kind: 'airblast',
	name: 'Test blower',
	tank: t('1000', 'L'),
	nozzles: 8,
	sections: [4, 4],
	nozzle: 'cone',
	rated: null,
	groups: [...sizes, ...sizes],
	ratings: {
		'1.0': { flow: t('1.0', 'L/min'), at },
		'1.5': { flow: t('1.5', 'L/min'), at },
		'2.0': { flow: t('2.0', 'L/min'), at }
	},
	rowSpacing: t('5', 'm')
};

export const thrower: TypedSprayer = {
	kind: 'boomless',
	name: 'Test thrower',
	tank: t('200', 'L'),
	nozzles: 2,
	sections: [1, 1],
	nozzle: '',
	rated: null,
	makerSwath: t('9', 'm'),
	makerHeights: { low: t('90', 'cm'), high: t('110', 'cm') },
	pressures: { low: t('2', 'bar'), high: t('4', 'bar') }
};

export const knapsack: TypedSprayer = {
	kind: 'knapsack',
	name: 'Test knapsack',
	tank: t('15', 'L'),
	nozzles: 1,
	sections: [1],
	nozzle: '',
	rated: null,
	carried: 'lever'
};

export const numbersOf = (sprayer: TypedSprayer) => {
	const read = readSprayer(sprayer);
	if (!read.ok) throw new Error(JSON.stringify(read.issues));
	return read.value;
};

export const course = (length: string, ...times: string[]): EntryBody[] => [
	{ kind: 'course', length: t(length, 'm') },
	...times.map((time): EntryBody => ({ kind: 'run', time: t(time), by: 'typed' }))
];
export const catches = (held: string | null, unit: string, ...amounts: string[]): EntryBody[] => [
	{ kind: 'catch-time', time: held === null ? null : t(held) },
	...amounts.map((amount, i): EntryBody => ({ kind: 'catch', nozzle: i + 1, amount: t(amount, unit), why: 'first' }))
];
