import { v7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { demoBlocks } from '../../demo/ground';
import { nurseryKnapsack } from '../../demo/sprayers';
import { demoProducts } from '../../demo/products';
import type { EntryBody } from '../../src/core';
import type { AskedJob } from '../../src/lib/wire/job';
import { farmDatabase } from '../support/database';
import { refused } from '../support/refused';
import { entriesOf, signOff, t, testSprayer, wholeCalibration } from '../support/entries';

let made: Awaited<ReturnType<typeof farmDatabase>>;
const sprayerId = v7();
const [block, ochre] = [v7(), v7()];
let calibrationId = '';
beforeAll(async () => {
	made = await farmDatabase();
	const { farm } = made;
	await farm.sprayers.put(sprayerId, { ...testSprayer, dead: t('6', 'L') });
	const [setting] = await farm.sprayerSettings.of(sprayerId);
	calibrationId = v7();
	await farm.calibrationLogs.put({
		round: {
			id: calibrationId,
			sprayerId,
			startedAt: '2026-03-14T08:00:00.000Z',
			rig: testSprayer,
			setting: setting!
		},
		entries: entriesOf([...wholeCalibration, signOff])
	});
	await farm.blocks.put(block, demoBlocks[2]!);
	await farm.products.put(ochre, demoProducts[0]!);
});
afterAll(() => made.drop());

const asked = (change: Partial<AskedJob> = {}): AskedJob => ({
	id: v7(),
	day: '2026-03-20',
	calibrationId,
	basis: { by: 'calibration' },
	sprayed: 1,
	harvest: null,
	pace: null,
	blocks: [{ id: block, part: { by: 'share', share: 1 } }],
	tank: t('800', 'L'),
	products: [{ id: ochre, dose: t('2 L/ha', 'L/ha') }],
	split: 'whole-rows',
	reason: '',
	notes: '',
	...change
});
describe('jobs', () => {
	it('keep the block, the label and the sprayer as they were when the job was planned', async () => {
		const { farm } = made;
		const job = asked();
		await farm.jobs.put(job);
		await farm.jobs.put(job);
		await farm.products.put(ochre, { ...demoProducts[0]!, notes: 'read again' });
		await farm.blocks.put(block, { ...demoBlocks[2]!, crop: 'Something else' });
		const kept = await farm.jobs.get(job.id);
		expect(kept.job).toMatchObject({
			blocks: [{ name: 'Hazel rows', area: 36 * 148 * 5.5, rows: { count: 36 } }],
			products: [{ label: { notes: demoProducts[0]!.notes } }],
			dead: { text: '6' },
			split: 'whole-rows'
		});
		const [listed] = await farm.jobs.list();
		expect(listed).toMatchObject({ id: job.id, day: '2026-03-20', area: 36 * 148 * 5.5 });
		expect(await refused(farm.jobs.put({ ...job, notes: 'another' }))).toMatchObject({ status: 409 });
		await farm.jobs.remove(job.id);
		expect(await farm.jobs.list()).toEqual([]);
		expect(await farm.jobs.get(job.id)).toMatchObject({ off: true, replacedBy: null });
	});

	const cleared = async () => {
		for (const table of ['job_use', 'job_entry', 'job'] as const) await made.db.deleteFrom(table).execute();
	};
	const uses = async () => (await made.farm.jobs.usesAround('2026-03-20')).map((u) => u.spraying);
	const tick = () => ({
		id: v7(),
		seq: 0,
		at: '2026-03-20T08:00:00.000Z',
		kind: 'tick' as const,
		load: 1,
		step: 0,
		poured: null
	});

	it('are deleted with all that they bring on the ground, and come back with it', async () => {
		const { jobs } = made.farm;
		const job = asked();
		await jobs.put(job);
		expect(await uses()).toEqual([job.id]);
		await jobs.remove(job.id);
		expect([await jobs.list(), await uses()]).toEqual([[], []]);
		await jobs.restore(job.id);
		expect([(await jobs.list()).map((j) => j.id), await uses()]).toEqual([[job.id], [job.id]]);
		await jobs.remove(job.id);
	});

	it('are edited until something was done for them: the edit takes the place of the plan before it', async () => {
		const { jobs, jobRuns } = made.farm;
		const before = asked();
		await jobs.put(before);
		// The most that its label allows a season is two of these: the edit counts itself only, not the plan that it replaces.
		const edit = asked({ replaces: before.id, products: [{ id: ochre, dose: t('1.5 L/ha', 'L/ha') }] });
		await jobs.put(edit);
		await jobs.put(edit);
		expect((await jobs.list()).map((j) => j.id)).toEqual([edit.id]);
		expect(await uses()).toEqual([edit.id]);
		expect(await jobs.get(before.id)).toMatchObject({ off: true, replacedBy: edit.id });
		await jobs.restore(before.id);
		expect((await jobs.get(before.id)).off).toBe(true);

		await jobRuns.put(edit.id, [tick()]);
		expect(await refused(jobs.put(asked({ replaces: edit.id })))).toMatchObject({ status: 409, code: 'begun' });
		expect(await refused(jobs.remove(edit.id))).toMatchObject({ status: 409, code: 'begun' });
		expect((await jobs.list()).map((j) => j.id)).toEqual([edit.id]);
		// A phone out of range had begun the plan of before: its work stands, and so does that plan.
		await jobRuns.put(before.id, [tick()]);
		expect(new Set(await uses())).toEqual(new Set([before.id, edit.id]));
		expect(await jobs.get(before.id)).toMatchObject({ off: false, replacedBy: null });
		await cleared();
	});

	it('cannot rest on a calibration that was withdrawn; those that do say so', async () => {
		const { farm } = made;
		const resting = asked();
		await farm.jobs.put(resting);
		await farm.calibrations.withdraw(calibrationId, 'B. Loam', 'the jug was read in the wrong unit');
		await farm.calibrations.withdraw(calibrationId, 'C. Marl', 'again');
		expect(await refused(farm.jobs.put(asked()))).toMatchObject({ status: 409, code: 'withdrawn' });
		expect(await farm.jobs.get(resting.id)).toMatchObject({ withdrawn: 'the jug was read in the wrong unit' });
		expect((await farm.sprayers.list())[0]).toMatchObject({ latest: null, calibrationInProgress: null });
		const { rows } = await farm.calibrations.page(sprayerId, null);
		expect(rows.map((c) => [c.id, c.withdrawn])).toEqual([[calibrationId, true]]);
		expect(await farm.calibrations.history(sprayerId, 10)).toEqual([]);
		expect(await refused(farm.calibrations.withdraw(v7(), 'B', 'c'))).toMatchObject({ status: 404 });
		await made.db
			.updateTable('calibration')
			.set({ withdrawn_at: null, withdrawn_by: null, withdrawn_reason: null })
			.execute();
		await cleared();
	});

	it('are refused where they do not hold, with the place', async () => {
		const { jobs } = made.farm;
		const code = async (change: Partial<AskedJob>) => (await refused(jobs.put(asked(change))))?.code;
		expect(await code({ tank: t('5', 'L') })).toBe('dead-over-tank');
		expect(await code({ tank: t('3 m', 'L') })).toBe('wrong-kind');
		expect(await code({ products: [{ id: ochre, dose: t('2 kg/ha', 'L/ha') }] })).toBe('no-density');
		expect(await code({ blocks: [{ id: v7(), part: { by: 'share', share: 1 } }] })).toBe('not-found');
		expect(await code({ products: [{ id: v7(), dose: t('2', 'L/ha') }] })).toBe('not-found');
		expect(await code({ calibrationId: v7() })).toBe('not-found');
		expect(await code({ blocks: [{ id: block, part: { by: 'share', share: 0.5 } }] })).toBe('missing');
		expect(await jobs.list()).toEqual([]);
	});

	it('rest on a calibration in doubt only with a reason', async () => {
		const { farm } = made;
		await farm.events.add(sprayerId, { id: v7(), day: '2026-03-16', what: 'gauge', note: '' });
		expect(await refused(farm.jobs.put(asked()))).toMatchObject({ status: 422, code: 'in-doubt', path: 'reason' });
		const job = asked({ reason: 'the gauge was only cleaned' });
		await farm.jobs.put(job);
		expect(await farm.jobs.get(job.id)).toMatchObject({
			doubt: 'gauge',
			job: { reason: 'the gauge was only cleaned' }
		});
	});

	it('are mixed for the mean of a team, and a timed patch takes the flow that was caught', async () => {
		const { farm } = made;
		const sprayer = { ...nurseryKnapsack, name: 'A team’s knapsack' };
		const sprayerId = v7();
		await farm.sprayers.put(sprayerId, sprayer);
		const [setting] = await farm.sprayerSettings.of(sprayerId);
		const person = async (name: string) => {
			const id = v7();
			const bodies: EntryBody[] = [
				{ kind: 'method', method: 'plot-catch' },
				{ kind: 'person', name },
				{ kind: 'plot', ground: { by: 'area', area: t('100 m2', 'ha') } },
				{ kind: 'plot-run', time: t('60'), by: 'typed' },
				{ kind: 'plot-run', time: t('61'), by: 'typed' },
				{ kind: 'catch', nozzle: 1, amount: t('1500', 'ml'), why: 'first' },
				{ ...signOff, person: name }
			];
			const calibration = { id, sprayerId, startedAt: '2026-03-15T08:00:00.000Z', rig: sprayer, setting: setting! };
			await farm.calibrationLogs.put({
				round: calibration,
				entries: entriesOf(bodies).map((e) => ({ ...e, id: v7() }))
			});
			return id;
		};
		const [a, b] = [await person('A. Sample'), await person('B. Sample')];
		const job = asked({ calibrationId: a, team: [a, b], products: [] });
		await farm.jobs.put(job);
		const kept = await farm.jobs.get(job.id);
		expect(kept.job.team!.map((m) => m.person)).toEqual(['A. Sample', 'B. Sample']);
		expect(kept.rate).toBeCloseTo(kept.job.team![0]!.rate, 12);
		// Two measurements of the same are surer than one.
		expect(kept.relativeU95).toBeCloseTo(kept.job.team![0]!.relativeU95 / Math.SQRT2, 9);
		expect(await refused(farm.jobs.put(asked({ calibrationId: a, team: [a, a], products: [] })))).toMatchObject({
			status: 422,
			path: 'team'
		});

		const patch = { by: 'timed-trial' as const, time: t('40', 's'), patch: t('20 m2', 'm2') };
		const timed = asked({ basis: patch, calibrationId: a, split: 'full-then-part', products: [] });
		await farm.jobs.put(timed);
		const { flow_m3_s: flow } = await farm.calibrations.get(a);
		expect((await farm.jobs.get(timed.id)).job.basis).toEqual({ ...patch, flow });
		expect(await refused(farm.jobs.put(asked({ basis: patch, calibrationId: null })))).toMatchObject({
			status: 422,
			path: 'basis'
		});
	});
});
