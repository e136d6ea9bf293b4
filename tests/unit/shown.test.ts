import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { calibrateSheet, planLoads, si } from '../../src/core';
import type { PlanSheet } from '../../src/core';
import { drawnNozzles, jugMarks, views } from '../../src/lib/drawings/boom-geometry';
import { namesOf } from '../../src/lib/wording/nozzle-names';
import { fieldUnits, typed } from '../../src/lib/settings/field-units';
import { formOfSprayer, readSprayerForm } from '../../src/lib/forms/typed-sprayer';
import { typedText } from '../../src/lib/settings/typed-text';
import { answerFacts, budgetAdvice, budgetShares, shownRate, wideWords } from '../../src/lib/show/answer';
import { jugBoard } from '../../src/lib/drawings/jug-board';
import { showAmount } from '../../src/lib/show/show';
import { groupLoads, productsOfPlan, shownLoads } from '../../src/lib/show/shown-plan';
import { boomSheet } from '../support/boom-sheet';
import { describeSprayer } from '../../src/lib/wording/describe-sprayer';
import { sprayerChanges } from '../../src/lib/wording/sprayer-changes';
import { sprayerCheckWhy } from '../../src/lib/wording/sprayer-checks';
import { t, testSprayer } from '../support/entries';
import { metric } from '../support/calibration-state';

const american = { ...metric, rateUnit: 'US gal/ac' } as const;
const calibration = (() => {
	const result = calibrateSheet(boomSheet());
	if (!result.ok) throw new Error('the boom does not compute');
	return result.value;
})();

describe('the answer as it is shown', () => {
	it('has digits that follow its ±, in any unit', () => {
		expect(shownRate(calibration.rate.value, 0.024, 'L/ha', false)).toEqual({
			value: '181',
			interval: '4',
			unit: 'L/ha',
			tooWide: false
		});
		expect(shownRate(calibration.rate.value, 0.46, 'L/ha', false).tooWide).toBe(true);
		expect(wideWords(0.46, true, { used: 0.9, area: 0.1 })).toBe(
			'Cannot tell yet whether this is within 5 %: its ± is 46 %. Use more before you read the tank.'
		);
		expect(wideWords(0.05, true)).toBe('');
		expect(shownRate(calibration.rate.value, 0.024, 'US gal/ac', false)).toMatchObject({
			value: '19.4',
			interval: '0.5'
		});
		expect(shownRate(calibration.rate.value, 0.024, 'L/100 m2', true)).toMatchObject({
			value: '1,81',
			unit: 'L/100 m²'
		});
	});

	it('rests on facts in the farm’s measures', () => {
		const facts = answerFacts(calibration, metric).map((f) => `${f.name}: ${f.value}`);
		expect(facts).toEqual([
			'Mean of 8 catches, 30 s each: 601 ml',
			'Flow of all nozzles: 9.61 L/min',
			'Ground speed: 7.94 km/h',
			'Swath: 4 m'
		]);
		expect(answerFacts(calibration, american).map((f) => f.value)).toEqual([
			'20.3 fl oz',
			'2.54 gal/min',
			'4.93 mph',
			'13.1 ft'
		]);
	});

	it('names the largest share of its ± first, and what would help', () => {
		const shares = budgetShares(calibration.budget);
		expect(shares[0]?.input).toBe('courseTime');
		expect(budgetAdvice(shares)).toContain('one more run');
		expect(budgetAdvice([])).toBe('');
	});
});

describe('loads as they are shown', () => {
	const sheet: PlanSheet = {
		area: si(63000),
		rate: si(18e-6),
		tank: si(0.6),
		split: 'full-then-part',
		products: [
			{ name: 'Sample Ochre', dose: { basis: 'liquidPerArea', dose: si(2e-7) } },
			{ name: 'Sample Feldspar', dose: { basis: 'dryPerArea', dose: si(1e-4) } }
		]
	};
	const plan = planLoads(sheet);
	if (!plan.ok) throw new Error('the plan does not compute');

	it('says what is in each, and that the last is a part load', () => {
		const loads = shownLoads(
			plan.value,
			sheet,
			productsOfPlan([
				{ name: 'Sample Ochre', dose: t('2', 'L/ha') },
				{ name: 'Sample Feldspar', dose: t('1', 'kg/ha') }
			]),
			metric
		);
		expect(loads.map((l) => [l.name, l.part, l.mix, l.area])).toEqual([
			['Load 1', false, '600 L', '3.333 ha'],
			['Load 2', true, '534 L', '2.967 ha']
		]);
		expect(loads[0]?.products).toEqual([
			{ name: 'Sample Ochre', figure: '6.667', unit: 'L', mark: '', coarse: false },
			{ name: 'Sample Feldspar', figure: '3.333', unit: 'kg', mark: '', coarse: false }
		]);
	});

	it('measures little in little units', () => {
		expect(showAmount({ kind: 'volume', amount: si(4.5e-4) }, metric)).toMatchObject({ figure: '450', unit: 'ml' });
		expect(showAmount({ kind: 'mass', amount: si(0.25) }, metric)).toMatchObject({ figure: '250', unit: 'g' });
		expect(showAmount({ kind: 'mass', amount: si(0.25) }, american)).toMatchObject({
			figure: '8.818',
			unit: 'oz (weight)'
		});
		expect(showAmount({ kind: 'volume', amount: si(0.02) }, american)).toMatchObject({ figure: '5.283', unit: 'gal' });
	});

	it('tells forty full tanks once', () => {
		const many = planLoads({ ...sheet, area: si(63000 * 22) });
		if (!many.ok) throw new Error('the plan does not compute');
		const groups = groupLoads(shownLoads(many.value, sheet, [], metric));
		expect(groups.map((g) => [g.from, g.to])).toEqual([
			[1, 41],
			[42, 42]
		]);
	});
});

describe('drawings’ numbers', () => {
	it('hang the nozzles half a spacing inside the swath', () => {
		const nozzles = drawnNozzles([2, 2], [1]);
		expect(nozzles.map((n) => [n.n, n.x, n.on])).toEqual([
			[1, 0.125, true],
			[2, 0.375, true],
			[3, 0.625, false],
			[4, 0.875, false]
		]);
		const section = (s: number, count: number, sectionNames?: readonly string[]) =>
			namesOf({ kind: 'boom', sections: Array.from({ length: count }, () => 2), sectionNames }).section(s);
		expect([section(0, 1), section(1, 3), section(4, 6)]).toEqual(['Whole boom', 'Centre section', 'Section 5']);
		expect(section(1, 2, ['Hedge side', 'Road side'])).toBe('Road side');
	});

	it('cut a boom into views that hold every nozzle once', () => {
		fc.assert(
			fc.property(fc.integer({ min: 1, max: 144 }), (n) => {
				const all = Array.from({ length: n }, (_, i) => i + 1);
				const cut = views(all);
				const sizes = cut.map((v) => v.length);
				return (
					cut.flat().join() === all.join() && Math.max(...sizes) <= 12 && Math.max(...sizes) - Math.min(...sizes) <= 1
				);
			})
		);
	});

	it('mark a jug in round steps up to its brim', () => {
		fc.assert(
			fc.property(fc.double({ min: 0.01, max: 50_000, noNaN: true }), (top) => {
				const marks = jugMarks(top);
				return marks.length >= 2 && marks.length <= 7 && marks.every((m) => m > 0 && m <= top * 1.000001);
			})
		);
	});

	it('leave a jug’s brim above every catch', () => {
		const board = jugBoard({
			on: [1, 2, 3, 4, 5, 6, 7, 8],
			catchUnit: 'ml',
			flow: calibration.nozzles,
			passedOver: () => false,
			heldFor: 30,
			decimalComma: false
		});
		expect(board.jugs.every((j) => j.fill !== null && j.fill < 0.9)).toBe(true);
		expect(board.reference).toBeCloseTo(600.5, 6);
		expect(board.jugs[0]).toMatchObject({ figure: '602', deviation: '+0.2 %', verdict: 'even' });
	});

	it('tell a slip of the pad without a group sign, which would read as a decimal one', () => {
		const told = (share: number) => {
			const [first, ...others] = calibration.nozzles!.nozzles;
			const nozzles = [{ ...first!, off: share }, ...others];
			const flow = { ...calibration.nozzles!, nozzles };
			const source = { on: [1], catchUnit: 'ml' as const, passedOver: () => false, heldFor: 30, decimalComma: true };
			return jugBoard({ ...source, flow }).jugs[0]!.deviation;
		};
		expect(told(9.99)).toContain('+999 %');
		expect(told(9.996)).toContain('over +999 %');
		expect(told(99.95)).toContain('over +999 %');
	});
});

describe('a sprayer’s form', () => {
	const form = formOfSprayer(testSprayer);
	it('reads back what it was made from', () => {
		const { rig: sprayer, issues } = readSprayerForm(form, metric);
		expect(issues).toEqual([]);
		expect({ ...sprayer, tank: typedText(sprayer.tank), spacing: typedText(sprayer.spacing!) }).toMatchObject({
			name: 'Test boom',
			nozzles: 6,
			sections: [3, 3],
			tank: '800 L',
			spacing: '50 cm'
		});
	});

	it('is enough with name, kind and tank: the nozzles are counted later', () => {
		const { rig: sprayer, issues } = readSprayerForm({ ...form, nozzles: '', sections: '', spacing: '' }, metric);
		expect(issues).toEqual([]);
		expect(sprayer).toMatchObject({ uncounted: true, nozzles: 1, sections: [1] });
		expect(sprayer.spacing).toBeUndefined();
		expect(describeSprayer(sprayer)).toContain('nozzles not counted yet');
		// Opened again, the form asks for what is still open, and invents nothing.
		expect(formOfSprayer(sprayer)).toMatchObject({ nozzles: '', sections: '', spacing: '' });
		const counted = readSprayerForm({ ...formOfSprayer(sprayer), nozzles: '6' }, metric).rig;
		expect(counted.uncounted).toBeUndefined();
		expect(sprayerChanges(sprayer, counted)).toEqual(['nozzles not counted → 6', 'sections 1 → 6']);
	});

	it('tells each trouble at its own field, and one trouble once', () => {
		const problems = (change: Partial<typeof form>) =>
			readSprayerForm({ ...form, ...change }, metric).issues.map((i) => `${i.path} ${i.code}`);
		expect(problems({ name: ' ' })).toEqual(['name empty']);
		expect(problems({ nozzles: 'six' })).toEqual(['nozzles not-whole']);
		expect(problems({ sections: '3, x' })).toEqual(['sections sections-mismatch']);
		expect(problems({ ratedAt: '' })).toEqual(['ratedAt empty']);
		expect(problems({ ratedFlow: '', ratedAt: '' })).toEqual([]);
	});

	it('takes bare numbers in the farm’s units', () => {
		expect(fieldUnits(american)).toMatchObject({ course: 'ft', catch: 'US fl oz', pressure: 'psi' });
		expect(fieldUnits({ ...metric, rateUnit: 'Imp gal/ac' }).tank).toBe('Imp gal');
		expect(typed(' 12 ', 'm', { ...metric, decimalComma: true })).toEqual({
			text: '12',
			unit: 'm',
			gallon: 'US',
			comma: true
		});
	});
});

describe('the walk round the sprayer', () => {
	it('tells heights in the farm’s measures, and of a boom alone', () => {
		expect(sprayerCheckWhy('height', 'boom', true)).toContain('45 to 50 cm');
		expect(sprayerCheckWhy('height', 'boom', false)).toContain('18 to 20 in');
		expect(sprayerCheckWhy('height', 'boom', false)).not.toContain('cm');
		expect(sprayerCheckWhy('height', 'boomless', true)).not.toContain('110°');
	});
});
