import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { si } from '../quantity/quantity';
import { planLoads } from './plan-loads';
import { readDose } from './read-dose';
import { readTankPlan } from './read-tank-plan';
import type { Dose, PlanSheet } from './sheet';

const dose: fc.Arbitrary<Dose> = fc.oneof(
	fc.double({ min: 1e-9, max: 1e-6, noNaN: true }).map((d): Dose => ({ basis: 'liquidPerArea', dose: si(d) })),
	fc.double({ min: 1e-7, max: 1e-3, noNaN: true }).map((d): Dose => ({ basis: 'dryPerArea', dose: si(d) })),
	fc.double({ min: 1e-4, max: 0.02, noNaN: true }).map((s): Dose => ({ basis: 'shareLiquid', share: s })),
	fc.double({ min: 0.1, max: 20, noNaN: true }).map((p): Dose => ({ basis: 'shareDry', perVolume: p }))
);
const plan: fc.Arbitrary<PlanSheet> = fc.record({
	area: fc.double({ min: 50, max: 3e5, noNaN: true }).map((a) => si<'area'>(a)),
	rate: fc.double({ min: 5e-6, max: 1e-4, noNaN: true }).map((r) => si<'volumePerArea'>(r)),
	tank: fc.double({ min: 0.1, max: 3, noNaN: true }).map((t) => si<'volume'>(t)),
	split: fc.constantFrom('full-then-part', 'equal'),
	products: fc.array(dose, { maxLength: 4 }).map((doses) => doses.map((d, i) => ({ name: `P${i}`, dose: d })))
});
const near = (a: number, b: number) => Math.abs(a - b) <= 1e-9 * Math.max(Math.abs(a), Math.abs(b), 1e-12);

describe('loads', () => {
	it('add up to the mix, the area and each product’s total, and fit the tank', () => {
		fc.assert(
			fc.property(plan, (sheet) => {
				const result = planLoads(sheet);
				if (!result.ok) return true;
				const { loads, mix, area, totals } = result.value;
				const sum = (pick: (l: (typeof loads)[number]) => number) => loads.reduce((s, l) => s + pick(l), 0);
				return (
					near(
						sum((l) => l.mix),
						mix
					) &&
					near(
						sum((l) => l.area),
						area
					) &&
					totals.every((t, i) =>
						near(
							sum((l) => l.products[i]!.amount),
							t.amount
						)
					) &&
					loads.every((l) => l.mix <= sheet.tank * (1 + 1e-9) && l.water > 0)
				);
			})
		);
	});

	it('twice the ground takes twice of everything', () => {
		fc.assert(
			fc.property(plan, (sheet) => {
				const once = planLoads(sheet);
				const twice = planLoads({ ...sheet, area: si<'area'>(sheet.area * 2) });
				return (
					!once.ok || !twice.ok || once.value.totals.every((t, i) => near(twice.value.totals[i]!.amount, 2 * t.amount))
				);
			})
		);
	});

	it('are as few as the tank allows, against counting them one by one', () => {
		fc.assert(
			fc.property(plan, (sheet) => {
				const result = planLoads(sheet);
				if (!result.ok) return true;
				let left = sheet.area * sheet.rate;
				let slow = 0;
				while (left > sheet.tank * 1e-9) {
					left -= sheet.tank;
					slow += 1;
				}
				return result.value.loads.length === Math.max(1, slow);
			})
		);
	});

	it('three tanks exactly are three loads, not four', () => {
		const sheet: PlanSheet = { area: si(3e4), rate: si(2e-5), tank: si(0.2), split: 'full-then-part', products: [] };
		const result = planLoads(sheet);
		expect(result.ok && result.value.loads.length).toBe(3);
	});

	it('refuses a plan of products alone, and one of endless loads', () => {
		const sheet: PlanSheet = { area: si(1e4), rate: si(2e-5), tank: si(0.2), split: 'equal', products: [] };
		const full = planLoads({ ...sheet, products: [{ name: 'P', dose: { basis: 'liquidPerArea', dose: si(3e-5) } }] });
		expect(full.ok ? [] : full.issues.map((i) => i.code)).toEqual(['products-fill-tank']);
		const endless = planLoads({ ...sheet, area: si(1e9) });
		expect(endless.ok ? [] : endless.issues.map((i) => i.code)).toEqual(['too-many-loads']);
	});
});

describe('doses as people write them', () => {
	const code = (text: string, state?: 'liquid' | 'dry') => {
		const read = readDose(text, { gallon: 'US', state }, 'dose');
		return read.ok ? read.value.basis : read.issues[0]?.code;
	};
	it.each([
		['2 L/ha', undefined, 'liquidPerArea'],
		['32 fl oz/ac', undefined, 'liquidPerArea'],
		['1.5 kg/ha', undefined, 'dryPerArea'],
		['14 oz/ac', 'dry', 'dryPerArea'],
		['14 oz/ac', 'liquid', 'liquidPerArea'],
		['0.1 %', undefined, 'shareLiquid'],
		['1/2 %', 'liquid', 'shareLiquid'],
		['0.5 percent', 'dry', 'shareDry'],
		['14 oz/ac', undefined, 'ambiguous-oz'],
		['3 kg/ha', 'liquid', 'wrong-kind'],
		['3 L/ha', 'dry', 'wrong-kind'],
		['3 L', undefined, 'wrong-kind'],
		['0 %', undefined, 'zero'],
		['60 %', undefined, 'too-large'],
		['900 L/ha', undefined, 'liquidPerArea'],
		['9000000 L/ha', undefined, 'too-large'],
		['-1 %', undefined, 'negative']
	] as const)('%s (%s): %s', (text, state, wanted) => {
		expect(code(text, state)).toBe(wanted);
	});

	it('tells everything that is wrong with a plan at once', () => {
		const t = (text: string, unit: string) => ({ text, unit, gallon: 'US' as const });
		const read = readTankPlan(
			{
				area: { by: 'sides', length: t('3 L', 'm'), width: t('', 'm') },
				tank: t('-4', 'L'),
				split: 'equal',
				products: [{ name: 'Sample Ochre', dose: t('much', 'L/ha'), state: 'liquid' }]
			},
			si(2e-5)
		);
		expect(read.ok ? [] : read.issues.map((i) => [i.path, i.code])).toEqual([
			['length', 'wrong-kind'],
			['width', 'empty'],
			['tank', 'negative'],
			['products.0.dose', 'unreadable']
		]);
	});
});
