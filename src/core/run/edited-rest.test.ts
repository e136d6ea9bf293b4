import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { TypedJob } from '../jobs/job';
import { si } from '../quantity/quantity';
import type { Typed } from '../quantity/typed';
import type { TypedLabel } from '../products/label';
import type { RunEntry, RunEntryBody } from './entries';
import type { JobRun } from './fold-run';
import { laterDoses } from './later-doses';
import { runOfJob } from './run-of-job';

const t = (text: string, unit = ''): Typed => ({ text, unit, gallon: 'US' });
const label = (name: string): TypedLabel => ({
	name,
	state: 'liquid',
	registration: '',
	group: '',
	formulation: '',
	mixes: 'suspension',
	dose: { low: t('1 L/ha'), high: t('3 L/ha') },
	max: t('3 L/ha'),
	seasonMax: null,
	volume: null,
	packs: [],
	packet: null,
	plantBack: [],
	wind: null,
	buffer: null,
	entryHours: 12,
	rainFreeHours: null,
	harvestDays: 0,
	ppe: '',
	notes: ''
});
const job: TypedJob = {
	day: '2026-03-20',
	blocks: [{ id: 'b', name: 'Long strip', area: 1e5, share: 1, rows: null, spacing: null }],
	tank: t('600 L'),
	dead: null,
	agitation: null,
	products: [
		{ id: 'p', label: label('Sample Ochre'), dose: t('2 L/ha') },
		{ id: 'q', label: label('Sample Chalk'), dose: t('1 L/ha') }
	],
	split: 'full-then-part',
	reason: '',
	notes: ''
};
const entries = (...bodies: readonly RunEntryBody[]): RunEntry[] =>
	bodies.map((body, seq): RunEntry => ({
		...body,
		id: `e${seq}`,
		seq,
		at: `2026-03-20T08:00:${String(seq).padStart(2, '0')}Z`
	}));
const made = (job: TypedJob, ...bodies: readonly RunEntryBody[]) => {
	const run = runOfJob({ job, rate: si(2e-5) }, entries(...bodies));
	if (!run.ok) throw new Error(JSON.stringify(run.issues));
	return run.value;
};
const run = (...bodies: readonly RunEntryBody[]): JobRun => made(job, ...bodies).run;
const litres = (r: JobRun) => r.loads.map((l) => Number((l.load.mix * 1000).toFixed(6)));
const amounts = (r: JobRun, product: number) =>
	r.loads.map((l) => Number((l.load.products[product]!.amount * 1000).toFixed(6)));
const rest = (change: Partial<Extract<RunEntryBody, { kind: 'rest' }>>, from = 2): RunEntryBody => ({
	kind: 'rest',
	from,
	fill: null,
	ground: null,
	doses: [],
	...change
});
const tick = (load: number, step: number): RunEntryBody => ({ kind: 'tick', load, step, poured: null });
const whole = (load: number): RunEntryBody[] => [
	...[0, 1, 2, 3].map((step) => tick(load, step)),
	{ kind: 'spray', load, act: 'start' },
	{ kind: 'spray', load, act: 'end' }
];

describe('the remaining loads, edited', () => {
	it('takes another dose from there on, and leaves what was begun as it was', () => {
		// 10 ha at 200 L/ha: three loads of 600 and one of 200.
		expect(litres(run())).toEqual([600, 600, 600, 200]);
		const r = run(...whole(1), tick(2, 0), rest({ doses: [{ product: 0, dose: t('1.5 L/ha') }] }));
		expect(amounts(r, 0)).toEqual([6, 6, 4.5, 1.5]);
		expect(amounts(r, 1)).toEqual([3, 3, 3, 1]);
		expect(laterDoses(r.loads, 0, t('2 L/ha'))).toEqual([{ load: 3, dose: t('1.5 L/ha') }]);
		expect(laterDoses(r.loads, 1, t('1 L/ha'))).toEqual([]);
	});

	it('leaves a product out, with its step', () => {
		const r = run(...whole(1), rest({ doses: [{ product: 1, dose: null }] }));
		expect(amounts(r, 1)).toEqual([3, 0, 0, 0]);
		expect(r.loads[0]!.steps).toHaveLength(4);
		expect(r.loads[1]!.steps.map((s) => s.do)).toEqual(['water', 'product', 'top-up']);
		// And back again with a later edit.
		const again = run(
			...whole(1),
			rest({ doses: [{ product: 1, dose: null }] }),
			rest({ doses: [{ product: 1, dose: t('1 L/ha') }] }, 3)
		);
		expect(amounts(again, 1)).toEqual([3, 0, 3, 1]);
	});

	it('fills less, and sprays less ground', () => {
		expect(litres(run(...whole(1), rest({ fill: t('400 L') })))).toEqual([600, 400, 400, 400, 200]);
		const less = run(...whole(1), rest({ ground: { by: 'area', area: t('4 ha') } }));
		expect(litres(less)).toEqual([600, 600, 200]);
		expect(less.ground).toBeCloseTo(7e4, 6);
	});

	it('refuses what cannot be, changes nothing by it, and says which entry it was', () => {
		const over = run(...whole(1), rest({ fill: t('900 L') }));
		expect(litres(over)).toEqual([600, 600, 600, 200]);
		expect(over.refused).toEqual([
			{ entry: 'e6', issues: [expect.objectContaining({ code: 'too-large', path: 'fill' })] }
		]);
		const more = run(...whole(1), rest({ ground: { by: 'area', area: t('9 ha') } }));
		expect(more.refused[0]!.issues[0]).toMatchObject({ code: 'too-large', path: 'ground' });
		const wrong = run(rest({ doses: [{ product: 0, dose: t('2 miles') }] }, 1));
		expect(wrong.refused[0]!.issues[0]!.path).toBe('products.0.dose');
		const none = run(...whole(1), ...whole(2), ...whole(3), ...whole(4), rest({ fill: t('400 L') }));
		expect(none.refused[0]!.issues[0]!.code).toBe('nothing-left');
	});

	it('is undone by a strike, and comes to the same in whatever order its entries arrive', () => {
		const all = [...whole(1), rest({ doses: [{ product: 0, dose: t('1 L/ha') }] }), rest({ fill: t('300 L') })];
		expect(amounts(run(...all, { kind: 'strike', entry: 'e6' }, { kind: 'strike', entry: 'e7' }), 0)).toEqual([
			6, 6, 6, 2
		]);
		const list = entries(...all, tick(2, 0));
		const wanted = JSON.stringify(runOfJob({ job, rate: si(2e-5) }, list));
		fc.assert(
			fc.property(
				fc.shuffledSubarray(list, { minLength: list.length }),
				(shuffled) => JSON.stringify(runOfJob({ job, rate: si(2e-5) }, shuffled)) === wanted
			)
		);
	});

	it('keeps mix and product in balance with the ground, whatever is edited', () => {
		const dose = fc.integer({ min: 10, max: 30 }).map((d) => t(`${d / 10} L/ha`));
		fc.assert(
			fc.property(dose, fc.integer({ min: 100, max: 600 }), fc.integer({ min: 10, max: 70 }), (d, fill, tenths) => {
				const r = run(
					...whole(1),
					rest({
						doses: [{ product: 0, dose: d }],
						fill: t(`${fill} L`),
						ground: { by: 'area', area: t(`${tenths / 10} ha`) }
					})
				);
				const sum = (pick: (l: JobRun['loads'][number]) => number) => r.loads.slice(1).reduce((s, l) => s + pick(l), 0);
				expect(sum((l) => l.load.area)).toBeCloseTo(tenths * 1e3, 3);
				expect(sum((l) => l.load.mix)).toBeCloseTo(tenths * 1e3 * 2e-5, 9);
				expect(sum((l) => l.load.products[0]!.amount)).toBeCloseTo(
					tenths * 0.1 * Number(d.text.split(' ')[0]) * 1e-3,
					9
				);
				expect(r.loads.slice(1).every((l) => l.load.mix <= (fill / 1000) * (1 + 1e-9))).toBe(true);
			}),
			{ numRuns: 60 }
		);
	});

	it('ends at row ends where the loads do', () => {
		const rows = { count: 36, length: 148, spacing: 5.5 };
		const orchard: TypedJob = {
			...job,
			tank: t('200 L'),
			split: 'whole-rows',
			blocks: [{ id: 'b', name: 'Hazel rows', area: 36 * 148 * 5.5, share: 1, rows, spacing: 5.5 }]
		};
		const before = made(orchard).run.loads.map((l) => l.load.rows);
		expect(before.reduce((s, n) => s! + n!, 0)).toBe(36);
		const r = made(orchard, ...whole(1), rest({ ground: { by: 'rows', rows: 10 } })).run;
		expect(r.loads.map((l) => l.load.rows)).toEqual([before[0], 10]);
		expect(r.loads[1]!.rowsBefore).toBe(before[0]);
	});
});

describe('a marker dye that is asked for at the tank', () => {
	const dye = (text: string): RunEntryBody => ({
		kind: 'dye',
		dye: { name: 'Marker dye', state: 'liquid', dose: t(text) }
	});

	it('goes into each load like any product, with a step of its own', () => {
		const { job: dyed, run: r } = made(job, dye('0.5 %'));
		expect(dyed.products.map((p) => p.label.name)).toEqual(['Sample Ochre', 'Sample Chalk', 'Marker dye']);
		expect(amounts(r, 2)).toEqual([3, 3, 3, 1]);
		expect(r.loads[0]!.steps.filter((s) => s.do === 'product')).toHaveLength(3);
		// Water makes room for it.
		expect(r.loads[0]!.load.water * 1000).toBeCloseTo(600 - 6 - 3 - 3, 9);
	});

	it('begins with the first dry load where one was begun without it', () => {
		const r = run(...whole(1), dye('0.5 %'));
		expect(amounts(r, 2)).toEqual([0, 3, 3, 1]);
		expect(r.loads[0]!.next).toBeNull();
	});

	it('is none where it was answered so, or struck, and is refused where it cannot be read', () => {
		expect(made(job, { kind: 'dye', dye: null }).job.products).toHaveLength(2);
		expect(made(job, dye('0.5 %'), { kind: 'strike', entry: 'e0' }).job.products).toHaveLength(2);
		const wrong = made(job, dye('blue'));
		expect(wrong.job.products).toHaveLength(2);
		expect(wrong.run.refused[0]).toMatchObject({ entry: 'e0' });
	});
});
