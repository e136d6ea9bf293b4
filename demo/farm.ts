import type { Entry, EntryBody, Rig, Typed } from '../src/core';
import { rigChecks } from '../src/core';
import type { RoundMessage } from '../src/lib/formats/round-message';
import type { TankPlanInput } from '../src/lib/formats/tank-plan';
import type { FarmSettings } from '../src/lib/formats/farm-settings';
import { v7 } from 'uuid';

/** The invented farm: it grows hazels, cider pears, linseed and spring barley, and exists nowhere. */
export const demoFarm: { readonly name: string; readonly settings: FarmSettings } = {
	name: 'Sample Quillet Farm',
	settings: { rateUnit: 'US gal/ac', gallon: 'US', school: '5940', evenRule: 'average', decimalComma: false }
};

const t = (text: string, unit: string): Typed => ({ text, unit, gallon: 'US' });

export const longMeadow: Rig = {
	kind: 'boom',
	name: 'Long-meadow boom',
	tank: t('300 gal', 'US gal'),
	nozzles: 12,
	spacing: t('20 in', 'in'),
	sections: [4, 4, 4],
	nozzle: '110-03',
	rated: { flow: t('0.30 gal/min', 'US gal/min'), at: t('40 psi', 'psi') }
};

export const barleyBoom: Rig = {
	kind: 'boom',
	name: 'Barley-field boom',
	tank: t('800 L', 'L'),
	nozzles: 24,
	spacing: t('50 cm', 'cm'),
	sections: [6, 6, 6, 6],
	nozzle: '110-04',
	rated: { flow: t('1.6 L/min', 'L/min'), at: t('3 bar', 'bar') }
};

export interface PastRound {
	readonly rig: Rig;
	/** Days before the day of loading. */
	readonly daysAgo: number;
	readonly course: string;
	readonly times: readonly string[];
	readonly dial: string;
	readonly catchTime: string;
	readonly catches: readonly string[];
	readonly unit: string;
	readonly pressure: string;
	readonly pressureUnit: string;
	readonly gear: string;
	readonly person: string;
	readonly remarks: string;
	/** Not signed off: it is still under way. */
	readonly open?: boolean;
}

const even = (base: number, wobble: readonly number[]) => wobble.map((w) => (base + w).toFixed(1));

export const pastRounds: readonly PastRound[] = [
	{
		rig: longMeadow,
		daysAgo: 214,
		course: '200 ft',
		times: ['27.6', '27.2', '27.9'],
		dial: '5.2',
		catchTime: '30',
		catches: even(18.9, [0.1, -0.2, 0.2, 0, -0.1, 0.1, 0, 0.2, -0.1, 0, 0.1, -0.2]),
		unit: 'US fl oz',
		pressure: '40',
		pressureUnit: 'psi',
		gear: 'B2',
		person: 'A. Sample',
		remarks: 'New set of nozzles.'
	},
	{
		rig: longMeadow,
		daysAgo: 96,
		course: '200 ft',
		times: ['27.4', '27.8', '27.3'],
		dial: '5.2',
		catchTime: '30',
		catches: even(19.1, [0, -0.2, 0.3, 0, -0.1, 0.2, 0, 0.2, -0.2, 0.1, 0, -0.1]),
		unit: 'US fl oz',
		pressure: '40',
		pressureUnit: 'psi',
		gear: 'B2',
		person: 'A. Sample',
		remarks: 'Before the linseed.'
	},
	{
		rig: longMeadow,
		daysAgo: 12,
		course: '200 ft',
		times: ['27.5', '27.7', '27.4'],
		dial: '5.2',
		catchTime: '30',
		catches: ['19.2', '18.9', '19.4', '19.1', '19.0', '19.3', '19.1', '19.4', '16.3', '19.2', '19.2', '19.1'],
		unit: 'US fl oz',
		pressure: '40',
		pressureUnit: 'psi',
		gear: 'B2',
		person: 'B. Sample',
		remarks: 'Nozzle 9 to be cleaned before the barley.'
	},
	{
		rig: barleyBoom,
		daysAgo: 31,
		course: '60 m',
		times: ['27.4', '26.9', '27.3'],
		dial: '8.2',
		catchTime: '30',
		catches: Array.from({ length: 24 }, (_, i) => String(798 + ((i * 7) % 11))),
		unit: 'ml',
		pressure: '3',
		pressureUnit: 'bar',
		gear: 'third low',
		person: 'A. Sample',
		remarks: ''
	}
];

/** The messages that a device would have sent for a round, with times on its day. */
export function messageOf(past: PastRound, sprayerId: string, now: number): RoundMessage {
	const began = now - past.daysAgo * 86_400_000;
	const id = v7({ msecs: began });
	const entries: Entry[] = [];
	const add = (body: EntryBody) => {
		const at = began + entries.length * 20_000;
		entries.push({ ...body, id: v7({ msecs: at }), seq: entries.length, at: new Date(at).toISOString() } as Entry);
	};
	for (const check of rigChecks) add({ kind: 'tick', check, done: true });
	add({ kind: 'course', length: t(past.course, 'm') });
	for (const time of past.times) add({ kind: 'run', time: t(time, 's'), by: 'stopwatch' });
	add({ kind: 'dial', speed: t(past.dial, past.unit === 'ml' ? 'km/h' : 'mph') });
	add({ kind: 'gauge', pressure: t(past.pressure, past.pressureUnit) });
	add({ kind: 'catch-time', time: t(past.catchTime, 's') });
	past.catches.forEach((amount, i) =>
		add({ kind: 'catch', nozzle: i + 1, amount: t(amount, past.unit), why: 'first' })
	);
	if (!past.open)
		add({
			kind: 'sign-off',
			person: past.person,
			day: new Date(began).toISOString().slice(0, 10),
			pressure: t(past.pressure, past.pressureUnit),
			gear: past.gear,
			rpm: 540,
			remarks: past.remarks
		});
	return {
		round: {
			id,
			sprayerId,
			startedAt: new Date(began).toISOString(),
			rig: structuredClone(past.rig) as RoundMessage['round']['rig']
		},
		entries: entries as RoundMessage['entries']
	};
}

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
