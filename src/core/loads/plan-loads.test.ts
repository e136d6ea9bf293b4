import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { si } from '../quantity/quantity';
import { planLoads } from './plan-loads';
import { readDose } from './read-dose';
import { readTankPlan } from './read-tank-plan';
import type { Dose, PlanSheet } from './sheet';
import { splits } from './sheet';
import { strength } from './strength';

const dose: fc.Arbitrary<Dose> = fc.oneof(
	fc.double({ min: 1e-9, max: 1e-6, noNaN: true }).map((d): Dose => ({ basis: 'liquidPerArea', dose: si(d) })),
	fc.double({ min: 1e-7, max: 1e-3, noNaN: true }).map((d): Dose => ({ basis: 'dryPerArea', dose: si(d) })),
	fc.double({ min: 1e-4, max: 0.02, noNaN: true }).map((s): Dose => ({ basis: 'shareLiquid', share: s })),
	fc.double({ min: 0.1, max: 20, noNaN: true }).map((p): Dose => ({ basis: 'shareDry', perVolume: p }))
);
const positive = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const product = fc.record({
	dose,
	/** Containers from a jug to a drum, of a liquid or a dry product as its dose is. */
	pack: fc.option(positive(1e-4, 0.2))
});
const plan: fc.Arbitrary<PlanSheet> = fc
	.record({
		ground: fc.record({ count: fc.integer({ min: 1, max: 400 }), length: positive(10, 900), spacing: positive(1, 8) }),
		rate: positive(5e-6, 1e-4).map((r) => si<'volumePerArea'>(r)),
		tank: positive(0.1, 3).map((t) => si<'volume'>(t)),
		split: fc.constantFrom(...splits),
		dead: fc.option(positive(0, 0.9)),
		sprayedShare: fc.option(positive(0.02, 1)),
		products: fc.array(product, { maxLength: 4 })
	})
	.map(({ ground, tank, dead, sprayedShare, products, ...rest }): PlanSheet => {
		const rows = { count: ground.count, length: si<'length'>(ground.length), spacing: si<'length'>(ground.spacing) };
		return {
			...rest,
			tank,
			rows,
			area: si<'area'>(rows.count * rows.length * rows.spacing),
			...(dead === null ? {} : { dead: si<'volume'>(dead * tank) }),
			...(sprayedShare === null ? {} : { sprayedShare }),
			products: products.map(({ dose: d, pack }, i) => {
				const dry = d.basis === 'dryPerArea' || d.basis === 'shareDry';
				const amount = dry
					? { kind: 'mass' as const, amount: si<'mass'>(pack! * 1000) }
					: { kind: 'volume' as const, amount: si<'volume'>(pack!) };
				return { name: `P${i}`, dose: d, ...(pack === null ? {} : { pack: amount }) };
			})
		};
	});
const near = (a: number, b: number) => Math.abs(a - b) <= 1e-9 * Math.max(Math.abs(a), Math.abs(b), 1e-12);
const many = { numRuns: 1500 };

describe('loads', () => {
	it('add up to the mix, the area and each product’s total, and fit the tank, by every split', () => {
		const seen = new Map<string, number>();
		fc.assert(
			fc.property(plan, (sheet) => {
				const result = planLoads(sheet);
				if (!result.ok) return true;
				seen.set(sheet.split, (seen.get(sheet.split) ?? 0) + 1);
				const { loads, mix, area, totals, leftover } = result.value;
				const sum = (pick: (l: (typeof loads)[number]) => number) => loads.reduce((s, l) => s + pick(l), 0);
				const dead = sheet.dead ?? 0;
				return (
					near(
						sum((l) => l.mix),
						mix
					) &&
					near(mix, area * sheet.rate * (sheet.sprayedShare ?? 1) + dead) &&
					leftover === dead &&
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
					loads.every((l) => l.mix <= sheet.tank * (1 + 1e-9) && l.water > 0 && l.area >= -1e-9 * area)
				);
			}),
			many
		);
		// Each way of splitting was really tried.
		for (const split of splits) expect(seen.get(split), split).toBeGreaterThan(50);
	});

	it('end at row ends, or use whole containers but for the last', () => {
		fc.assert(
			fc.property(plan, (sheet) => {
				const result = planLoads(sheet);
				if (!result.ok) return true;
				const { loads } = result.value;
				if (sheet.split === 'whole-rows')
					return (
						loads.every((l) => Number.isInteger(l.rows) && l.rows! > 0) &&
						loads.reduce((s, l) => s + l.rows!, 0) === sheet.rows!.count
					);
				if (sheet.split !== 'whole-packs') return loads.every((l) => l.rows === null && l.packs === null);
				const leading = sheet.products.findIndex((p) => p.pack);
				return loads.every(
					(l, i) =>
						near(l.packs! * sheet.products[leading]!.pack!.amount, l.products[leading]!.amount) &&
						(i === loads.length - 1 || Number.isInteger(l.packs))
				);
			}),
			many
		);
	});

	it('open as many containers as counting them out would', () => {
		fc.assert(
			fc.property(plan, (sheet) => {
				const result = planLoads(sheet);
				if (!result.ok) return true;
				return sheet.products.every(({ pack }, i) => {
					if (!pack) return result.value.packs[i] === null;
					const wanted = result.value.totals[i]!.amount;
					const opened = result.value.packs[i]!;
					return opened * pack.amount >= wanted * (1 - 1e-8) && (opened - 1) * pack.amount < wanted;
				});
			}),
			many
		);
	});

	it('pass a label’s most per area exactly where the figures that would stay within say so', () => {
		fc.assert(
			fc.property(plan, positive(0.2, 3), (sheet, cap) => {
				const share = sheet.sprayedShare ?? 1;
				const products = sheet.products.map((p) => {
					const dry = p.dose.basis === 'dryPerArea' || p.dose.basis === 'shareDry';
					const perArea = strength(p.dose, sheet.rate) * sheet.rate * share * cap;
					return {
						...p,
						max: dry
							? { kind: 'mass' as const, perArea: si<'massPerArea'>(perArea) }
							: { kind: 'volume' as const, perArea: si<'volumePerArea'>(perArea) }
					};
				});
				const result = planLoads({ ...sheet, products });
				if (!result.ok) return true;
				return result.value.overMax.every((over, i) => {
					if (cap > 1 + 1e-6) return over === null;
					if (cap < 1 - 1e-6 && !over) return false;
					if (!over) return true;
					const dry = products[i]!.max.kind === 'mass';
					const least = over.greatestConcentration * (dry ? 1000 : 1) * sheet.rate * share;
					return near(over.perAreaRatio, 1 / cap) && near(least, products[i]!.max.perArea) && over.greatestShare <= 1;
				});
			}),
			many
		);
	});

	it('twice the ground takes twice of everything', () => {
		fc.assert(
			fc.property(plan, (sheet) => {
				const once = planLoads(sheet);
				const { dead: _dead, ...bare } = sheet;
				if (sheet.dead) return true;
				const rows = { ...sheet.rows!, count: sheet.rows!.count * 2 };
				const twice = planLoads({ ...bare, rows, area: si<'area'>(sheet.area * 2) });
				return (
					!once.ok || !twice.ok || once.value.totals.every((t, i) => near(twice.value.totals[i]!.amount, 2 * t.amount))
				);
			})
		);
	});

	it('are as few as the tank allows, against counting them one by one', () => {
		fc.assert(
			fc.property(plan, (sheet) => {
				if (sheet.split !== 'full-then-part' && sheet.split !== 'equal') return true;
				const result = planLoads(sheet);
				if (!result.ok) return true;
				let left: number = result.value.mix;
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

	it('refuses what no tank can do, each with its own word', () => {
		const sheet: PlanSheet = { area: si(1e4), rate: si(2e-5), tank: si(0.05), split: 'equal', products: [] };
		const code = (change: Partial<PlanSheet>) => {
			const result = planLoads({ ...sheet, ...change });
			return result.ok ? '' : result.issues[0]!.code;
		};
		const rows = { count: 2, length: si<'length'>(1000), spacing: si<'length'>(5) };
		const pack = { kind: 'volume' as const, amount: si<'volume'>(0.02) };
		const packed = [{ name: 'P', dose: { basis: 'liquidPerArea' as const, dose: si<'volumePerArea'>(2e-7) }, pack }];
		expect([
			code({ dead: si(0.05) }),
			code({ split: 'whole-rows' }),
			code({ split: 'whole-rows', rows }),
			code({ split: 'whole-packs' }),
			code({ split: 'whole-packs', products: packed })
		]).toEqual(['dead-over-tank', 'missing', 'row-over-tank', 'missing', 'pack-over-tank']);
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
		['3 kg/ha', 'liquid', 'no-density'],
		['3 L/ha', 'dry', 'wrong-kind'],
		['3 L', undefined, 'per-what'],
		['0 %', undefined, 'zero'],
		['60 %', undefined, 'too-large'],
		['900 L/ha', undefined, 'liquidPerArea'],
		['9000000 L/ha', undefined, 'too-large'],
		['-1 %', undefined, 'negative'],
		['100 ml/100 L', undefined, 'shareLiquid'],
		['2 fl oz/gal', undefined, 'shareLiquid'],
		['2 oz per gal', 'dry', 'shareDry'],
		['50 g/100 L', undefined, 'shareDry'],
		['50 g/100 L', 'liquid', 'no-density'],
		['60 ml in 5 L', undefined, 'shareLiquid'],
		['4 L in 5 L', undefined, 'too-large'],
		['60 ml in 0 L', undefined, 'zero'],
		['2 packets/ac', undefined, 'no-packet'],
		['many packets/ac', undefined, 'unreadable'],
		['30 ml/100 m row', undefined, 'no-rows'],
		['1 fl oz per 1000 ft of row', undefined, 'no-rows']
	] as const)('%s (%s): %s', (text, state, wanted) => {
		expect(code(text, state)).toBe(wanted);
	});

	it('come to the same product on the ground, however they are written', () => {
		const reading = {
			gallon: 'US' as const,
			packet: { kind: 'mass' as const, amount: si<'mass'>(0.25) },
			rowSpacing: si<'length'>(5)
		};
		const on = (text: string) => {
			const read = readDose(text, reading, '');
			if (!read.ok) throw new Error(JSON.stringify(read.issues));
			return strength(read.value, si<'volumePerArea'>(2e-5)) * 2e-5;
		};
		// 2 L/ha is 200 ml on 1,000 m²; at 200 L/ha it is 1 % of the mix.
		for (const text of ['2 L/ha', '1 %', '1 L/100 L', '10 ml/L', '50 ml in 5 L', '100 ml/100 m row'])
			expect(on(text) / 2e-7, text).toBeCloseTo(1, 9);
		expect(on('4 packets/ha') / 1e-4).toBeCloseTo(1, 9);
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
