import { describe, expect, it } from 'vitest';
import { hazelBlower, longMeadow } from '../../../../demo/sprayers';
import type { JobStart } from '$lib/wire/job-start';
import { idOf, t } from '../../../../tests/support/entries';
import { calibrationOf, products } from '../../../../tests/support/job-source';
import { metric } from '../../../../tests/support/calibration-state';
import { JobPlanState } from './job-plan.svelte';

const begun = (start: JobStart) =>
	new JobPlanState(
		{
			settings: metric,
			blocks: [],
			products,
			calibrations: [calibrationOf(300, hazelBlower), calibrationOf(301, longMeadow)],
			uses: [],
			harvests: {},
			today: '2026-03-14'
		},
		null,
		start
	);

describe('a job that begins from one full tank or a tank plan', () => {
	it('has its calibration, its tank and its doses in the unit that they were typed in', () => {
		const plan = begun({
			calibration: idOf(301),
			tank: '150 gal',
			products: [
				{ name: 'sample ochre', dose: t('24', 'US fl oz/ac'), state: 'liquid' },
				{ name: 'Sample Chalk', dose: t('0.25 %', 'L/ha'), state: 'liquid' }
			]
		});
		expect(plan.calibrationId).toBe(idOf(301));
		expect(plan.tank).toBe('150 gal');
		expect(plan.lines.map((l) => l.dose)).toEqual(['24 US fl oz/ac', '0.25 %']);
		expect(plan.unknown).toEqual([]);
	});
	it('rests on no other calibration in silence where its own cannot be rested on', () => {
		const plan = begun({ calibration: idOf(999), tank: '150 gal', products: [] });
		expect([plan.lost, plan.calibrationId, plan.ready, plan.tank]).toEqual([true, '', false, '150 gal']);
		plan.pickCalibration(idOf(300));
		expect(plan.calibrationId).toBe(idOf(300));
	});
	it('names a product that the farm has no label of, and drops none silently', () => {
		const plan = begun({ products: [{ name: 'Pond Wetter', dose: t('0.1 %', 'L/ha'), state: 'liquid' }] });
		expect(plan.unknown.map((p) => p.name)).toEqual(['Pond Wetter']);
		expect(plan.lines).toHaveLength(1);
		expect(plan.lines[0]!.id).toBe('');
	});
});
