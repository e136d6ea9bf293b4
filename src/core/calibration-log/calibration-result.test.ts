import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { entriesOf, t, testSprayer, wholeCalibration } from '../../../tests/support/entries';
import { blower, catches, course, knapsack, numbersOf, thrower } from '../../../tests/support/sprayers';
import { usualSkill } from '../measurement/defaults';
import { calibrationResult, personIssues } from './calibration-result';
import type { EntryBody } from './entries';
import { checksOf } from './entries';
import { checkEntry } from './check-entry';
import { foldCalibration } from './fold-calibration';
import type { TypedSprayer } from '../sprayer/sprayer';
import { sheetOf } from './sheet-of';
import { methodOf } from './method-of';
import { methodsFor } from './methods-for';

const computed = (sprayer: TypedSprayer, bodies: readonly EntryBody[], off: readonly number[] = []) => {
	const result = calibrationResult(numbersOf(sprayer), foldCalibration(entriesOf(bodies), { off }));
	if (!result.ok) throw new Error(JSON.stringify(result.issues));
	return result.value;
};
const missing = (sprayer: TypedSprayer, bodies: readonly EntryBody[]) => {
	const result = calibrationResult(numbersOf(sprayer), foldCalibration(entriesOf(bodies)));
	return result.ok ? [] : result.issues.map((i) => i.path);
};
const litres = (rate: { value: number }) => rate.value * 1e7;
const codes = (sprayer: TypedSprayer, bodies: readonly EntryBody[]) =>
	computed(sprayer, bodies).answer.findings.map((f) => f.code);

const arc = ['1.0', '1.5', '1.5', '2.0', '1.0', '1.5', '1.5', '2.0'];

describe('an airblast calibration', () => {
	const each = [...course('50', '36'), ...catches('60', 'L', ...arc)];

	it('is flow over speed and alley', () => {
		expect(litres(computed(blower, each).answer.rate)).toBeCloseTo((12 * 600) / (5 * 5), 6);
	});

	it('serves twice the ground in every second alley, and half with one side shut', () => {
		const second: EntryBody = { kind: 'rows', spacing: t('5', 'm'), alleys: 'second' };
		expect(litres(computed(blower, [...each, second]).answer.rate)).toBeCloseTo(144, 6);
		// One side: half the flow over half the alley, where the other side gets a pass of its own.
		const rows = (otherSide: 'sprayed' | 'not'): EntryBody => ({
			kind: 'rows',
			spacing: t('5', 'm'),
			alleys: 'every',
			otherSide
		});
		const left = computed(blower, [...each, rows('sprayed')], [1]);
		expect(left.answer.nozzles?.count).toBe(4);
		expect(litres(left.answer.rate)).toBeCloseTo(288, 6);
		// Where it gets none, the same flow is all that a whole row gets.
		expect(litres(computed(blower, [...each, rows('not')], [1]).answer.rate)).toBeCloseTo(144, 6);
	});

	it('asks about the other side of the row before it says a volume with one side shut', () => {
		const sprayer = numbersOf(blower);
		const open = sheetOf(sprayer, foldCalibration(entriesOf(each), { off: [1] }));
		expect(open.ok ? [] : open.issues).toEqual([{ code: 'other-side', path: 'width.otherSide' }]);
		expect(sheetOf(sprayer, foldCalibration(entriesOf(each), { off: [1], otherSide: 'not' })).ok).toBe(true);
		expect(sheetOf(sprayer, foldCalibration(entriesOf(each))).ok).toBe(true);
	});

	it('compares each size with its own, and tells a side that gives more', () => {
		const worn = [...course('50', '36'), ...catches('60', 'L', '1.0', '1.5', '1.5', '2.0', '1.1', '1.7', '1.7', '2.2')];
		const found = codes(blower, worn);
		expect(found).toContain('sides-apart');
		expect(codes(blower, each)).toEqual([]);
	});

	it('knows the rated flow of each size at the gauge', () => {
		const gauge: EntryBody = { kind: 'gauge', pressure: t('10', 'bar') };
		const { answer } = computed(blower, [...each, gauge]);
		expect(answer.nozzles?.nozzles.map((n) => Number(n.fromRated?.toFixed(9)))).toEqual(new Array(8).fill(0));
		const over = [...course('50', '36'), ...catches('60', 'L', ...arc.map((q) => `${Number(q) * 1.2}`)), gauge];
		expect(codes(blower, over).filter((c) => c === 'set-over-rated')).toHaveLength(3);
	});

	const parked: EntryBody[] = [
		{ kind: 'parked-time', time: t('120') },
		{ kind: 'used', reading: { start: t('300', 'L'), left: t('276', 'L') } }
	];
	it('is told by a parked drop too, and the two are compared', () => {
		const { answer, others } = computed(blower, [...each, ...parked]);
		expect(answer.method).toBe('speed-width-flow');
		expect(others.map((o) => o.answer.method)).toEqual(['parked-drop']);
		expect(others[0]!.gap.apart).toBe(false);
		expect(Math.abs(others[0]!.gap.share)).toBeLessThan(1e-9);
		const off: EntryBody[] = [...each, { kind: 'used', reading: { start: t('30', 'L'), left: t('20', 'L') } }];
		const gap = computed(blower, off).answer.findings.find((f) => f.code === 'methods-apart');
		expect(gap).toMatchObject({ method: 'parked-drop' });
	});

	it('goes by the way that was picked, and needs only its readings', () => {
		const drop: EntryBody[] = [{ kind: 'method', method: 'parked-drop' }, ...course('50', '36'), ...parked];
		expect(litres(computed(blower, drop).answer.rate)).toBeCloseTo(288, 6);
		const refill: EntryBody[] = [
			{ kind: 'method', method: 'refill' },
			{ kind: 'plot', ground: { by: 'row', row: t('100', 'm') } },
			{ kind: 'used', reading: { added: t('14.4', 'L') } }
		];
		expect(litres(computed(blower, refill).answer.rate)).toBeCloseTo(288, 6);
		expect(missing(blower, [{ kind: 'method', method: 'refill' }])).toEqual(['area', 'used']);
		expect(missing(blower, [{ kind: 'method', method: 'parked-drop' }])).toEqual([
			'speed.course',
			'speed.times',
			'used'
		]);
	});
});

describe('a boomless calibration', () => {
	const flow = [...course('50', '25'), ...catches('60', 'L', '6', '6')];
	const wetted: EntryBody = { kind: 'wetted', width: t('10', 'm') };
	const width = (...bodies: EntryBody[]) => computed(thrower, [...flow, ...bodies]).answer.swath!.treated.value;

	it('has its swath by the school that was picked', () => {
		// Nobody said how the wetted width is used: there is no width, and 85 % is nobody's choice.
		expect(missing(thrower, [...flow, wetted])).toContain('width.school');
		expect(width(wetted, { kind: 'school', school: 'share' })).toBeCloseTo(8.5, 9);
		expect(width(wetted, { kind: 'school', school: 'share', share: 0.7 })).toBeCloseTo(7, 9);
		expect(width(wetted, { kind: 'school', school: 'edges', length: t('0.4', 'm') })).toBeCloseTo(9.2, 9);
		expect(width(wetted, { kind: 'school', school: 'full' })).toBe(10);
		expect(width({ kind: 'school', school: 'maker' })).toBe(9);
		expect(width({ kind: 'school', school: 'asked', length: t('6', 'm') })).toBe(6);
	});

	const pans = (...amounts: string[]): EntryBody[] => [
		{ kind: 'pans', spacing: t('1', 'm'), count: amounts.length, driving: 'back-and-forth', maxCv: 0.15 },
		...amounts.map((amount, i): EntryBody => ({ kind: 'pan', pan: i + 1, amount: t(amount, 'ml') }))
	];
	it('takes pans where there are pans, and asks for a width where none is even', () => {
		expect(width(wetted, ...pans('10', '20', '20', '20', '20', '10'))).toBeGreaterThanOrEqual(2);
		expect(missing(thrower, [...flow, ...pans('10', '20', '20').slice(0, 3)])).toEqual(['width.catches']);
		const patchy = pans('1', '90', '2', '70', '1', '95', '3');
		const result = calibrationResult(numbersOf(thrower), foldCalibration(entriesOf([...flow, ...patchy])));
		expect(result.ok).toBe(false);
		const asked = [...flow, ...patchy, { kind: 'school', school: 'asked', length: t('5', 'm') } as const];
		expect(computed(thrower, asked).answer.swath!.treated.value).toBe(5);
		expect(codes(thrower, asked)).toContain('swath-none-even');
	});

	it('holds height and gauge against the sprayer’s own limits', () => {
		const share: EntryBody = { kind: 'school', school: 'share' };
		const high: EntryBody = { kind: 'height', height: t('130', 'cm') };
		const over: EntryBody = { kind: 'gauge', pressure: t('5', 'bar') };
		expect(codes(thrower, [...flow, wetted, share, high, over])).toEqual(
			expect.arrayContaining(['height-outside', 'pressure-outside'])
		);
		const inside: EntryBody[] = [
			{ kind: 'height', height: t('100', 'cm') },
			{ kind: 'gauge', pressure: t('3', 'bar') }
		];
		expect(codes(thrower, [...flow, wetted, share, ...inside])).toEqual([]);
	});
});

describe('a carried calibration', () => {
	const plot: EntryBody[] = [
		{ kind: 'person', name: 'A. Sample' },
		{ kind: 'plot', ground: { by: 'sides', length: t('10', 'm'), width: t('10', 'm') } },
		...['150', '152', '148'].map((time): EntryBody => ({ kind: 'plot-run', time: t(time), by: 'stopwatch' }))
	];

	it('is a plot and a catch, for as long as the plot took or for any time', () => {
		const asLong = [...plot, ...catches(null, 'ml', '2000')];
		expect(methodOf(numbersOf(knapsack), foldCalibration(entriesOf(asLong)))).toBe('plot-catch');
		expect(litres(computed(knapsack, asLong).answer.rate)).toBeCloseTo(200, 6);
		const minute = [...plot, ...catches('75', 'ml', '1000')];
		expect(litres(computed(knapsack, minute).answer.rate)).toBeCloseTo(200, 6);
	});

	it('averages repeats, and is told by refill and by speed, width and flow too', () => {
		const bodies: EntryBody[] = [
			...plot,
			...catches('75', 'ml', '1000'),
			{ kind: 'used', reading: { added: t('2.0', 'L') } },
			...course('30', '30'),
			{ kind: 'wetted', width: t('0.4', 'm') }
		];
		const { others } = computed(knapsack, bodies);
		expect(others.map((o) => o.answer.method).sort()).toEqual(['refill', 'speed-width-flow']);
		expect(litres(others.find((o) => o.answer.method === 'refill')!.answer.rate)).toBeCloseTo(200, 6);
	});

	it('belongs to a person', () => {
		const sprayer = numbersOf(knapsack);
		expect(personIssues(sprayer, foldCalibration(entriesOf(plot)))).toEqual([]);
		expect(personIssues(sprayer, foldCalibration(entriesOf(plot.slice(1)))).map((i) => i.code)).toEqual(['no-person']);
		expect(personIssues(numbersOf(testSprayer), foldCalibration(entriesOf(wholeCalibration)))).toEqual([]);
	});

	it('strikes a go and a tank reading, and keeps both', () => {
		const entries = entriesOf([...plot, { kind: 'used', reading: { added: t('9', 'L') } }]);
		const struck = [entries[2]!, entries[5]!].map((e, i) => entriesOf([{ kind: 'strike', entry: e.id }], 50 + i)[0]!);
		const calibration = foldCalibration([...entries, ...struck]);
		expect(calibration.plotRuns.map((r) => r.struck)).toEqual([true, false, false]);
		expect(calibration.used.map((u) => u.struck)).toEqual([true]);
	});

	it('has no checks that only a boom has', () => {
		expect(checksOf({ kind: 'knapsack' })).not.toContain('guards');
		expect(checksOf({ kind: 'boom' })).toHaveLength(18);
	});
});

describe('what a sprayer’s shape asks for', () => {
	it('shares of the leaf are kept where they add up, and refused where they do not', () => {
		const shares = (...s: [number, number, number]): EntryBody => ({ kind: 'canopy-shares', shares: s });
		expect(checkEntry(shares(0.3, 0.45, 0.25), numbersOf(blower))).toEqual([]);
		expect(checkEntry(shares(0.3, 0.45, 0.5), numbersOf(blower))).toMatchObject([{ code: 'shares-sum' }]);
		expect(checkEntry(shares(NaN, 0.5, 0.5), numbersOf(blower))).toMatchObject([{ code: 'shares-sum' }]);
		expect(foldCalibration(entriesOf([shares(0.3, 0.45, 0.25)])).canopyShares).toEqual([0.3, 0.45, 0.25]);
	});
	it('a ground, a share or a band that cannot be is refused', () => {
		const sprayer = numbersOf(blower);
		const block = (share: number): EntryBody => ({ kind: 'plot', ground: { by: 'block', block: t('2', 'ha'), share } });
		expect(checkEntry(block(1.2), sprayer)).toMatchObject([{ code: 'share' }]);
		expect(checkEntry(block(0.25), sprayer)).toEqual([]);
		const band = { band: t('3 L', 'cm'), bands: 0, rowSpacing: t('75', 'cm'), rows: 2.5 };
		expect(checkEntry({ kind: 'band', band }, sprayer).map((i) => i.code)).toEqual([
			'wrong-kind',
			'not-whole',
			'not-whole'
		]);
		expect(checkEntry({ kind: 'pan', pan: 99, amount: t('5', 'ml') }, sprayer)).toMatchObject([{ code: 'too-large' }]);
		expect(checkEntry({ kind: 'used', reading: { added: t('5 m', 'L') } }, sprayer)).toMatchObject([
			{ code: 'wrong-kind' }
		]);
	});
});

describe('a boom in bands', () => {
	it('is told per treated and per field area, and can go back to the whole width', () => {
		const band: EntryBody = {
			kind: 'band',
			band: { band: t('25', 'cm'), bands: 6, rowSpacing: t('75', 'cm'), rows: 6 }
		};
		const { answer } = computed(testSprayer, [...wholeCalibration, band]);
		expect(answer.swath).toMatchObject({ field: 4.5 });
		expect(answer.rate.value / answer.fieldRate!).toBeCloseTo(3, 9);
		const back = computed(testSprayer, [...wholeCalibration, band, { kind: 'band', band: null }]);
		expect(back.answer.fieldRate).toBeNull();
	});
});

describe('speed from a track', () => {
	const track = (speed: number): EntryBody => ({
		kind: 'track',
		source: 'nmea',
		name: 'test',
		points: Array.from({ length: 40 }, (_, i) => [i, 0, (i * speed) / 111_319.49079327357] as const),
		from: 0,
		to: 39
	});
	it('takes the place of the course until it is struck', () => {
		const entries = entriesOf([...wholeCalibration, track(2)]);
		const sprayer = numbersOf(testSprayer);
		const with_ = calibrationResult(sprayer, foldCalibration(entries));
		expect(with_.ok && with_.value.answer.speed!.value).toBeCloseTo(2, 6);
		const struck = entriesOf([{ kind: 'strike', entry: entries.at(-1)!.id }], 90);
		const without = calibrationResult(sprayer, foldCalibration([...entries, ...struck]));
		expect(without.ok && without.value.answer.speed!.value).toBeCloseTo(60 / 27.2, 9);
	});
	it('has the ± of its own track, which is next to none where nothing wandered', () => {
		const { answer } = computed(testSprayer, [...wholeCalibration, track(2)]);
		const of = Math.sqrt(answer.budget.speed!) * answer.relativeUncertainty95;
		expect(of).toBeGreaterThan(0);
		expect(of).toBeLessThan(usualSkill.statedSpeed / 5);
	});
});

describe('any calibration', () => {
	it('scales as its formula says', () => {
		const factor = fc.double({ min: 0.5, max: 2, noNaN: true });
		fc.assert(
			fc.property(factor, factor, (k, m) => {
				const plain = computed(blower, [...course('50', '36'), ...catches('60', 'L', ...arc)]).answer.rate.value;
				const scaled = computed(blower, [
					...course(`${50 * m}`, '36'),
					...catches('60', 'L', ...arc.map((q) => `${Number(q) * k}`))
				]).answer.rate.value;
				return Math.abs(scaled / ((plain * k) / m) - 1) < 1e-9;
			}),
			{ numRuns: 60 }
		);
	});

	it('is the same in any unit', () => {
		const metric = computed(knapsack, [
			{ kind: 'plot', ground: { by: 'area', area: t('100 m2', 'ha') } },
			{ kind: 'plot-run', time: t('150'), by: 'typed' },
			...catches(null, 'ml', '2000')
		]);
		const imperial = computed(knapsack, [
			{ kind: 'plot', ground: { by: 'area', area: t(`${100 / 0.09290304} ft2`, 'ac') } },
			{ kind: 'plot-run', time: t('2 min 30 s'), by: 'typed' },
			...catches(null, 'US fl oz', `${2000 / 29.5735295625}`)
		]);
		expect(imperial.answer.rate.value / metric.answer.rate.value).toBeCloseTo(1, 9);
	});
});

describe('a pump that the wheels turn', () => {
	const sprayer: TypedSprayer = { ...testSprayer, drive: 'ground' };
	const readings = [...course('60', '27', '27.4'), ...catches(null, 'ml', ...new Array<string>(6).fill('540'))];
	it('is caught while the course is driven: what is in the jugs over the ground, and no time in it', () => {
		const driven = computed(sprayer, readings);
		expect(driven.sheet).toMatchObject({ method: 'course-catch', driven: true });
		// 6 × 540 ml over 60 m × 3 m.
		expect(litres(driven.answer.rate)).toBeCloseTo((6 * 0.54 * 1e4) / (60 * 3), 6);
		const slower = computed(sprayer, [...course('60', '54', '54.8'), ...readings.slice(3)]);
		expect(litres(slower.answer.rate)).toBeCloseTo(litres(driven.answer.rate), 9);
		expect(driven.answer.budget.courseTime).toBeUndefined();
	});
	it('refuses what was caught or run parked', () => {
		const numbers = numbersOf(sprayer);
		const codes = (bodies: readonly EntryBody[], method?: 'parked-drop') => {
			const sheet = sheetOf(numbers, foldCalibration(entriesOf(bodies)), method);
			return sheet.ok ? [] : sheet.issues.map((i) => i.code);
		};
		expect(codes([...readings, { kind: 'catch-time', time: t('30') }])).toEqual(['parked-ground-drive']);
		expect(codes([...readings, { kind: 'catch', nozzle: 1, amount: t('1.2 L/min', 'ml'), why: 'slip' }])).toEqual([
			'parked-ground-drive'
		]);
		expect(codes(readings, 'parked-drop')).toEqual(['parked-ground-drive']);
		expect(methodsFor(blower)).toContain('parked-drop');
		expect(methodsFor({ ...blower, drive: 'ground' })).toEqual(['speed-width-flow', 'refill']);
	});
});

describe('what carries a boom', () => {
	const speed = (sprayer: TypedSprayer, seconds: string) =>
		computed(sprayer, [...course('60', seconds), ...catches('30', 'ml', ...new Array<string>(6).fill('600'))])
			.answer.findings.map((f) => f.code)
			.filter((c) => c === 'speed-unusual');
	it('decides which speed is unusual', () => {
		// 5 km/h behind an ATV, 25 km/h self-propelled: both are usual, each for its own.
		expect(speed({ ...testSprayer, carrier: 'atv' }, '43.2')).toEqual([]);
		expect(speed({ ...testSprayer, carrier: 'tractor' }, '43.2')).toEqual(['speed-unusual']);
		expect(speed({ ...testSprayer, carrier: 'self-propelled' }, '8.64')).toEqual([]);
		expect(speed({ ...testSprayer, carrier: 'tractor' }, '8.64')).toEqual(['speed-unusual']);
		expect(speed({ ...testSprayer, carrier: undefined, tank: t('200 L') }, '43.2')).toEqual([]);
	});
});
