import { describe, expect, it } from 'vitest';
import { si } from '../quantity/quantity';
import { fieldDose } from './field-dose';
import { fullTank } from './full-tank';
import { loadVolumes } from './load-volumes';
import { pickMeasure } from './measures';
import { oneLoadLess } from './one-load-less';
import { packLoads } from './pack-loads';
import { planLoads } from './plan-loads';
import { pourAmount } from './pour-amount';
import type { TypedProduct } from './read-products';
import type { TypedTankPlan } from './read-tank-plan';
import { readArea, readTankPlan } from './read-tank-plan';
import { rowLoads } from './row-loads';
import type { PlanSheet } from './sheet';

const typed = (text: string, unit = '', comma = false) => ({ text, unit, gallon: 'US' as const, comma });
const v = (value: number) => si<'volume'>(value);
const rate = si<'volumePerArea'>(2e-5);
const liquid = (dose: string, change: Partial<TypedProduct> = {}): TypedProduct => ({
	name: 'Umber',
	dose: typed(dose, 'L/ha'),
	state: 'liquid',
	...change
});
const plan = (change: Partial<TypedTankPlan> = {}): TypedTankPlan => ({
	area: { by: 'area', area: typed('3', 'ha') },
	tank: typed('600', 'L'),
	split: 'full-then-part',
	products: [liquid('2')],
	...change
});
const issues = (asked: TypedTankPlan, treated = 1) => {
	const read = readTankPlan(asked, rate, treated);
	return read.ok ? [] : read.issues.map(({ code, path, text }) => [code, path, text].filter(Boolean).join(' '));
};
const sheet = (asked: TypedTankPlan, treated = 1): PlanSheet => {
	const read = readTankPlan(asked, rate, treated);
	if (!read.ok) throw new Error(read.issues[0]!.code);
	return read.value;
};

describe('a tank plan as typed', () => {
	it('comes to quantities', () => {
		expect(sheet(plan())).toEqual({
			area: 30000,
			rate,
			tank: expect.closeTo(0.6, 12),
			split: 'full-then-part',
			products: [{ name: 'Umber', dose: { basis: 'liquidPerArea', dose: expect.closeTo(2e-7, 18) } }]
		});
		expect(sheet(plan({ products: [liquid('1,5', { dose: typed('1,5', 'L/ha', true) })] })).products[0]!.dose).toEqual({
			basis: 'liquidPerArea',
			dose: expect.closeTo(1.5e-7, 18)
		});
	});
	it('tells everything that is wrong with it, each at its place', () => {
		expect(
			issues(plan({ area: { by: 'area', area: typed('x', 'ha') }, tank: typed('y', 'L'), products: [liquid('z')] }))
		).toEqual(['unreadable area x', 'unreadable tank y', 'unreadable products.0.dose z']);
		expect(issues(plan({ area: { by: 'area', area: typed('x', 'ha') } }))).toEqual(['unreadable area x']);
		expect(issues(plan({ tank: typed('y', 'L') }))).toEqual(['unreadable tank y']);
		expect(issues(plan({ products: [liquid('2'), liquid('')] }))).toEqual(['empty products.1.dose']);
		expect(issues(plan({ products: [liquid('2', { dose: typed('2') })] }))).toEqual(['no-unit products.0.dose 2']);
	});
	it('asks of a bare per cent whether it is of a liquid', () => {
		const percent = (text: string, state?: 'liquid' | 'dry') =>
			issues(plan({ products: [liquid(text, { dose: typed(text), state })] }));
		expect(percent('0.1 %')).toEqual(['no-state products.0.dose 0.1 %']);
		expect(percent('0.1 per cent')).toEqual(['no-state products.0.dose 0.1 per cent']);
		expect(percent('0.1 % v/v')).toEqual([]);
		expect(percent('0.1 %', 'liquid')).toEqual([]);
		expect(percent('0.1 %', 'dry')).toEqual([]);
	});
	it('asks on bands what a dose per area is of, and nothing of a share of the mix', () => {
		expect(issues(plan(), 0.5)).toEqual(['dose-area products.0.per 2']);
		const dry = liquid('2', { dose: typed('2', 'kg/ha'), state: 'dry' });
		expect(issues(plan({ products: [dry] }), 0.5)).toEqual(['dose-area products.0.per 2']);
		expect(issues(plan({ products: [liquid('0.1 %')] }), 0.5)).toEqual([]);
		expect(issues(plan({ products: [liquid('2', { per: 'treated' })] }), 0.5)).toEqual([]);
	});
	it('puts all of a dose of the field on the part that bands treat', () => {
		const dose = (per: 'field' | 'treated', treated: number) =>
			sheet(plan({ products: [liquid('2', { per })] }), treated);
		expect(dose('field', 0.5)).toMatchObject({
			sprayedShare: 0.5,
			products: [{ dose: { dose: expect.closeTo(4e-7, 18) } }]
		});
		expect(dose('treated', 0.5).products[0]!.dose).toMatchObject({ dose: expect.closeTo(2e-7, 18) });
		expect(dose('field', 1)).not.toHaveProperty('sprayedShare');
		const dry = { basis: 'dryPerArea', dose: si<'massPerArea'>(1e-4) } as const;
		expect(fieldDose(dry, 0.25)).toEqual({ basis: 'dryPerArea', dose: 4e-4 });
		const share = { basis: 'shareDry', perVolume: 5 } as const;
		expect(fieldDose(share, 0.25)).toBe(share);
	});
});

describe('ground by its sides', () => {
	const sides = (length: string, width: string) =>
		readArea({ by: 'sides', length: typed(length, 'm'), width: typed(width, 'm') });
	it('is their product, and each side that is wrong is told', () => {
		expect(sides('420', '150')).toMatchObject({ ok: true, value: expect.closeTo(63000, 6) });
		const wrong = (length: string, width: string) => {
			const read = sides(length, width);
			return read.ok ? [] : read.issues.map((i) => `${i.code} ${i.path} ${i.text}`);
		};
		expect(wrong('x', 'y')).toEqual(['unreadable length x', 'unreadable width y']);
		expect(wrong('x', '150')).toEqual(['unreadable length x']);
		expect(wrong('420', 'y')).toEqual(['unreadable width y']);
		expect(wrong('0.2', '0.3')).toEqual(['too-small length 0.2 × 0.3']);
	});
});

describe('loads that cannot be', () => {
	const one: PlanSheet = { area: si<'area'>(63000), rate, tank: v(0.6), split: 'equal', products: [] };
	const refused = (change: Partial<PlanSheet>) => {
		const read = planLoads({ ...one, ...change });
		return read.ok ? [] : read.issues;
	};
	it('say why', () => {
		expect(refused({ dead: v(0.6) })).toEqual([{ code: 'dead-over-tank', path: 'dead' }]);
		expect(refused({ tank: v(0.0025) })).toEqual([{ code: 'too-many-loads', path: 'tank', text: '504', bound: '500' }]);
		expect(refused({ area: si<'area'>(5e5), tank: v(0.02) })).toEqual([]);
		const share = { basis: 'shareLiquid', share: 0.6 } as const;
		expect(
			refused({
				products: [
					{ name: 'a', dose: share },
					{ name: 'b', dose: share }
				]
			})
		).toEqual([{ code: 'products-fill-tank', path: 'products' }]);
		// One load of several is enough: the water of each is looked at.
		const perArea = { basis: 'liquidPerArea', dose: si<'volumePerArea'>(2e-5) } as const;
		expect(refused({ products: [{ name: 'a', dose: perArea }] })[0]!.code).toBe('products-fill-tank');
		expect(refused({ split: 'whole-rows' })).toEqual([{ code: 'missing', path: 'rows' }]);
		const rows = { count: 2, length: si<'length'>(100), spacing: si<'length'>(3) };
		expect(refused({ split: 'whole-rows', rows })).toEqual([{ code: 'row-over-tank', path: 'rows' }]);
		expect(refused({ split: 'whole-packs' })).toEqual([{ code: 'missing', path: 'pack' }]);
		const dose = { basis: 'liquidPerArea', dose: si<'volumePerArea'>(2e-7) } as const;
		const pack = { kind: 'volume', amount: v(0.02) } as const;
		expect(refused({ split: 'whole-packs', products: [{ name: 'Umber', dose, pack }] })).toEqual([
			{ code: 'pack-over-tank', path: 'pack', text: 'Umber' }
		]);
	});
	it('count more than 500 by rows too', () => {
		const rows = { count: 900, length: si<'length'>(100), spacing: si<'length'>(3) };
		// A tank of one row and a bit: 504 loads by volume would do with fewer, 900 by rows would not.
		expect(refused({ area: si<'area'>(63000), tank: v(0.0027), split: 'whole-rows', rows })).toEqual([
			{ code: 'too-many-loads', path: 'split', text: '900', bound: '500' }
		]);
	});
	it('a full tank without room for water', () => {
		const half = { basis: 'shareLiquid', share: 0.5 } as const;
		const full = fullTank(rate, v(0.6), [
			{ name: 'a', dose: half },
			{ name: 'b', dose: half }
		]);
		expect(full).toEqual({ ok: false, issues: [{ code: 'products-fill-tank', path: 'products' }] });
	});
});

describe('edges of the splits', () => {
	it('rows: one row a tank, all in one load, none left over', () => {
		expect(rowLoads(3, v(200), v(200), v(0))).toEqual([1, 1, 1]);
		expect(rowLoads(3, v(201), v(200), v(0))).toBeNull();
		expect(rowLoads(3, v(200), v(200), v(1))).toBeNull();
		expect(rowLoads(4, v(50), v(200), v(0))).toEqual([4]);
		expect(rowLoads(8, v(50), v(200), v(0))).toEqual([4, 4]);
		expect(rowLoads(1, v(250), v(200), v(0))).toBeNull();
	});
	it('volumes: what cannot be sprayed out is in a last load that can hold it', () => {
		expect(loadVolumes(v(1205), v(600), 'full-then-part', v(20))).toEqual([600, 5, 600]);
		expect(loadVolumes(v(1220), v(600), 'full-then-part', v(20))).toEqual([600, 600, 20]);
		expect(loadVolumes(v(10), v(600), 'full-then-part', v(20))).toEqual([10]);
		expect(loadVolumes(v(1205), v(600), 'equal', v(450))).toEqual([302.5, 302.5, 600]);
		expect(loadVolumes(v(1200), v(600), 'equal', v(450))).toEqual([600, 600]);
	});
	it('containers: exactly one a tank, and a last load that cannot hold what is moved to it', () => {
		expect(packLoads(v(600), v(200), v(200), v(0))).toEqual([
			{ mix: 200, packs: 1 },
			{ mix: 200, packs: 1 },
			{ mix: 200, packs: 1 }
		]);
		expect(packLoads(v(600), v(200), v(201), v(0))).toBeNull();
		expect(packLoads(v(410), v(200), v(100), v(50))).toEqual([
			{ mix: 200, packs: 2 },
			{ mix: 100, packs: 1 },
			{ mix: 110, packs: 1.1 }
		]);
		expect(packLoads(v(450), v(200), v(100), v(50))).toEqual([
			{ mix: 200, packs: 2 },
			{ mix: 200, packs: 2 },
			{ mix: 50, packs: 0.5 }
		]);
		expect(packLoads(v(410), v(200), v(200), v(50))).toBeNull();
	});
	it('one load less only where the ± covers it', () => {
		expect(oneLoadLess(v(610), v(600), 0.02)).toEqual({ loads: 1, less: expect.closeTo(1 - 600 / 610, 12) });
		expect(oneLoadLess(v(610), v(600), 0.016)).toBeNull();
		expect(oneLoadLess(v(600), v(600), 0.02)).toBeNull();
		expect(oneLoadLess(v(1200), v(600), 0.02)).toBeNull();
		expect(oneLoadLess(v(590), v(600), 0.02)).toBeNull();
		expect(oneLoadLess(v(612), v(600), 0.02)).toMatchObject({ loads: 1 });
	});
});

describe('what is poured', () => {
	const jug = (mark: number, holds: number) => ({
		name: `${holds}`,
		kind: 'volume' as const,
		mark: v(mark),
		holds: v(holds)
	});
	const small = jug(1e-6, 1e-4);
	const middle = jug(1e-5, 5e-4);
	const large = jug(5e-5, 2e-3);
	const pick = (amount: number) => pickMeasure({ kind: 'volume', amount: v(amount) }, [large, small, middle], Infinity);
	it('with the finest that holds it at once, else the finest in a few fills, else the largest', () => {
		expect(pick(1e-4)).toMatchObject({ measure: small, fills: 1 });
		expect(pick(4e-4)).toMatchObject({ measure: middle, fills: 1 });
		expect(pick(2e-3)).toMatchObject({ measure: large, fills: 1 });
		expect(pick(0.05)).toMatchObject({ measure: large, fills: 25 });
		expect(pickMeasure({ kind: 'mass', amount: si<'mass'>(1) }, [large], Infinity)).toMatchObject({
			measure: null,
			fills: 1
		});
	});
	it('takes whole containers first, the largest that fits, and nothing beside them where they are all of it', () => {
		const pour = (amount: number, packs: readonly number[]) =>
			pourAmount({ kind: 'volume', amount: v(amount) }, packs, [small, middle, large], Infinity);
		expect(pour(0.01, [0.005, 0.001, 0.02])).toEqual({
			packs: 2,
			pack: 0.005,
			rest: null,
			amount: 0.01,
			ratio: 1,
			heldDown: false,
			tooCoarse: null
		});
		expect(pour(0.02, [0.02, 0.005])).toMatchObject({ packs: 1, pack: 0.02, rest: null });
		expect(pour(0.012, [0.005])).toMatchObject({ packs: 2, pack: 0.005, rest: { fills: 1 } });
		expect(pour(0.003, [0.005])).toMatchObject({ packs: 0, pack: 0 });
	});
	it('is not moved to a mark that is too far from it', () => {
		const coarse = jug(1e-3, 5e-3);
		const poured = pourAmount({ kind: 'volume', amount: v(1.4e-3) }, [], [coarse], Infinity);
		expect(poured).toMatchObject({ ratio: 1, heldDown: false, amount: 1.4e-3 });
		expect(poured.tooCoarse).toBeCloseTo(1 / 1.4, 9);
	});
});
