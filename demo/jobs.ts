import { v7 } from 'uuid';
import type { AskedRecord, RunEntry, RunEntryBody } from '../src/core';
import type { AskedJob } from '../src/lib/wire/job';
import { barleyBoom, hazelBlower, t } from './sprayers';

interface Names {
	readonly block: (name: string) => string;
	readonly product: (name: string) => string;
	/** The newest calibration of a sprayer. */
	readonly calibration: (sprayer: string) => string;
}

export interface DemoJob {
	readonly asked: AskedJob;
	readonly entries: readonly RunEntry[];
}

const day = 86_400_000;
const minute = 60_000;

const tick = (load: number, step: number, poured: string | null = null): RunEntryBody => ({
	kind: 'tick',
	load,
	step,
	poured: poured === null ? null : t(poured, 'L')
});

const fair = (when: 'before' | 'end'): RunEntryBody => ({
	kind: 'weather',
	when,
	source: 'hand',
	weather: {
		from: 'SW',
		wind: t('5 mph', 'mph'),
		gust: null,
		temperature: t('61', 'F'),
		humidity: '62',
		sky: 'overcast',
		dew: false,
		lastRain: '30'
	},
	decision: when === 'before' ? 'spray' : null,
	reason: ''
});

/** What the operator of the invented farm adds to a record. */
export const demoAsked: AskedRecord = {
	operator: 'A. Sample',
	licence: 'SAMPLE-LICENCE',
	crop: 'Hazel',
	stage: 'leaves unfolding',
	condition: '',
	target: 'Hazel mite',
	waterSource: 'Yard well',
	buffer: '5 m to the lane',
	remarks: ''
};

/** Three jobs in three states: one sprayed and closed, one at its second load, and spot work that is planned. */
export function demoJobs(names: Names, now: number): DemoJob[] {
	const on = (days: number) => new Date(now + days * day).toISOString().slice(0, 10);
	const pace = { efficiency: 0.75, fill: t('12 min', 'min'), drive: t('6 min', 'min'), start: '07:00', end: '19:00' };
	const whole = (name: string) => [{ id: names.block(name), part: { by: 'share' as const, share: 1 } }];
	const job = (change: Partial<AskedJob> & Pick<AskedJob, 'day' | 'blocks' | 'tank' | 'products'>): AskedJob => ({
		id: v7({ msecs: Date.parse(`${change.day}T05:00:00Z`) }),
		basis: { by: 'calibration' },
		calibrationId: null,
		sprayed: 1,
		split: 'full-then-part',
		harvest: null,
		pace,
		reason: '',
		notes: '',
		...change
	});
	const log = (began: number, bodies: readonly (readonly [minutes: number, body: RunEntryBody])[]): RunEntry[] =>
		bodies.map(([after, body], seq) => {
			const at = began + after * minute;
			return { ...body, id: v7({ msecs: at }), seq, at: new Date(at).toISOString() };
		});

	const hazels = job({
		day: on(-2),
		blocks: whole('Hazel rows'),
		calibrationId: names.calibration(hazelBlower.name),
		tank: hazelBlower.tank as AskedJob['tank'],
		products: [
			{ id: names.product('Sample Ochre'), dose: t('1.8 L/ha', 'L/ha') as AskedJob['tank'] },
			{ id: names.product('Sample Chalk'), dose: t('0.1 %', '%') as AskedJob['tank'] }
		],
		split: 'whole-rows'
	});
	const barley = job({
		day: on(0),
		blocks: whole('Barley field'),
		calibrationId: names.calibration(barleyBoom.name),
		tank: barleyBoom.tank as AskedJob['tank'],
		products: [
			{ id: names.product('Sample Umber'), dose: t('32 fl oz/ac', 'US fl oz/ac') as AskedJob['tank'] },
			{ id: names.product('Sample Chalk'), dose: t('0.2 %', '%') as AskedJob['tank'] }
		],
		notes: 'Headlands last.'
	});
	const spots = job({
		day: on(1),
		basis: { by: 'trial', used: t('1 L', 'L') as AskedJob['tank'], patch: t('10 m2', 'm2') as AskedJob['tank'] },
		blocks: whole('Nursery strip'),
		sprayed: 0.3,
		tank: t('15 L', 'L') as AskedJob['tank'],
		products: [{ id: names.product('Sample Tuff'), dose: t('1 %', '%') as AskedJob['tank'] }],
		pace: null,
		notes: 'Thistles only.'
	});
	const began = now - 2 * day - 4 * 60 * minute;
	const mixed = (load: number, from: number, ochre: string, chalk: string): [number, RunEntryBody][] => [
		[from, tick(load, 0)],
		[from + 4, tick(load, 1, ochre)],
		[from + 7, tick(load, 2)],
		[from + 8, tick(load, 3, chalk)],
		[from + 11, tick(load, 4)],
		[from + 18, { kind: 'spray', load, act: 'start' }]
	];
	return [
		{
			asked: hazels,
			entries: log(began, [
				[-4, fair('before')],
				...mixed(1, 0, '3.2', '0.97'),
				[70, { kind: 'spray', load: 1, act: 'end' }],
				...mixed(2, 80, '2.1', '0.66'),
				[135, { kind: 'progress', load: 2, done: { by: 'rows', rows: 36 }, left: t('30 L', 'L') }],
				[136, { kind: 'spray', load: 2, act: 'end' }],
				[140, { kind: 'close', done: { by: 'rows', rows: 36 }, left: t('30 L', 'L'), remarks: '' }]
			])
		},
		{
			asked: barley,
			entries: log(now - 90 * minute, [
				...mixed(1, 0, '7.5', '1.6'),
				[72, { kind: 'spray', load: 1, act: 'end' }],
				[84, tick(2, 0)]
			])
		},
		{ asked: spots, entries: [] }
	];
}
