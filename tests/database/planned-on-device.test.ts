import { v7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { demoBlocks } from '../../demo/ground';
import { demoProducts } from '../../demo/products';
import { JobPlanState } from '../../src/lib/job/plan/job-plan.svelte';
import { plannedHead } from '../../src/lib/job/plan/planned-job';
import { jobSource } from '../../src/lib/server/job-source';
import { planMessageSchema } from '../../src/lib/wire/run-message';
import { farmDatabase } from '../support/database';
import { entriesOf, signOff, t, testSprayer, wholeCalibration } from '../support/entries';
import { refused } from '../support/refused';

let made: Awaited<ReturnType<typeof farmDatabase>>;
const [sprayerId, calibrationId, rows, meadow, ochre, umber] = [v7(), v7(), v7(), v7(), v7(), v7()];
beforeAll(async () => {
	made = await farmDatabase();
	const { farm } = made;
	await farm.sprayers.put(sprayerId, { ...testSprayer, dead: t('6', 'L') });
	const [setting] = await farm.sprayerSettings.of(sprayerId);
	await farm.calibrationLogs.put({
		round: { id: calibrationId, sprayerId, startedAt: '2026-03-14T08:00:00.000Z', rig: testSprayer, setting: setting! },
		entries: entriesOf([...wholeCalibration, signOff])
	});
	const block = (name: string) => demoBlocks.find((b) => b.name === name)!;
	await farm.blocks.put(rows, block('Hazel rows'));
	await farm.blocks.put(meadow, block('Long meadow'));
	await farm.products.put(
		ochre,
		demoProducts.find((p) => p.name === 'Sample Ochre')!
	);
	await farm.products.put(
		umber,
		demoProducts.find((p) => p.name === 'Sample Umber')!
	);
});
afterAll(() => made.drop());

/** Planned on a device from what the server told it, and as it goes over the wire from there. */
const planned = async (change: (plan: JobPlanState) => void) => {
	const heard = JSON.parse(JSON.stringify(await jobSource(made.farm)));
	const plan = new JobPlanState({ ...heard, today: '2026-03-20', settings: made.farm.settings });
	change(plan);
	const head = plannedHead(plan, v7())!;
	expect(plan.ready, JSON.stringify(plan.issues)).toBe(true);
	return { head, message: planMessageSchema.parse(JSON.parse(JSON.stringify({ plan: head.plan, begun: false }))) };
};

describe('a job that was planned on a device', () => {
	const ways: Readonly<Record<string, (plan: JobPlanState) => void>> = {
		'by a calibration, a part of the rows'(plan) {
			plan.toggleBlock(rows);
			Object.assign(plan.ground.picked[rows]!, { by: 'rows', from: '3', to: '10' });
			plan.pick(plan.lines[0]!, ochre);
		},
		'by a surface, two fields, sprayed in part, with a day of harvest and a note'(plan) {
			plan.toggleBlock(rows);
			plan.toggleBlock(meadow);
			plan.useCalibration('');
			plan.by = 'surface';
			plan.surface = '220 L/ha';
			plan.tank = '950 L';
			plan.sprayed = '50';
			plan.harvest = '2026-11-01';
			plan.notes = '  from the far end ';
			plan.pick(plan.lines[0]!, umber);
		}
	};
	for (const [name, change] of Object.entries(ways))
		it(`is the same job on the server: ${name}`, async () => {
			const { jobs } = made.farm;
			const { head, message } = await planned(change);
			await jobs.takePlan(message.plan, message.begun);
			await jobs.takePlan(message.plan, message.begun);
			const kept = await jobs.get(head.id);
			expect(kept.job).toEqual(head.job);
			expect(kept).toMatchObject({
				rate: head.rate,
				relativeU95: head.relativeU95,
				signedDay: head.signedDay,
				calibrationId: head.calibrationId,
				sprayer: head.sprayer
			});
			expect(await jobs.placeOf(kept.job)).toEqual(head.place);
			expect(await jobs.before(head.id, kept.job)).toMatchObject({ season: head.before!.season });
		});

	it('is refused where its calibration was withdrawn meanwhile, unless it was begun: what was sprayed stands', async () => {
		const { farm } = made;
		const { message } = await planned((plan) => {
			plan.toggleBlock(meadow);
			plan.pickCalibration(calibrationId);
			plan.pick(plan.lines[0]!, umber);
		});
		await farm.calibrations.withdraw(calibrationId, 'B. Sample', 'the jug was cracked');
		expect(await refused(farm.jobs.takePlan(message.plan, false))).toMatchObject({ status: 409, code: 'withdrawn' });
		await farm.jobs.takePlan(message.plan, true);
		expect(await farm.jobs.get(message.plan.id)).toMatchObject({ withdrawn: 'the jug was cracked', calibrationId });
	});
});
