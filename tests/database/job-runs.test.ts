import { v7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { demoAsked } from '../../demo/jobs';
import { demoBlocks } from '../../demo/ground';
import { demoProducts } from '../../demo/products';
import type { RunEntry, RunEntryBody } from '../../src/core';
import type { AskedJob } from '../../src/lib/wire/job';
import { recompute } from '../../src/lib/server/db/recompute';
import { t } from '../support/entries';
import { farmDatabase } from '../support/database';
import { refused } from '../support/refused';
import { Seeded } from '../support/seeded';

let made: Awaited<ReturnType<typeof farmDatabase>>;
const [rows, tuff, ochre] = [v7(), v7(), v7()];
beforeAll(async () => {
	made = await farmDatabase();
	const { farm } = made;
	await farm.blocks.put(
		rows,
		demoBlocks.find((b) => b.name === 'Hazel rows')!
	);
	await farm.products.put(
		tuff,
		demoProducts.find((p) => p.name === 'Sample Tuff')!
	);
	await farm.products.put(
		ochre,
		demoProducts.find((p) => p.name === 'Sample Ochre')!
	);
});
afterAll(() => made.drop());

/** Spot work on the hazel rows: no calibration behind it, 5 L on 100 m². */
const spots = (change: Partial<AskedJob> = {}): AskedJob => ({
	id: v7(),
	day: '2026-03-20',
	basis: { by: 'trial', used: t('5', 'L'), patch: t('100 m2', 'ha') },
	calibrationId: null,
	blocks: [{ id: rows, part: { by: 'rows', from: 1, to: 4 } }],
	sprayed: 0.5,
	tank: t('100', 'L'),
	products: [{ id: tuff, dose: t('0.5 %', '%') }],
	split: 'full-then-part',
	harvest: null,
	pace: null,
	reason: '',
	notes: '',
	...change
});
const tooSoon: AskedJob['passed'] = [{ code: 'too-few-days', about: 'Sample Ochre', reason: 'Hail broke the cover' }];
const entry = (seq: number, body: RunEntryBody): RunEntry => ({
	...body,
	id: v7(),
	seq,
	at: new Date(Date.parse('2026-03-20T08:00:00Z') + seq * 60_000).toISOString()
});
const tick = (seq: number, load: number, step: number) => entry(seq, { kind: 'tick', load, step, poured: null });
const spray = (seq: number, load: number, act: 'start' | 'end') => entry(seq, { kind: 'spray', load, act });

describe('jobs without a calibration', () => {
	it('rest on their trial patch, and keep the part of the block as it was told', async () => {
		const { farm } = made;
		const job = spots();
		await farm.jobs.put(job);
		const kept = await farm.jobs.get(job.id);
		expect(kept).toMatchObject({
			calibrationId: null,
			sprayer: '',
			rate: null,
			state: 'planned',
			job: { blocks: [{ share: 4 / 36, part: { by: 'rows', from: 1, to: 4 } }], sprayed: 0.5 }
		});
		const [listed] = (await farm.jobs.list()).filter((j) => j.id === job.id);
		// 4 of 36 rows, half of them, at 500 L/ha: 81.4 L, one load.
		expect(listed).toMatchObject({ loads: 1, loadsOut: 0 });
		const code = async (change: Partial<AskedJob>) => (await refused(farm.jobs.put(spots(change))))?.code;
		expect(await code({ basis: { by: 'calibration' } })).toBe('missing');
		expect(await code({ blocks: [{ id: rows, part: { by: 'rows', from: 1, to: 37 } }] })).toBe('too-large');
		expect(await code({ basis: { by: 'surface', volume: t('3 m', 'L/ha') } })).toBe('wrong-kind');
	});

	it('tell the season of a block to the next job on it', async () => {
		const { farm } = made;
		const one = spots({ day: '2027-04-01', products: [{ id: ochre, dose: t('2 L/ha', 'L/ha') }], sprayed: 1 });
		const two = spots({ day: '2027-04-02', products: [{ id: ochre, dose: t('2 L/ha', 'L/ha') }], passed: tooSoon });
		await farm.jobs.put(one);
		// A day apart where the label asks for ten: refused until the reason is written.
		expect(await refused(farm.jobs.put({ ...two, passed: [] }))).toMatchObject({ status: 422, code: 'stopped' });
		await farm.jobs.put(two);
		const before = async () => farm.jobs.before(two.id, (await farm.jobs.get(two.id)).job);
		const told = await before();
		expect(told).toMatchObject({
			season: [
				{
					used: expect.closeTo(2e-7, 15) as unknown,
					applications: 1,
					nearest: { day: '2027-04-01', days: 1, product: 'Sample Ochre' }
				}
			],
			// Not sprayed yet, so the end is not known: 12 h may reach into the next day from anywhere in the first.
			entry: [{ product: 'Sample Ochre', day: '2027-04-01', hours: 12, until: null }],
			harvest: [{ product: 'Sample Ochre', until: '2027-04-22', inDays: 20 }]
		});
		expect((await farm.jobs.usesAround('2027-04-02')).map((u) => u.spraying)).toEqual(
			expect.arrayContaining([one.id, two.id])
		);
		// What an older version kept is computed again at the next start.
		await made.db.deleteFrom('job_use').execute();
		await made.db.updateTable('job').set({ computed: 0 }).execute();
		expect(await recompute(made.db)).toBeGreaterThanOrEqual(2);
		expect(await before()).toEqual(told);
		await farm.jobs.remove(one.id);
		expect(await before()).toMatchObject({ season: [{ used: 0, applications: 0, nearest: null }], entry: [] });
	});
});

describe('what happens to a job', () => {
	it('moves it from planned to sprayed, and a begun job stays on record', async () => {
		const { farm } = made;
		const job = spots({ id: v7() });
		await farm.jobs.put(job);
		const log = [tick(0, 1, 0), tick(1, 1, 1), tick(2, 1, 2), spray(3, 1, 'start'), spray(4, 1, 'end')];
		await farm.jobRuns.put(job.id, log.slice(0, 1));
		expect(await farm.jobs.get(job.id)).toMatchObject({ state: 'under-way', loadsOut: 0 });
		expect(await refused(farm.jobs.remove(job.id))).toMatchObject({ status: 409, code: 'begun' });
		await farm.jobRuns.put(job.id, log);
		expect(await farm.jobs.get(job.id)).toMatchObject({ state: 'sprayed', loadsOut: 1 });
		expect(await farm.jobRuns.entries(job.id)).toEqual(log);
		await farm.jobRuns.put(job.id, [entry(5, { kind: 'strike', entry: log[4]!.id })]);
		expect(await farm.jobs.get(job.id)).toMatchObject({ state: 'under-way', loadsOut: 0 });
	});

	it('is there once, whatever comes twice, late or in pieces', async () => {
		const { farm } = made;
		const random = new Seeded(7);
		for (let go = 0; go < 12; go += 1) {
			const job = spots({ id: v7() });
			await farm.jobs.put(job);
			const log = [tick(0, 1, 0), tick(1, 1, 1), tick(2, 1, 2), spray(3, 1, 'start'), spray(4, 1, 'end')];
			const rest = [...log];
			while (rest.length > 0) {
				const part = rest.splice(Math.floor(random.next() * rest.length), 1 + Math.floor(random.next() * 2));
				const messages = random.next() < 0.5 ? [part, part] : [part];
				// Two devices' messages at once: the job's row is locked, so none gets lost.
				await Promise.all(messages.map((m) => farm.jobRuns.put(job.id, m)));
			}
			expect(await farm.jobRuns.entries(job.id)).toEqual(log);
			expect((await farm.jobs.get(job.id)).state).toBe('sprayed');
		}
	});

	it('is refused whole where one entry cannot be, with its place', async () => {
		const { farm } = made;
		const job = spots({ id: v7() });
		await farm.jobs.put(job);
		const far = entry(1, {
			kind: 'progress',
			load: 1,
			done: { by: 'rows', rows: 5 },
			left: t('0', 'L')
		});
		expect(await refused(farm.jobRuns.put(job.id, [tick(0, 1, 0), far]))).toMatchObject({
			status: 422,
			code: 'too-large',
			path: 'entries.1.done'
		});
		expect(await farm.jobRuns.entries(job.id)).toEqual([]);
		const one = tick(0, 1, 0);
		await farm.jobRuns.put(job.id, [one]);
		expect(await refused(farm.jobRuns.put(job.id, [{ ...one, seq: 3 }]))).toMatchObject({ code: 'conflict' });
		expect(await refused(farm.jobRuns.put(job.id, [far, far]))).toMatchObject({ code: 'double' });
		expect(await refused(farm.jobRuns.put(v7(), [tick(0, 1, 0)]))).toMatchObject({ status: 404 });
		const other = spots({ id: v7() });
		await farm.jobs.put(other);
		expect(await refused(farm.jobRuns.put(other.id, [one]))).toMatchObject({ code: 'conflict' });
	});

	it('takes an edit of the remaining loads and a dye into the record, and refuses one that cannot be mixed', async () => {
		const { farm } = made;
		// 4 rows at 500 L/ha on half of it: 81.4 L, in loads of 40 L at most.
		const job = spots({ id: v7(), tank: t('40', 'L') });
		await farm.jobs.put(job);
		const rest = (seq: number, fill: string, dose: string | null) =>
			entry(seq, {
				kind: 'rest',
				from: 2,
				fill: t(fill, 'L'),
				ground: null,
				doses: [{ product: 0, dose: dose === null ? null : t(dose, '%') }]
			});
		const dye = entry(0, { kind: 'dye', dye: { name: 'Marker dye', state: 'liquid', dose: t('0.2 %', '%') } });
		const load = (from: number, n: number, steps: number) => [
			...Array.from({ length: steps }, (_, i) => tick(from + i, n, i)),
			spray(from + steps, n, 'start'),
			spray(from + steps + 1, n, 'end')
		];
		await farm.jobRuns.put(job.id, [dye, ...load(1, 1, 4)]);
		expect(await refused(farm.jobRuns.put(job.id, [rest(10, '55', null)]))).toMatchObject({
			status: 422,
			code: 'too-large',
			path: 'entries.0.fill'
		});
		await farm.jobRuns.put(job.id, [rest(10, '30', '0.3 %')]);
		const close = entry(40, {
			kind: 'close',
			done: { by: 'rows', rows: 4 },
			left: t('0', 'L'),
			remarks: ''
		});
		await farm.jobRuns.put(job.id, [...load(11, 2, 4), ...load(20, 3, 4), close]);
		const { record } = await farm.records.draft(job.id, demoAsked);
		const [tuffed, dyed] = record.products;
		expect(tuffed).toMatchObject({
			dose: t('0.5 %', '%'),
			laterDoses: [{ load: 2, dose: t('0.3 %', '%') }],
			poured: false
		});
		expect(tuffed!.total * 1000).toBeCloseTo(40 * 0.005 + 41.4 * 0.003, 6);
		expect(dyed).toMatchObject({ name: 'Marker dye', dye: true, dose: t('0.2 %', '%') });
		expect(dyed!.total * 1000).toBeCloseTo(81.4 * 0.002, 6);
	});
});
