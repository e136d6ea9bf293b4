import { describe, expect, it } from 'vitest';
import { hazelBlower, longMeadow } from '../../../../demo/sprayers';
import { idOf } from '../../../../tests/support/entries';
import { blockNamed, blocks, calibrationOf, products } from '../../../../tests/support/job-source';
import { metric } from '../../../../tests/support/calibration-state';
import { askedJobSchema } from '$lib/wire/job';
import { fillFrom } from './edit-job';
import { JobPlanState } from './job-plan.svelte';

const us = { ...metric, rateUnit: 'US gal/ac' as const };
const at = blockNamed;
const calibrations = [calibrationOf(300, hazelBlower), calibrationOf(301, longMeadow)];
const planning = (settings = metric, known = calibrations) =>
	new JobPlanState({ settings, blocks, products, calibrations: known, uses: [], harvests: {}, today: '2026-03-14' });

/** A job in which every field was filled in by hand. */
function filled(settings = metric) {
	const plan = planning(settings);
	plan.ground.toggle(at('Hazel rows'));
	Object.assign(plan.ground.picked[at('Hazel rows')]!, { by: 'rows', from: '3', to: '20' });
	plan.useCalibration(idOf(301));
	plan.tank = '300 gal';
	plan.pick(plan.lines[0]!, products[0]!.id);
	plan.lines[0]!.dose = '1 1/2 pt/ac';
	plan.day = '2026-03-22';
	plan.fill = '12 min';
	plan.efficiency = '71.5';
	plan.sprayed = '62.5';
	plan.oneWay = true;
	plan.harvest = '2026-12-01';
	plan.split = 'equal';
	plan.notes = 'the wet corner last';
	return plan;
}

describe('a job that is edited', () => {
	for (const [name, settings] of [
		['metric', metric],
		['US', us]
	] as const)
		it(`asks for the same again where nothing is changed (${name})`, () => {
			const first = filled(settings);
			const asked = first.asked(idOf(1))!;
			const again = planning(settings);
			fillFrom(again, { id: asked.id, job: first.job!, calibrationId: first.calibrationId });
			expect(again.asked(idOf(1))).toEqual({ ...asked, replaces: asked.id });
			expect(again.lines.map((l) => l.dose)).toEqual(['1 1/2 pt/ac']);
		});

	it('picks no calibration where its own is none of those that count any more, and is not ready before one is', () => {
		const first = filled();
		const again = planning(metric, [calibrations[0]!]);
		fillFrom(again, { id: idOf(1), job: first.job!, calibrationId: first.calibrationId });
		expect([again.calibrationId, again.ready]).toEqual(['', false]);
		again.useCalibration(idOf(300));
		expect(again.ready).toBe(true);
	});

	it('keeps a timed patch and a team, and asks for the same of them again', () => {
		const wand = { ...calibrationOf(302, longMeadow), flow: 2.5e-5 };
		const member = (id: number, person: string, rate: number) => ({
			calibrationId: idOf(id),
			person,
			rate,
			relativeU95: 0.04
		});
		const team = [member(302, 'A. Sample', 2e-5), member(303, 'B. Sample', 3e-5)];
		const known = [{ ...wand, id: `team-${wand.id}`, team, rate: 2.5e-5 }, wand];
		const plan = planning(metric, known);
		plan.ground.toggle(at('Nursery strip'));
		plan.useCalibration(`team-${wand.id}`);
		expect(plan.rate).toBeCloseTo(2.5e-5, 12);
		const asked = plan.asked(idOf(1))!;
		expect(askedJobSchema.parse(asked)).toMatchObject({ calibrationId: wand.id, team: [idOf(302), idOf(303)] });
		const again = planning(metric, known);
		fillFrom(again, { id: asked.id, job: plan.job!, calibrationId: wand.id });
		expect(again.calibrationId).toBe(`team-${wand.id}`);
		expect(again.asked(idOf(1))).toEqual({ ...asked, replaces: asked.id });
		// One more person since: it is for somebody to say which mean counts.
		const grown = planning(metric, [{ ...known[0]!, team: [...team, member(304, 'C. Sample', 2e-5)] }, wand]);
		fillFrom(grown, { id: asked.id, job: plan.job!, calibrationId: wand.id });
		expect(grown.calibrationId).toBe('');

		const timed = planning(metric, known);
		timed.ground.toggle(at('Nursery strip'));
		timed.useCalibration(wand.id);
		timed.by = 'trial';
		timed.timed = true;
		timed.time = '40';
		timed.patch = '20';
		// 1.5 L/min for 40 s is 1 L on 20 m²: 500 L/ha.
		expect(timed.rate).toBeCloseTo(5e-5, 12);
		const spot = timed.asked(idOf(2))!;
		expect(askedJobSchema.parse(spot).basis).toEqual({
			by: 'timed-trial',
			time: { text: '40', unit: 's', gallon: 'US' },
			patch: { text: '20', unit: 'm2', gallon: 'US' }
		});
		const spotAgain = planning(metric, known);
		fillFrom(spotAgain, { id: spot.id, job: timed.job!, calibrationId: wand.id });
		expect(spotAgain.asked(idOf(2))).toEqual({ ...spot, replaces: spot.id });
	});
});
