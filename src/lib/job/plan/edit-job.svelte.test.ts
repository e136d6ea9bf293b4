import { describe, expect, it } from 'vitest';
import { hazelBlower, longMeadow } from '../../../../demo/rigs';
import { idOf } from '../../../../tests/support/entries';
import { blockNamed, blocks, calibrationOf, products } from '../../../../tests/support/job-source';
import { metric } from '../../../../tests/support/round-state';
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
});
