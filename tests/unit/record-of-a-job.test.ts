import { describe, expect, it } from 'vitest';
import type { AskedRecord, RunEntry, RunEntryBody, TypedJob, TypedLabel } from '../../src/core';
import {
	activeUse,
	blockStates,
	buildRecord,
	foldRun,
	mixingOf,
	openIntervals,
	readJob,
	seasonAround,
	seasonStart,
	seasonUse,
	si
} from '../../src/core';
import { plannedJob, plannedLabel } from '../support/planned-job';

const t = (text: string, unit: string) => ({ text, unit, gallon: 'US' as const });
const asked: AskedRecord = {
	operator: 'A. Sample',
	licence: 'L-1',
	crop: 'barley',
	stage: '31',
	condition: 'dry',
	target: 'rust',
	waterSource: 'well',
	buffer: '10 m',
	remarks: 'East side first.'
};
const ochre: TypedLabel = {
	...plannedLabel,
	registration: 'R-1',
	group: '3',
	density: null,
	actives: [{ name: 'Ochrate', content: t('480 g/L', '') }],
	plantBack: [{ crop: 'linseed', days: 90 }],
	harvestDays: 21
};
const chalk: TypedLabel = {
	...plannedLabel,
	name: 'Sample Chalk',
	state: 'dry',
	mixes: 'dry',
	dose: { low: t('1 kg/ha', ''), high: t('9 kg/ha', '') },
	entryHours: null,
	harvestDays: null
};
const job: TypedJob = {
	...plannedJob,
	blocks: [
		{ id: 'a', name: 'Long strip', area: 2e4, share: 1, rows: null, spacing: null },
		{
			id: 'b',
			name: 'Short strip',
			area: 4e4,
			share: 0.5,
			rows: null,
			spacing: null,
			part: { by: 'share', share: 0.5 }
		}
	],
	products: [
		{ id: 'o', label: ochre, dose: t('2 L/ha', '') },
		{ id: 'c', label: chalk, dose: t('1.5 kg/ha', '') }
	],
	sprayed: 0.5,
	travel: { speed: 2.5, swath: 12 },
	passed: [{ code: 'over-max', about: 'plan', reason: 'planned' }]
};

type Change = {
	readonly job?: Partial<TypedJob>;
	readonly bodies: readonly RunEntryBody[];
	readonly asked?: AskedRecord;
};
function recordOf(
	{ job: change = {}, bodies, asked: told = asked }: Change,
	passed?: Parameters<typeof buildRecord>[2]
) {
	const whole = { ...job, ...change };
	const read = readJob(whole, si(2e-5));
	if (!read.ok) throw new Error(JSON.stringify(read.issues));
	const entries = bodies.map((body, seq): RunEntry => ({
		...body,
		id: `e${seq}`,
		seq,
		at: `2026-03-20T08:${String(seq).padStart(2, '0')}:00Z`
	}));
	const { sheet, checks } = read.value;
	const run = foldRun(sheet, mixingOf(whole), entries);
	if (!run.ok) throw new Error(JSON.stringify(run.issues));
	const source = {
		job: whole,
		sheet,
		checks,
		run: run.value,
		sprayer: 'Boom',
		calibrationId: 'k',
		rig: null,
		day: '2026-03-20',
		dayOf: (at: string) => at.slice(0, 10)
	};
	return buildRecord(source, told, passed);
}

/** Of one load of 400 L: water, chalk, ochre, water. */
const mixed: readonly RunEntryBody[] = [
	{ kind: 'tick', load: 1, step: 0, poured: null },
	{ kind: 'tick', load: 1, step: 1, poured: t('3 kg', 'kg') },
	{ kind: 'tick', load: 1, step: 2, poured: t('4.2 L', 'L') },
	{ kind: 'tick', load: 1, step: 3, poured: null }
];
const close = (left: string, remarks = '') =>
	({ kind: 'close', done: { by: 'area', area: t('4', 'ha') }, left: t(left, 'L'), remarks }) as const;

describe('the record of a job', () => {
	it('is none while the job is not closed', () => {
		expect(recordOf({ bodies: mixed })).toBeNull();
	});

	it('tells what was poured, on which ground, when, and what a person adds', () => {
		const weather = {
			from: 'SW',
			wind: t('2', 'm/s'),
			gust: null,
			temperature: null,
			humidity: '',
			sky: null,
			dew: null,
			lastRain: ''
		};
		const record = recordOf(
			{
				bodies: [
					{ kind: 'weather', when: 'before', source: 'hand', weather, decision: 'spray', reason: 'light' },
					...mixed,
					{ kind: 'spray', load: 1, act: 'start' },
					{ kind: 'spray', load: 1, act: 'end' },
					{
						kind: 'weather',
						when: 'end',
						source: 'hand',
						weather: { ...weather, from: 'W' },
						decision: null,
						reason: ''
					},
					close('40', 'Hose mended.')
				]
			},
			[{ code: 'wind-over', about: '', reason: 'none came' }]
		)!;
		// 400 L mixed with 4.2 L and 3 kg, 40 L of it over, on 4 ha.
		const { products, ...rest } = record;
		expect(rest).toEqual({
			format: 'fallow-record/1',
			day: '2026-03-20',
			startedAt: '2026-03-20T08:05:00Z',
			endedAt: '2026-03-20T08:06:00Z',
			blocks: [
				{
					id: 'a',
					name: 'Long strip',
					area: 2e4,
					share: 1,
					part: null,
					endedAt: '2026-03-20T08:06:00Z',
					lastDay: '2026-03-20'
				},
				{
					id: 'b',
					name: 'Short strip',
					area: 4e4,
					share: 0.5,
					part: { by: 'share', share: 0.5 },
					endedAt: '2026-03-20T08:06:00Z',
					lastDay: '2026-03-20'
				}
			],
			area: 4e4,
			plannedVolume: 1e-5,
			trueVolume: expect.closeTo(0.36 / 4e4, 12),
			mix: expect.closeTo(0.36, 12),
			sprayer: 'Boom',
			calibrationId: 'k',
			passed: [
				{ code: 'over-max', about: 'plan', reason: 'planned' },
				{ code: 'wind-over', about: '', reason: 'none came' }
			],
			speed: 2.5,
			weather: {
				before: { ...weather, at: '2026-03-20T08:00:00Z', decision: 'spray', reason: 'light' },
				end: { ...weather, from: 'W', at: '2026-03-20T08:07:00Z' }
			},
			...asked,
			remarks: 'East side first. Hose mended.'
		});
		expect(products).toEqual([
			{
				id: 'o',
				name: 'Sample Ochre',
				registration: 'R-1',
				group: '3',
				dose: t('2 L/ha', ''),
				kind: 'volume',
				total: expect.closeTo(0.0042 * 0.9, 12),
				perGround: expect.closeTo((0.0042 * 0.9) / 4e4, 14),
				entryHours: 12,
				harvestDays: 21,
				plantBack: [{ crop: 'linseed', days: 90 }],
				actives: [{ name: 'Ochrate', perGround: expect.closeTo((480 * 0.0042 * 0.9) / 4e4, 12) }],
				poured: true
			},
			{
				id: 'c',
				name: 'Sample Chalk',
				registration: '',
				group: '',
				dose: t('1.5 kg/ha', ''),
				kind: 'mass',
				total: expect.closeTo(2.7, 12),
				perGround: expect.closeTo(2.7 / 4e4, 12),
				entryHours: null,
				harvestDays: null,
				poured: true
			}
		]);
	});

	it('says where a load was not ticked with its amount, and counts it as planned', () => {
		const record = recordOf({
			bodies: [
				...mixed.map((body) => ({ ...body, poured: null }) as RunEntryBody),
				{ kind: 'spray', load: 1, act: 'start' },
				{ kind: 'spray', load: 1, act: 'end' },
				close('0')
			],
			asked: { ...asked, remarks: '' }
		})!;
		expect(record.products.map((p) => [p.poured, Number(p.total.toPrecision(9))])).toEqual([
			[false, 0.004],
			[false, 3]
		]);
		expect(record.remarks).toBe('');
		expect(record.weather).toEqual({ before: null, end: null });
		expect(record.mix).toBeCloseTo(0.4, 12);
	});

	it('of a job of which nothing went out has no volume, no times and none of a product', () => {
		const none = recordOf({
			job: { passed: undefined, travel: null, sprayed: undefined },
			bodies: [mixed[0]!, close('0')]
		})!;
		expect([none.startedAt, none.endedAt, none.trueVolume, none.mix, none.speed]).toEqual([null, null, null, 0, null]);
		expect(none.blocks[0]).toEqual({ id: 'a', name: 'Long strip', area: 2e4, share: 1, part: null });
		expect(none.products.map((p) => [p.kind, p.total, p.perGround, p.poured])).toEqual([
			['volume', 0, 0, false],
			['mass', 0, 0, false]
		]);
		expect(none.plannedVolume).toBeCloseTo(2e-5, 12);
		expect('passed' in none || 'rig' in none).toBe(false);
		expect('actives' in none.products[1]!).toBe(false);
		expect('plantBack' in none.products[1]!).toBe(false);
	});
});

describe('what blocks wait for', () => {
	const product = (
		name: string,
		entryHours: number | null,
		harvestDays: number | null,
		plantBack = [] as { crop: string; days: number }[]
	) => ({
		name,
		entryHours,
		harvestDays,
		plantBack
	});
	const open = (block: string, ...products: ReturnType<typeof product>[]) =>
		openIntervals(block, products, { lastDay: '2026-03-20', ended: 0 }, 0, '2026-03-20');

	it('comes in the order in which they open: re-entry, harvest, sowing, name', () => {
		const sow = (days: number) => [{ crop: 'linseed', days }];
		const all = [
			...open('g', product('P', 0, 0, sow(9))),
			...open('f', product('P', 0, 0, sow(5))),
			...open('e', product('P', 0, 7)),
			...open('d', product('P', 0, 3)),
			...open('c', product('P', 12, 3)),
			...open('b', product('P', 12, 2)),
			...open('a', product('P', 48, 0)),
			...open('i', product('P', null, 0)),
			...open('h', product('P', null, 0))
		];
		const sorted = ['b', 'c', 'a', 'd', 'e', 'f', 'g', 'h', 'i'];
		expect(blockStates(all).map((b) => b.block)).toEqual(sorted);
		expect(blockStates([...all].reverse()).map((b) => b.block)).toEqual(sorted);
	});

	it('is the longest of several sprayings, by crop for a sowing, and each product asked about once', () => {
		const [state] = blockStates([
			...open(
				'a',
				product('P', 12, 7, [
					{ crop: 'Linseed', days: 60 },
					{ crop: 'barley', days: 90 }
				])
			),
			...open('a', product('Q', 24, 3, [{ crop: 'linseed', days: 70 }])),
			...open(
				'a',
				product('R', 6, 14, [
					{ crop: 'linseed', days: 70 },
					{ crop: 'oats', days: 10 }
				])
			),
			...open('a', product('S', null, null)),
			...open('a', product('S', null, null)),
			...open('a', product('T', 1, null))
		]);
		expect(state!.entry).toEqual({ until: 86_400, whole: 86_400, product: 'Q' });
		expect(state!.harvest).toEqual({ day: '2026-04-03', days: 14, whole: 14, product: 'R' });
		expect(state!.plantBack.map((p) => [p.crop, p.days, p.product])).toEqual([
			['oats', 10, 'R'],
			['linseed', 70, 'Q'],
			['barley', 90, 'P']
		]);
		expect(state!.notEntered).toEqual([
			{ product: 'S', what: ['entry', 'harvest'] },
			{ product: 'T', what: ['harvest'] }
		]);
	});

	it('is of the first product where two are as long', () => {
		const [state] = blockStates([...open('a', product('P', 12, 7)), ...open('a', product('Q', 12, 7))]);
		expect([state!.entry!.product, state!.harvest!.product]).toEqual(['P', 'P']);
	});
});

describe('a season', () => {
	it('begins after the last harvest, where that is not over 400 days ago', () => {
		expect(seasonAround('2026-07-01', '2025-08-10', null)).toEqual({ from: '2025-08-11', to: '2026-08-10' });
		expect(seasonAround('2026-07-01', '2026-07-01', null).from).toBe('2025-07-02');
		// 400 days before is 27 May of the year before.
		expect(seasonAround('2026-07-01', '2025-05-27', null).from).toBe('2025-05-28');
		expect(seasonAround('2026-07-01', '2025-05-26', null).from).toBe('2025-07-02');
	});
	it('that begins on 29 February begins on the 28th of a year that has none', () => {
		expect([2024, 2025, 2100, 2000, 2400].map((y) => seasonStart(y, '02-29'))).toEqual([
			'2024-02-29',
			'2025-02-28',
			'2100-02-28',
			'2000-02-29',
			'2400-02-29'
		]);
		expect(seasonStart(2025, '03-01')).toBe('2025-03-01');
	});
});

describe('sums of a season', () => {
	it('of actives are held against the strictest label of the products that hold them and were used', () => {
		const use = { block: 'B', active: ' ochrate ', perGround: 3e-4, products: ['P', 'Q'] };
		const label = (name: string, most: number | null, active = 'Ochrate ') => ({
			name,
			seasonMax: most === null ? null : ({ kind: 'volume', perArea: si<'volumePerArea'>(most) } as const),
			actives: [{ name: active, content: 480 }]
		});
		const of = (...labels: ReturnType<typeof label>[]) => activeUse([use], labels)[0]!.ofMost;
		expect(of(label('P', 5e-7), label('Q', 2.5e-6))).toBeCloseTo(3e-4 / (5e-7 * 480), 9);
		expect(of(label('R', 5e-7), label('P', null), label('Q', 1e-6, 'Umbrate'))).toBeNull();
	});
	it('of products come by block, then by product', () => {
		const used = (block: string, product: string) => ({
			block,
			product,
			kind: 'volume' as const,
			perGround: 1e-7,
			times: 1
		});
		const list = [used('b', 'P'), used('a', 'Q'), used('a', 'P'), used('c', 'P')];
		const order = (uses: typeof list) => seasonUse(uses, () => null).map((u) => u.block + u.product);
		expect(order(list)).toEqual(['aP', 'aQ', 'bP', 'cP']);
		expect(order([...list].reverse())).toEqual(['aP', 'aQ', 'bP', 'cP']);
	});
});
