import { v7 } from 'uuid';
import type { Entry, EntryBody, TypedSprayer } from '../src/core';
import { checksOf } from '../src/core';
import type { FarmSettings } from '../src/lib/settings/farm-settings';
import type { Setting } from '../src/lib/wire/sprayer';
import type { CalibrationMessage } from '../src/lib/wire/calibration-message';
import type { TankMixInput } from '../src/lib/wire/tank-mix';
import type { TankPlanInput } from '../src/lib/wire/tank-plan';
import { barleyBoom, hazelBlower, longMeadow, nurseryKnapsack, t, trackThrower } from './sprayers';

/** The invented farm: it grows hazels, cider pears, linseed and spring barley, and exists nowhere. */
export const demoFarm: { readonly name: string; readonly settings: FarmSettings } = {
	name: 'Sample Quillet Farm',
	settings: {
		rateUnit: 'US gal/ac',
		gallon: 'US',
		school: '5940',
		evenRule: 'average',
		adjustFirst: 'pressure',
		decimalComma: false,
		hour12: false,
		timeZone: 'UTC',
		due: { seasonStart: '03-01', days: 365, hours: 50, area: null, abrasiveHours: 20 },
		measures: [
			{ name: '5 qt jug', mark: t('2 fl oz', 'US fl oz'), holds: t('5 qt', 'US fl oz') },
			{ name: '1 pt cup', mark: t('0.5 fl oz', 'US fl oz'), holds: t('16 fl oz', 'US fl oz') },
			{ name: 'shed scale', mark: t('0.5 oz', 'US fl oz'), holds: t('5 lb', 'US fl oz') }
		],
		windLow: null,
		windHigh: null,
		deltaLow: null,
		deltaHigh: null,
		windHeight: 2,
		place: { latitude: -30.5, longitude: -10.25 },
		cropSeason: null,
		emergency: '000',
		poison: '000 000 000',
		eyewash: 'Tap by the sample mixing place, bottle in the cab',
		droppedChecks: [],
		ownChecks: ['Boom lock pins in'],
		recordFields: [],
		skill: {}
	}
};

export interface PastCalibration {
	readonly rig: TypedSprayer;
	/** Days before the day of loading. */
	readonly daysAgo: number;
	/** What was read, in order, all but the ticks and the sign-off. */
	readonly bodies: readonly EntryBody[];
	readonly pressure: string;
	readonly pressureUnit: string;
	readonly gear: string;
	readonly rpm: number | null;
	readonly person: string;
	readonly remarks: string;
}

const course = (length: string, times: readonly string[]): EntryBody[] => [
	{ kind: 'course', length: t(length, 'm') },
	...times.map((time): EntryBody => ({ kind: 'run', time: t(time, 's'), by: 'stopwatch' }))
];
const caught = (amounts: readonly string[], unit: string, time: string): EntryBody[] => [
	{ kind: 'catch-time', time: t(time, 's') },
	...amounts.map((amount, i): EntryBody => ({ kind: 'catch', nozzle: i + 1, amount: t(amount, unit), why: 'first' }))
];
const even = (base: number, wobble: readonly number[]) => wobble.map((w) => (base + w).toFixed(1));

/** A season of the long-meadow boom: its set wears, and nozzle 3 wears faster than the rest. */
const meadow = (
	daysAgo: number,
	times: readonly string[],
	amounts: readonly string[],
	person: string,
	remarks: string
): PastCalibration => ({
	rig: longMeadow,
	daysAgo,
	bodies: [
		...course('200 ft', times),
		{ kind: 'dial', speed: t('5.2', 'mph') },
		{ kind: 'gauge', pressure: t('40', 'psi') },
		...caught(amounts, 'US fl oz', '30')
	],
	pressure: '40',
	pressureUnit: 'psi',
	gear: 'B2',
	rpm: 540,
	person,
	remarks
});

const plot = (
	daysAgo: number,
	person: string,
	goes: readonly string[],
	amounts: readonly string[]
): PastCalibration => ({
	rig: nurseryKnapsack,
	daysAgo,
	bodies: [
		{ kind: 'person', name: person },
		{ kind: 'plot', ground: { by: 'sides', length: t('10', 'm'), width: t('10', 'm') } },
		...goes.map((time): EntryBody => ({ kind: 'plot-run', time: t(time, 's'), by: 'stopwatch' })),
		{ kind: 'noted', what: 'strokes', text: '20 a minute' },
		{ kind: 'catch-time', time: null },
		...amounts.map((amount, i): EntryBody => ({
			kind: 'catch',
			nozzle: 1,
			amount: t(amount, 'ml'),
			why: i === 0 ? 'first' : 'sure'
		}))
	],
	pressure: '2',
	pressureUnit: 'bar',
	gear: '',
	rpm: null,
	person,
	remarks: ''
});

const arc = [1.02, 1.48, 1.52, 1.5, 2.02, 2.06, 1.98, 2.02, 1.03, 1.5, 1.54, 1.7, 2.03, 2.04, 2.0, 2.01];

export const pastCalibrations: readonly PastCalibration[] = [
	meadow(
		214,
		['27.6', '27.2', '27.9'],
		even(19.2, [0.1, -0.2, 0.2, 0, -0.1, 0.1, 0, 0.2, -0.1, 0, 0.1, -0.2]),
		'A. Sample',
		'New set of nozzles.'
	),
	meadow(
		96,
		['27.4', '27.8', '27.3'],
		even(19.6, [0, -0.2, 0.7, 0, -0.1, 0.2, 0, 0.2, -0.2, 0.1, 0, -0.1]),
		'A. Sample',
		'Before the linseed.'
	),
	meadow(
		12,
		['27.5', '27.7', '27.4'],
		['20.2', '19.9', '21.6', '20.1', '20.0', '20.3', '20.1', '20.4', '17.2', '20.2', '20.2', '20.1'],
		'B. Sample',
		'Nozzle 9 to be cleaned before the barley.'
	),
	{
		rig: barleyBoom,
		daysAgo: 31,
		bodies: [
			...course('60 m', ['27.4', '26.9', '27.3']),
			{ kind: 'dial', speed: t('8.2', 'km/h') },
			{ kind: 'gauge', pressure: t('3', 'bar') },
			...caught(
				Array.from({ length: 24 }, (_, i) => String(798 + ((i * 7) % 11))),
				'ml',
				'30'
			)
		],
		pressure: '3',
		pressureUnit: 'bar',
		gear: 'third low',
		rpm: 540,
		person: 'A. Sample',
		remarks: ''
	},
	{
		rig: hazelBlower,
		daysAgo: 20,
		bodies: [
			...course('50 m', ['36.1', '35.8', '36.3']),
			{ kind: 'rows', spacing: t('5.5', 'm'), alleys: 'every' },
			{ kind: 'noted', what: 'fan', text: 'off' },
			{ kind: 'gauge', pressure: t('10', 'bar') },
			...caught(
				arc.map((q) => q.toFixed(2)),
				'L',
				'60'
			),
			{ kind: 'tank-by', how: 'meter' },
			{ kind: 'parked-time', time: t('120', 's') },
			{ kind: 'used', reading: { added: t('55.2', 'L') } }
		],
		pressure: '10',
		pressureUnit: 'bar',
		gear: 'second low',
		rpm: 540,
		person: 'A. Sample',
		remarks: 'Right 4 to be replaced.'
	},
	{
		rig: trackThrower,
		daysAgo: 45,
		bodies: [
			...course('100 ft', ['15.2', '15.5', '15.3']),
			{ kind: 'wetted', width: t('26 ft', 'ft') },
			{ kind: 'height', height: t('38 in', 'in') },
			...caught(['102', '98', '99', '103'], 'US fl oz', '60')
		],
		pressure: '30',
		pressureUnit: 'psi',
		gear: 'low',
		rpm: null,
		person: 'B. Sample',
		remarks: ''
	},
	plot(9, 'A. Sample', ['148', '152', '150'], ['2010', '2030']),
	plot(9, 'B. Sample', ['139', '143', '141'], ['1880', '1900']),
	plot(8, 'C. Sample', ['176', '182', '179'], ['2400', '2380'])
];

/** The messages that a device would have sent for a calibration, with times on its day. */
export function messageOf(
	past: PastCalibration,
	sprayerId: string,
	now: number,
	setting?: Setting
): CalibrationMessage {
	const began = now - past.daysAgo * 86_400_000;
	const id = v7({ msecs: began });
	const entries: Entry[] = [];
	const add = (body: EntryBody) => {
		const at = began + entries.length * 20_000;
		entries.push({ ...body, id: v7({ msecs: at }), seq: entries.length, at: new Date(at).toISOString() } as Entry);
	};
	for (const check of checksOf(past.rig)) add({ kind: 'tick', check, done: true });
	for (const body of past.bodies) add(body);
	add({
		kind: 'sign-off',
		person: past.person,
		day: new Date(began).toISOString().slice(0, 10),
		pressure: t(past.pressure, past.pressureUnit),
		gear: past.gear,
		rpm: past.rpm,
		remarks: past.remarks
	});
	return {
		round: {
			id,
			sprayerId,
			startedAt: new Date(began).toISOString(),
			rig: structuredClone(past.rig) as CalibrationMessage['round']['rig'],
			...(setting ? { setting } : {})
		},
		entries: entries as CalibrationMessage['entries']
	};
}

/** Tank mixes of the demo farm: of its own products, and one with a wetter that it has no label of. */
export const demoMixes: readonly TankMixInput[] = [
	{
		name: 'Barley, first pass',
		products: [
			{ name: 'Sample Ochre', dose: t('24 fl oz/ac', 'US fl oz/ac'), state: 'liquid' },
			{ name: 'Sample Chalk', dose: t('0.25 %', 'US fl oz/ac'), state: 'liquid' }
		]
	},
	{
		name: 'Track edges',
		products: [{ name: 'Sample Umber', dose: t('1 qt/ac', 'US qt/ac'), state: 'liquid' }]
	}
];

/** A tank plan from the newest calibration of the long-meadow boom. */
export const demoPlan: TankPlanInput = {
	area: { by: 'area', area: t('40 ac', 'ac') },
	tank: t('300 gal', 'US gal'),
	split: 'full-then-part',
	products: [
		{ name: 'Sample Ochre', dose: t('32 fl oz/ac', 'US fl oz/ac'), state: 'liquid' },
		{ name: 'Sample Chalk', dose: t('0.25 %', 'US fl oz/ac'), state: 'liquid' }
	]
};
