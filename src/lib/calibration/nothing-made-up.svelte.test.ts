import { describe, expect, it } from 'vitest';
import type { EntryBody, TypedSprayer } from '$core';
import { t } from '../../../tests/support/entries';
import { blower, course, thrower } from '../../../tests/support/sprayers';
import { calibrationState } from '../../../tests/support/calibration-state';
import { noNozzles, nozzleTable } from '$lib/settings/nozzle-table';
import { nozzleJob } from '$lib/workers/nozzle-job';
import { adviceText } from '$lib/wording/adjust';
import { AdjustState } from '$lib/calibration/adjust/adjust.svelte';
import { ChooserState } from '$lib/calibration/adjust/chooser.svelte';
import type { NozzleMaths } from '$lib/calibration/adjust/nozzles-worker';

const maths: NozzleMaths = {
	choose: async (table, asked, filter) => {
		nozzleJob.table(table);
		return nozzleJob.choose(asked, filter);
	},
	arc: (asked, onProgress) => nozzleJob.arc(asked, onProgress)
};
async function adjusting(bodies: readonly EntryBody[], sprayer: TypedSprayer) {
	const { state: calibration } = await calibrationState(bodies, {}, sprayer);
	const adjust = new AdjustState({
		sprayer,
		numbers: calibration.sprayer,
		settings: calibration.settings,
		setting: null,
		get entered() {
			return calibration.entered;
		},
		get answer() {
			return calibration.answer;
		},
		table: nozzleTable(noNozzles, calibration.settings),
		keep: async () => ''
	});
	return { calibration, adjust };
}
/** A row of an orchard, refilled to the mark: the volume is measured, and nothing else. */
const row: EntryBody[] = [
	{ kind: 'method', method: 'refill' },
	{ kind: 'plot', ground: { by: 'area', area: t('2000', 'm2') } },
	{ kind: 'tank-by', how: 'meter' },
	{ kind: 'used', reading: { added: t('90', 'L') } }
];

describe('what was not measured', () => {
	it('is no flow of a nozzle, and no limit of a speed, after a refill', async () => {
		const { calibration, adjust } = await adjusting(row, blower);
		expect(calibration.answer).toMatchObject({ speed: null, flow: null });
		adjust.form.volume = '1000';
		expect(adjust.aim?.keep).toBe(false);
		expect(adjust.present).toMatchObject({ paced: true, nozzle: null });
		// 450 to 1000 L/ha: less than half as fast, and nobody knows whether it can be driven so slowly.
		expect(adjust.levers!.impossible.speed).toBeUndefined();
	});

	it('is known where it was caught, or follows from speed and width that were', async () => {
		const parked: EntryBody[] = [
			{ kind: 'method', method: 'parked-drop' },
			{ kind: 'wetted', width: t('9', 'm') },
			{ kind: 'school', school: 'full' },
			...course('60', '30', '30'),
			{ kind: 'parked-time', time: t('60') },
			{ kind: 'tank-by', how: 'meter' },
			{ kind: 'used', reading: { added: t('12', 'L') } }
		];
		const { calibration, adjust } = await adjusting(parked, thrower);
		if (!calibration.answer) throw new Error(JSON.stringify(calibration.result));
		adjust.form.volume = '300';
		expect(adjust.present!.paced).toBe(false);
		expect(adjust.present!.nozzle! * 60_000).toBeCloseTo(6, 6);
	});

	it('is no second way: one reading of the tank counts for one method', async () => {
		const { calibration } = await adjusting(
			[...row, ...course('60', '30', '30'), { kind: 'rows', spacing: t('5', 'm'), alleys: 'every' }],
			blower
		);
		expect(calibration.others.map((o) => o.answer.method)).toEqual([]);
	});
});

describe('what is advised', () => {
	it('does not say that pressure could not, where a farm reaches for speed first', () => {
		expect(adviceText('speed', 0.07)).not.toContain('More than the pressure');
		expect(adviceText('speed', 0.15)).toContain('More than the pressure');
		expect(adviceText('nozzle', -0.3, '9.14 km/h')).toContain('If a gear gives 9.14 km/h at the same rpm');
		expect(adviceText('nozzle', -0.3)).toContain('fit other nozzles');
		expect(adviceText('nozzle', 0.9, '4.2 km/h')).not.toContain('gear');
	});

	it('offers a thrower no flat fans, unless they are asked for', async () => {
		const bodies: EntryBody[] = [
			{ kind: 'wetted', width: t('9', 'm') },
			{ kind: 'school', school: 'full' },
			...course('60', '30', '30'),
			{ kind: 'catch-time', time: t('30') },
			{ kind: 'gauge', pressure: t('3', 'bar') },
			{ kind: 'catch', nozzle: 1, amount: t('2000', 'ml'), why: 'first' },
			{ kind: 'catch', nozzle: 2, amount: t('2000', 'ml'), why: 'first' }
		];
		const { adjust } = await adjusting(bodies, thrower);
		adjust.form.volume = '120';
		const chooser = new ChooserState(adjust, maths);
		await chooser.ask();
		const kinds = () => [...new Set((chooser.found?.choices ?? []).map((c) => c.nozzle.kind))];
		expect(kinds().filter((kind) => kind !== 'off-centre')).toEqual([]);
		chooser.filter = 'hollow-cone';
		await chooser.ask();
		expect(kinds().filter((kind) => kind !== 'hollow-cone')).toEqual([]);
		expect(chooser.found!.choices.length).toBeGreaterThan(0);
	});
});
