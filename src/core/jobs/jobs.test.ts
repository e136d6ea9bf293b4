import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Dose } from '../loads/sheet';
import { splits } from '../loads/sheet';
import { si } from '../quantity/quantity';
import { compareSplits } from './compare-splits';
import type { CheckedProduct, LabelFinding } from './label-checks';
import { checkLabels } from './label-checks';

const positive = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const liquid = (dose: number): Dose => ({ basis: 'liquidPerArea', dose: si(dose) });

describe('a job by every split', () => {
	const sheet = { area: si<'area'>(63000), rate: si<'volumePerArea'>(1.8e-5), tank: si<'volume'>(0.6), products: [] };
	it('has a choice for each, and says why one cannot be', () => {
		const { choices } = compareSplits(sheet, { agitation: null, workRate: si(2), each: si(900) });
		expect(choices.map((c) => [c.split, c.plan?.loads.length ?? c.issue!.code])).toEqual([
			['full-then-part', 2],
			['equal', 2],
			['whole-rows', 'missing'],
			['whole-packs', 'missing']
		]);
		expect(choices[0]!.time).toBe(63000 / 2 + 2 * 900);
	});

	it('offers equal loads just where the part load is under the agitation and equal ones are not', () => {
		fc.assert(
			fc.property(
				positive(1000, 3e5),
				positive(5e-6, 5e-5),
				positive(0.2, 3),
				positive(0.01, 0.9),
				(area, rate, tank, share) => {
					const { choices, offered } = compareSplits(
						{ ...sheet, area: si(area), rate: si(rate), tank: si(tank) },
						{ agitation: si(tank * share), workRate: null, each: si(0) }
					);
					const [full, equal] = choices;
					if (!full!.plan) return true;
					const part = Math.min(...full!.plan.loads.map((l) => l.mix));
					const even = equal!.plan!.loads[0]!.mix;
					const stirs = tank * share * (1 - 1e-9);
					return (offered === 'equal') === (part < stirs && even >= stirs);
				}
			),
			{ numRuns: 1000 }
		);
	});

	it('counts what every split opens and takes the same product in all of them', () => {
		const products = [
			{ name: 'P', dose: liquid(2e-7), pack: { kind: 'volume' as const, amount: si<'volume'>(0.001) } }
		];
		const rows = { count: 36, length: si<'length'>(148), spacing: si<'length'>(5.5) };
		const { choices } = compareSplits(
			{ ...sheet, area: si(36 * 148 * 5.5), rows, products },
			{ agitation: null, workRate: null, each: si(0) }
		);
		expect(choices.map((c) => c.split)).toEqual(splits);
		for (const { plan, packs } of choices) {
			expect(plan!.totals[0]!.amount).toBeCloseTo(2e-7 * 36 * 148 * 5.5, 12);
			expect(packs).toBe(6);
		}
	});
});

describe('a job against the labels', () => {
	const product = (
		change: Partial<CheckedProduct> = {},
		label: Partial<CheckedProduct['label']> = {}
	): CheckedProduct => ({
		name: 'Sample Ochre',
		dose: liquid(2e-7),
		label: { dose: { low: liquid(1e-7), high: liquid(2e-7) }, max: null, seasonMax: null, volume: null, ...label },
		harvestInDays: null,
		harvestDays: null,
		thisSeason: 0,
		...change
	});
	const cap = (perArea: number) => ({ kind: 'volume' as const, perArea: si<'volumePerArea'>(perArea) });
	const ratio = (f: LabelFinding) => (f.code === 'inside-entry' ? NaN : Number(f.ratio.toPrecision(6)));
	const codes = (p: CheckedProduct, rate = 2e-5, share = 1) => checkLabels([p], si(rate), share).map((f) => f.code);

	it('says nothing where every limit is met, exactly or with room', () => {
		expect(
			codes(
				product(
					{ harvestInDays: 21, harvestDays: 21, thisSeason: 4e-7 },
					{ max: cap(2e-7), seasonMax: cap(6e-7), volume: { low: si(2e-5), high: si(2e-5) } }
				)
			)
		).toEqual([]);
	});

	it('names each limit that is passed, with the figure that would be within', () => {
		const all = checkLabels(
			[
				product(
					{ dose: liquid(3e-7), harvestInDays: 10, harvestDays: 21, thisSeason: 5e-7 },
					{ max: cap(2e-7), seasonMax: cap(6e-7), volume: { low: si(3e-5), high: si(4e-5) } }
				)
			],
			si(2e-5),
			1
		);
		expect(all.map((f) => [f.code, f.stop, ratio(f), Number(f.within.toPrecision(6))])).toEqual([
			['over-max', true, 1.5, 2e-7],
			['over-season', true, 1.33333, 1e-7],
			['volume-under', true, 0.666667, 3e-5],
			['before-harvest', true, 0.47619, 21]
		]);
		expect(codes(product({}, { volume: { low: si(1e-6), high: si(1e-5) } }))).toEqual(['volume-over']);
		expect(codes(product({ dose: liquid(0.5e-7) }))).toEqual(['dose-under']);
		expect(codes(product({ dose: liquid(2.5e-7) }))).toEqual(['dose-over']);
		expect(checkLabels([product({ thisSeason: 7e-7 }, { seasonMax: cap(6e-7) })], si(2e-5), 1)[0]!.within).toBe(0);
	});

	it('holds a percent of the mix against the most per area, by the volume and the share of ground', () => {
		fc.assert(
			fc.property(
				positive(1e-3, 0.05),
				positive(1e-5, 1e-3),
				positive(0.05, 1),
				positive(0.2, 5),
				(share, rate, ground, room) => {
					const dose: Dose = { basis: 'shareLiquid', share };
					const most = share * rate * ground * room;
					const found = checkLabels(
						[product({ dose }, { dose: { low: dose, high: dose }, max: cap(most) })],
						si(rate),
						ground
					);
					if (room > 1 + 1e-6) return found.length === 0;
					if (room > 1 - 1e-6) return true;
					const [over] = found;
					if (found.length !== 1 || over?.code !== 'over-max') return false;
					// What is told as within is within, and a hair more is not.
					const at = (strength: number, part: number) => strength * rate * part <= most * (1 + 1e-9);
					return (
						at(over.strength, ground) &&
						!at(over.strength * 1.001, ground) &&
						at(share, over.share) &&
						Math.abs(over.ratio * room - 1) < 1e-9
					);
				}
			),
			{ numRuns: 1000 }
		);
	});
});
