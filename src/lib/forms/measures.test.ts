import { describe, expect, it } from 'vitest';
import { metric } from '../../../tests/support/calibration-state';
import type { FarmSettings } from '../settings/farm-settings';
import { farmMeasures, measureTexts, readMeasuresForm } from './measures';

const us: FarmSettings = { ...metric, rateUnit: 'US gal/ac' };
const read = (lines: readonly (readonly [string, string, string])[], settings = metric) =>
	readMeasuresForm(
		{ names: lines.map((l) => l[0]), marks: lines.map((l) => l[1]), holds: lines.map((l) => l[2]) },
		settings
	);

describe('the jugs and scales of a farm', () => {
	it('are read with the farm’s units and come back as they were typed', () => {
		const { measures, problems } = read([
			['big jug', '50', '5 L'],
			['', 'nothing', ''],
			['scale', '5 g', '2 kg']
		]);
		expect(problems).toEqual({});
		const settings = { ...metric, measures };
		expect(farmMeasures(settings)).toEqual([
			{ name: 'big jug', kind: 'volume', mark: expect.closeTo(5e-5, 12) as unknown, holds: 0.005, unit: 'ml' },
			{ name: 'scale', kind: 'mass', mark: 0.005, holds: 2, unit: 'g' }
		]);
		expect(measureTexts(settings)).toEqual([
			{ name: 'big jug', mark: '50 ml', holds: '5 L' },
			{ name: 'scale', mark: '5 g', holds: '2 kg' }
		]);
	});
	it('knows an ounce of weight by the pounds beside it', () => {
		const { measures, problems } = read([['scale', '0.5 oz', '5 lb']], us);
		expect(problems).toEqual({});
		expect(farmMeasures({ ...us, measures })[0]).toMatchObject({ kind: 'mass' });
		expect(farmMeasures({ ...us, measures: read([['jug', '1 oz', '1 qt']], us).measures })[0]).toMatchObject({
			kind: 'volume'
		});
	});
	it('are none on a device that still holds the settings of before', () => {
		const { measures: _, ...before } = metric;
		expect(farmMeasures(before as FarmSettings)).toEqual([]);
	});
	it.each([
		[['jug', '', '5 L'], '0.mark', 'Nothing is written'],
		[['jug', '50 ml', 'much'], '0.holds', '“much”'],
		[['jug', '5 g', '5 L'], '0.holds', 'a volume and a weight'],
		[['jug', '1 L', '50 ml'], '0.holds', 'less than one of its marks'],
		[['jug', '0', '5 L'], '0.mark', 'more than nothing'],
		[['j'.repeat(41), '50 ml', '5 L'], '0.name', '40 letters']
	] as const)('that are wrong are told at their place: %o', (line, place, words) => {
		expect(read([line]).problems[place]).toContain(words);
	});
});
