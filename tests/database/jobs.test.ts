import { v7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { demoBlocks } from '../../demo/ground';
import { demoProducts } from '../../demo/products';
import type { AskedJob } from '../../src/lib/wire/job';
import { farmDatabase } from '../support/database';
import { refused } from '../support/refused';
import { entriesOf, signOff, t, testRig, wholeRound } from '../support/entries';

let made: Awaited<ReturnType<typeof farmDatabase>>;
const sprayerId = v7();
const [block, ochre] = [v7(), v7()];
let calibrationId = '';
beforeAll(async () => {
	made = await farmDatabase();
	const { farm } = made;
	await farm.sprayers.put(sprayerId, { ...testRig, dead: t('6', 'L') });
	const [setting] = await farm.sprayerSettings.of(sprayerId);
	calibrationId = v7();
	await farm.rounds.put({
		round: {
			id: calibrationId,
			sprayerId,
			startedAt: '2026-03-14T08:00:00.000Z',
			rig: testRig,
			setting: setting!
		},
		entries: entriesOf([...wholeRound, signOff])
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
	it('keep the block, the label and the rig as they were when the job was planned', async () => {
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
		expect(await refused(farm.jobs.get(job.id))).toMatchObject({ status: 404 });
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
});
