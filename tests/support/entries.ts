import type { Entry, EntryBody, TypedSprayer, Typed } from '../../src/core';

export const t = (text: string, unit = 's'): Typed => ({ text, unit, gallon: 'US' });

export const testSprayer: TypedSprayer = {
	kind: 'boom',
	name: 'Test boom',
	tank: t('800', 'L'),
	nozzles: 6,
	spacing: t('50', 'cm'),
	sections: [3, 3],
	nozzle: '110-03',
	rated: { flow: t('1.2', 'L/min'), at: t('3', 'bar') }
};

/** An id that sorts as a UUIDv7 made at this place would, and is one by its form. */
export const idOf = (n: number): string => `01900000-0000-7000-8000-${n.toString(16).padStart(12, '0')}`;

/** Entries as a device makes them, one after the other. */
export const entriesOf = (bodies: readonly EntryBody[], from = 0): Entry[] =>
	bodies.map((body, i) => ({
		...body,
		id: idOf(1000 + from + i),
		seq: from + i,
		at: new Date(1_790_000_000_000 + (from + i) * 1000).toISOString()
	})) as Entry[];

/** Bodies of a whole calibration on the test sprayer, all but the sign-off. */
export const wholeCalibration: readonly EntryBody[] = [
	{ kind: 'tick', check: 'clean', done: true },
	{ kind: 'course', length: t('60', 'm') },
	{ kind: 'run', time: t('27.4'), by: 'stopwatch' },
	{ kind: 'run', time: t('26.9'), by: 'stopwatch' },
	{ kind: 'run', time: t('27.3'), by: 'typed' },
	{ kind: 'dial', speed: t('8.2', 'km/h') },
	{ kind: 'catch-time', time: t('30') },
	...['602', '598', '605', '600', '596', '603'].map((ml, i): EntryBody => ({
		kind: 'catch',
		nozzle: i + 1,
		amount: t(ml, 'ml'),
		why: 'first'
	}))
];

export const signOff: Extract<EntryBody, { kind: 'sign-off' }> = {
	kind: 'sign-off',
	person: 'A. Sample',
	day: '2026-03-14',
	pressure: t('3', 'bar'),
	gear: 'B2',
	rpm: 540,
	remarks: ''
};
