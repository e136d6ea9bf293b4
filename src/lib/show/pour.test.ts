import { describe, expect, it } from 'vitest';
import type { TypedLabel } from '$core';
import { foldRun, mixingOf, readField, fields, readJob, si } from '$core';
import { demoProducts } from '../../../demo/products';
import { metric } from '../../../tests/support/calibration-state';
import { t } from '../../../tests/support/entries';
import type { FarmSettings } from '$lib/settings/farm-settings';
import { mixingLines } from './pour';

const jug = (name: string, mark: string, holds: string) => ({ name, mark: t(mark, 'ml'), holds: t(holds, 'ml') });
const settings: FarmSettings = {
	...metric,
	measures: [jug('big jug', '50 ml', '5 L'), jug('small jug', '10 ml', '1 L'), jug('scale', '5 g', '2 kg')]
};
const label = (name: string): TypedLabel => demoProducts.find((p) => p.name === name)!;

/** The first load of so many hectares at 168 L/ha from 800 L. */
function lines(hectares: number, products: readonly (readonly [TypedLabel, string])[], farm = settings) {
	const job = {
		day: '2026-03-20',
		blocks: [{ id: 'b', name: 'B', area: hectares * 1e4, share: 1, rows: null, spacing: null }],
		tank: t('800', 'L'),
		dead: null,
		agitation: null,
		products: products.map(([l, dose], i) => ({ id: `p${i}`, label: l, dose: t(dose, 'L/ha') })),
		split: 'full-then-part' as const,
		reason: '',
		notes: ''
	};
	const read = readJob(job, si(168e-7));
	if (!read.ok) throw new Error(JSON.stringify(read.issues));
	const { sheet } = read.value;
	const run = foldRun(sheet, mixingOf(job), []);
	if (!run.ok) throw new Error('no run');
	return mixingLines({ ...run.value.loads[0]!, last: run.value.loads.length === 1 }, job, farm);
}

describe('what is poured for a load', () => {
	it('is whole containers and a jug to its mark, held down where the next mark would be over the label', () => {
		const ochre = lines(20, [[label('Sample Ochre'), '2 L/ha']])[1]!;
		// 800 L at 168 L/ha is 4.7619 ha: 9.5238 L; up to 9.55 would be 2.0055 L/ha, over the most.
		expect(`${ochre.figure} ${ochre.unit}`).toBe('9.50 L');
		expect(ochre.how).toEqual([
			'1 × 5 L, then 4.50 L by the big jug',
			'exact 9.524 L, marks 50 ml',
			'gives 1.995 L/ha'
		]);
		expect(ochre.look).toContain('Do not round Sample Ochre up');
		expect(readField(fields.poured, ochre.poured!, '')).toMatchObject({ value: { kind: 'volume', value: 0.0095 } });
	});
	it('tells a sum with a container between the marks as what it is, not as the next mark', () => {
		const us: FarmSettings = { ...metric, rateUnit: 'US gal/ac', measures: [jug('jug', '2 fl oz', '5 qt')] };
		const chalk = lines(3, [[{ ...label('Sample Ochre'), packs: [t('1 L', 'L')] }, '7.3 fl oz/ac']], us)[1]!;
		// 1 L is 33.81 fl oz: with 20 by the jug it is 53.81, not 54.
		expect(chalk.how[0]).toBe('1 × 1 L, then 20 fl oz by the jug');
		expect([chalk.figure, chalk.unit]).toEqual(['53.8', 'fl oz']);
	});
	it('goes to the nearer mark where the label has room', () => {
		const ochre = lines(20, [[label('Sample Ochre'), '1.77 L/ha']])[1]!;
		expect([ochre.figure, ochre.look]).toEqual(['8.45', '']);
	});
	it('is weighed where it is dry, and told to three figures where the farm has no measure', () => {
		const dry = lines(1, [[label('Sample Feldspar'), '14 oz/ac']])[1]!;
		expect(`${dry.figure} ${dry.unit}`).toBe('980 g');
		expect(dry.how[0]).toBe('by the scale');
		const bare = lines(1, [[label('Sample Feldspar'), '14 oz/ac']], metric)[1]!;
		// Its dose was told in ounces, and no scale says otherwise.
		expect([bare.figure, bare.unit, bare.how]).toEqual(['2.16', 'lb', []]);
	});
	it('says where an amount is too small, and keeps what was wanted', () => {
		const tiny = lines(0.004, [[label('Sample Ochre'), '2 L/ha']])[1]!;
		expect(tiny.look).toBe(
			'Sample Ochre is less than the first mark of the small jug (10 ml). Take a finer measure, mix a bigger batch, or make a pre-mix.'
		);
		expect(`${tiny.figure} ${tiny.unit}`).toBe('8 ml');
		expect(readField(fields.poured, tiny.poured!, '')).toMatchObject({
			value: { value: expect.closeTo(8e-6, 9) as number }
		});
	});
	it('tells US measures in fluid ounces and gallons', () => {
		const us = lines(20, [[label('Sample Ochre'), '27.4 fl oz/ac']], { ...metric, rateUnit: 'US gal/ac' });
		expect([us[0]!.unit, us[1]!.unit, us[1]!.figure]).toEqual(['gal', 'gal', '2.51']);
		expect(us[1]!.how).toEqual(['1 × 5 L, then 153 fl oz', 'gives 27.36 US fl oz/ac']);
	});
	it('tells gallons and pounds with the ounces over them, as the marks of a jug have it', () => {
		const farm: FarmSettings = {
			...metric,
			rateUnit: 'US gal/ac',
			measures: [jug('jug', '2 fl oz', '5 qt'), { name: 'scale', mark: t('0.5 oz', 'lb'), holds: t('5 lb', 'lb') }]
		};
		const made = lines(
			20,
			[
				[{ ...label('Sample Ochre'), packs: [] }, '1.9 L/ha'],
				[{ ...label('Sample Feldspar'), packs: [] }, '14 oz/ac']
			],
			farm
		);
		// 9.0476 L is 305.9 fl oz; 14 oz/ac on 4.7619 ha is 164.7 oz of weight.
		expect(made.slice(1, 3).map((l) => `${l.figure} ${l.unit}`)).toEqual(['10 lb 4.5 oz', '2 gal 50 fl oz']);
	});
	it('never moves a dose by more than 2.5 % for somebody: it says what the mark would make of it', () => {
		const coarse = lines(0.0663, [[label('Sample Ochre'), '1.9 L/ha']])[1]!;
		// 126 ml by 10 ml marks: 130 ml is 3.2 % more.
		expect(`${coarse.figure} ${coarse.unit}`).toBe('126.0 ml');
		expect(coarse.look).toBe(
			'The marks of the small jug (10 ml) would give 3.2 % more Sample Ochre. Take a finer measure, mix a bigger batch, or make a pre-mix.'
		);
		expect(coarse.how).toEqual(['the exact amount']);
	});
	it('tells quarts as quarts, and a jug with millilitre marks in millilitres on any farm', () => {
		const us: FarmSettings = { ...metric, rateUnit: 'US gal/ac' };
		const bare = { ...label('Sample Ochre'), packs: [] };
		const quarts = lines(20, [[bare, '0.75 qt/ac']], us)[1]!;
		expect([quarts.figure, quarts.unit]).toEqual(['8.82', 'qt']);
		const syringe = { ...us, measures: [jug('syringe', '1 ml', '60 ml')] };
		const drops = lines(0.0125, [[bare, '27 fl oz/ac']], syringe)[1]!;
		expect([drops.figure, drops.unit, drops.how[1]]).toEqual(['25', 'ml', 'exact 24.66 ml, marks 1 ml']);
	});
	it('pours a halved product twice, each half by itself', () => {
		const halved = { ...label('Sample Feldspar'), fill: 'half-product' as const };
		const made = lines(1, [[halved, '14 oz/ac']]);
		expect(made.map((l) => `${l.text} ${l.figure}`)).toEqual([
			'Water to this mark first 84',
			'Sample Feldspar, half of it 490',
			'Water to this mark 151',
			'Sample Feldspar, half of it 490',
			'Water up to the mark 168'
		]);
	});
});
