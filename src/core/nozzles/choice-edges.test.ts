import { describe, expect, it } from 'vitest';
import { si } from '../quantity/quantity';
import { impossiblePoint, misfits } from './check-points';
import type { ChoiceAsked } from './choose-nozzles';
import { chooseNozzles } from './choose-nozzles';
import type { ClassPoint, DropletClass, Nozzle } from './nozzle';
import { pumpMargin } from './pump-margin';
import { passes, readNozzleFilter } from './read-filter';
import type { TypedNozzle } from './typed-nozzle';
import { readNozzle } from './typed-nozzle';

const p = (value: number) => si<'pressure'>(value);
const q = (value: number) => si<'flow'>(value);
const v = (value: number) => si<'speed'>(value);
const root = Math.sqrt;

/** Passes the root of its pressure: at one square metre a metre, its speed is the root of the pressure as well. */
const nozzle = (key: string, change: Partial<Nozzle> = {}): Nozzle => ({
	key,
	name: key,
	kind: 'flat-fan',
	size: '',
	angle: null,
	points: [
		{ pressure: p(1), flow: q(1) },
		{ pressure: p(9), flow: q(3) }
	],
	low: p(1),
	high: p(9),
	typical: false,
	classes: [],
	shed: false,
	...change
});
const asked = (speed: number, change: Partial<ChoiceAsked> = {}): ChoiceAsked => ({
	rate: si<'volumePerArea'>(1),
	speeds: { low: v(0.5), high: v(10) },
	served: si<'length'>(1),
	specificGravity: 1,
	drops: null,
	now: { speed: v(speed), pressure: p(4), nozzle: 'a' },
	...change
});
const first = (nozzles: readonly Nozzle[], of: ChoiceAsked) => chooseNozzles(nozzles, of).choices[0]!;
const keys = (nozzles: readonly Nozzle[], of: ChoiceAsked) =>
	chooseNozzles(nozzles, of).choices.map((c) => c.nozzle.key);

describe('where a nozzle is best used', () => {
	it('is where it is now, if that lies in the middle half of its range', () => {
		const choice = first([nozzle('a')], asked(2));
		expect(choice).toMatchObject({ speed: 2, middle: true, drops: null, speeds: { low: 1 }, pressures: { low: 1 } });
		expect(choice.pressure).toBeCloseTo(4, 9);
		expect(choice.place).toBeCloseTo(3 / 8, 9);
		expect([choice.speeds.high, choice.pressures.high]).toEqual([expect.closeTo(3, 9), expect.closeTo(9, 9)]);
		expect(choice.change).toBeCloseTo(0, 9);
		expect(first([nozzle('b')], asked(2)).change).toBeCloseTo(1, 9);
	});

	it('is else the nearest end of that middle, and counts what changes', () => {
		const slow = first([nozzle('a')], asked(1));
		expect([slow.speed, slow.pressure]).toEqual([expect.closeTo(root(3), 9), expect.closeTo(3, 9)]);
		expect(slow.change).toBeCloseTo(root(3) - 1 + (1 - root(3 / 4)), 9);
		const fast = first([nozzle('b')], asked(4, { now: { speed: v(4), pressure: null, nozzle: 'a' } }));
		expect([fast.speed, fast.pressure]).toEqual([expect.closeTo(root(7), 9), expect.closeTo(7, 9)]);
		expect(fast.change).toBeCloseTo(1 - root(7) / 4 + 1, 9);
	});

	it('is outside of the middle where the speeds leave nothing else', () => {
		const choice = first([nozzle('a')], asked(2, { speeds: { low: v(2.8), high: v(10) } }));
		expect(choice).toMatchObject({ middle: false, speed: 2.8 });
		expect(choice.place).toBeCloseTo((2.8 ** 2 - 1) / 8, 9);
		expect(choice.pressures.low).toBeCloseTo(2.8 ** 2, 9);
		const slow = first([nozzle('a')], asked(2, { speeds: { low: v(0.5), high: v(1.5) } }));
		expect(slow).toMatchObject({ middle: false, speed: 1.5 });
		// Exactly at the end of its range is inside of it; beyond is not.
		expect(keys([nozzle('a')], asked(2, { speeds: { low: v(3), high: v(4) } }))).toEqual(['a']);
		expect(keys([nozzle('a')], asked(2, { speeds: { low: v(3.01), high: v(4) } }))).toEqual([]);
	});

	it('is in the middle of a range of one pressure', () => {
		const choice = first([nozzle('a', { low: p(4), high: p(4) })], asked(3));
		expect(choice).toMatchObject({ place: 0.5, middle: true });
		expect(choice.speed).toBeCloseTo(2, 9);
	});
});

describe('which nozzle comes first', () => {
	it('one in its middle, then one in the shed, then the least change', () => {
		const edge = nozzle('e', { shed: true, low: p(3.9) });
		const shed = nozzle('s', { shed: true });
		const now = asked(2, { speeds: { low: v(1.9), high: v(2.1) } });
		expect(keys([edge, nozzle('a'), shed], now)).toEqual(['s', 'a', 'e']);
		expect(keys([nozzle('b'), nozzle('a')], asked(2))).toEqual(['a', 'b']);
	});

	it('then the nearest to the middle of its range, from either side, then by name', () => {
		const far = nozzle('b', { low: p(2), high: p(8) });
		const near = nozzle('z', { low: p(1), high: p(6.5) });
		expect(keys([far, nozzle('c'), near], asked(2))).toEqual(['z', 'c', 'b']);
		expect(keys([nozzle('d'), nozzle('c'), nozzle('b')], asked(2))).toEqual(['b', 'c', 'd']);
		expect(keys([nozzle('b'), nozzle('c'), nozzle('d')], asked(2))).toEqual(['b', 'c', 'd']);
	});
});

describe('the drop size that is asked for', () => {
	const classes: ClassPoint[] = (
		[
			[2, 'coarse'],
			[4, 'medium'],
			[6, 'medium'],
			[9, 'fine']
		] as const
	).map(([at, drops]) => ({ pressure: p(at), drops }));
	const of = (speed: number, ...drops: DropletClass[]) =>
		first([nozzle('a', { classes })], asked(speed, { drops: drops as readonly DropletClass[] }));

	it('joins stretches that touch, and begins after the pressure that has the coarser one', () => {
		const choice = of(3, 'medium');
		expect(choice.pressures).toEqual({ low: expect.closeTo(2, 4), high: expect.closeTo(6, 9) });
		expect(choice.pressures.low).toBeGreaterThan(2);
		expect(choice).toMatchObject({ drops: 'medium', middle: true });
		expect(choice.pressure).toBeCloseTo(6, 9);
		expect(of(1, 'coarse').pressures.low).toBe(1);
	});

	it('leaves out what lies between two stretches, and takes the better of them', () => {
		const later = of(1.2, 'coarse', 'fine');
		expect(later).toMatchObject({ drops: 'fine', middle: true });
		expect(later.speed).toBeCloseTo(root(6), 4);
		expect(of(2, 'coarse', 'fine').speed).toBeCloseTo(root(6), 4);
		const twice = nozzle('a', {
			classes: [
				{ pressure: p(3.5), drops: 'coarse' },
				{ pressure: p(5), drops: 'medium' },
				{ pressure: p(9), drops: 'coarse' }
			]
		});
		expect(first([twice], asked(1.8, { drops: ['coarse'] })).speed).toBeCloseTo(1.8, 9);
	});

	it('is not found at one pressure alone, nor on a sheet that has none, which is counted', () => {
		const from2 = nozzle('a', { low: p(2), classes });
		expect(keys([from2], asked(2, { drops: ['coarse'] }))).toEqual([]);
		expect(first([from2], asked(2, { drops: ['medium'] })).pressures.low).toBeGreaterThan(2);
		expect(chooseNozzles([nozzle('a'), nozzle('b'), from2], asked(2, { drops: ['medium'] }))).toMatchObject({
			withoutDrops: 2,
			choices: [{ nozzle: { key: 'a' } }]
		});
		expect(chooseNozzles([nozzle('a')], asked(2)).withoutDrops).toBe(0);
	});
});

describe('a nozzle as typed, at its bounds', () => {
	const t = (text: string, unit = 'bar') => ({ text, unit, gallon: 'US' as const });
	const point = (pressure: string, flow: string) => ({ pressure: t(pressure), flow: t(flow, 'L/min') });
	const read = (change: Partial<TypedNozzle>) =>
		readNozzle(
			'k',
			{
				name: 'Sample fan',
				kind: 'flat-fan',
				size: '03',
				angle: 110,
				points: [point('3', '1.2'), point('2', '0.98')],
				classes: [],
				...change
			},
			false
		);
	const made = (change: Partial<TypedNozzle>) => {
		const nozzle = read(change);
		return nozzle.ok ? nozzle.value : null;
	};
	const issues = (change: Partial<TypedNozzle>) => {
		const nozzle = read(change);
		return nozzle.ok ? [] : nozzle.issues.map(({ code, path, text, bound }) => ({ code, path, text, bound }));
	};
	const many = (count: number) =>
		Array.from({ length: count }, (_, i) => ({ pressure: t(`${i / 4 + 1}`), drops: 'coarse' as const }));

	it('takes its own range, its drop sizes in order, and no angle', () => {
		const classes = [
			{ pressure: t('4'), drops: 'coarse' as const },
			{ pressure: t('2'), drops: 'very-coarse' as const }
		];
		expect(made({ angle: null, range: { low: t('1.5'), high: t('6') }, classes })).toMatchObject({
			angle: null,
			low: 1.5e5,
			high: 6e5,
			typical: false,
			classes: [
				{ pressure: 2e5, drops: 'very-coarse' },
				{ pressure: 4e5, drops: 'coarse' }
			]
		});
		expect(made({ angle: 15 })?.angle).toBe(15);
		expect(made({ angle: 170 })?.angle).toBe(170);
	});

	it('tells what is over a bound, with the bound', () => {
		expect(issues({ angle: 14 })).toEqual([{ code: 'angle', path: 'angle', text: '14', bound: '15 to 170' }]);
		expect(issues({ angle: 171 })).toHaveLength(1);
		expect(issues({ classes: many(40) })).toEqual([]);
		expect(issues({ classes: many(41) })).toEqual([{ code: 'too-large', path: 'classes', text: '41', bound: '40' }]);
		const read41 = read({ classes: many(41) });
		expect(read41.ok || read41.issues[0]).toMatchObject({ wanted: 'points' });
		const flows = many(41).map(({ pressure }, i) => ({ pressure, flow: t(`${root(i / 4 + 1)}`, 'L/min') }));
		expect(issues({ points: flows })).toEqual([{ code: 'too-large', path: 'points', text: '41', bound: '40' }]);
		expect(issues({ range: { low: t('2'), high: t('2') } })).toEqual([
			{ code: 'upside-down', path: 'range.low', text: '2', bound: '2' }
		]);
		expect(issues({ range: { low: t('x'), high: t('y') } }).map((i) => i.path)).toEqual(['range.low', 'range.high']);
		expect(issues({ range: { low: t('x'), high: t('2') } })).toHaveLength(1);
		expect(issues({ range: { low: t('4'), high: t('y') } })).toHaveLength(1);
	});

	it('names the point that no orifice gives by its place as typed, and the one before it', () => {
		expect(issues({ points: [point('3', '0.9'), point('2', '0.98')] })).toEqual([
			{ code: 'no-orifice', path: 'points.0', text: '3 = 0.9', bound: '2 = 0.98' }
		]);
		expect(issues({ points: [point('3', '1.2'), point('2', '0.98'), point('2 bar', '1')] })).toEqual([
			{ code: 'same-pressure', path: 'points.2', text: '2 bar = 1', bound: undefined }
		]);
		expect(issues({ points: [point('x', '1'), point('2', 'y')] }).map((i) => i.path)).toEqual([
			'points.0.pressure',
			'points.1.flow'
		]);
	});
});

describe('points of a sheet', () => {
	const points = (...list: [number, number][]) =>
		list.map(([pressure, flow]) => ({ pressure: p(pressure), flow: q(flow) }));
	it('are held against each other from two on', () => {
		expect(misfits(points([1, 1]))).toEqual([]);
		expect(misfits(points([1, 1], [4, 2.4])).map((m) => m.at)).toEqual([0, 1]);
	});
	it('rise in flow, and no faster than in pressure', () => {
		expect(impossiblePoint(points([1, 1], [2, 1]))).toBe(1);
		expect(impossiblePoint(points([1, 1], [2, 2]))).toBe(-1);
		expect(impossiblePoint(points([1, 1], [2, 2.01]))).toBe(1);
	});
});

describe('a pump', () => {
	it('is enough to the last drop, and not under it', () => {
		expect(pumpMargin(q(40), q(8), q(48)).enough).toBe(true);
		expect(pumpMargin(q(40), q(8), q(48 * (1 - 5e-10))).enough).toBe(true);
		expect(pumpMargin(q(40), q(8), q(47.99)).enough).toBe(false);
	});
});

describe('a filter of nozzles', () => {
	const filter = (text: string) => {
		const read = readNozzleFilter(text, 'US');
		if (!read.ok) throw new Error(read.issues[0]!.code);
		return read.value;
	};
	const issue = (text: string) => {
		const read = readNozzleFilter(text, 'US');
		return read.ok ? null : read.issues[0]!;
	};
	const one = { kind: 'flat-fan', text: 'sample fan 03', shed: false } as const;

	it('reads kinds and drop sizes in either spelling, the longer name first', () => {
		expect(filter(' Air  Induction   very coarse 03 ')).toMatchObject({
			kinds: ['air-induction'],
			drops: ['very-coarse'],
			words: ['03'],
			shed: false
		});
		expect(filter('in-shed')).toMatchObject({ shed: true, words: [] });
		expect(filter('shed')).toMatchObject({ shed: true, words: [] });
	});

	it('keeps the words on both sides of a limit apart', () => {
		expect(filter('red <3 bar 03').words).toEqual(['red', '03']);
	});

	it('tells what it cannot read', () => {
		expect(issue('fan abc<def 03')).toEqual({ code: 'unreadable', path: 'filter', text: 'abc<def', wanted: 'filter' });
		expect(issue('< 3')).toMatchObject({ path: 'filter', text: '< 3', wanted: 'filter' });
	});

	it('takes the tightest of several limits, ends included', () => {
		const { pressure, speed } = filter('>2 bar >3 bar <5 bar <4 bar <=8 km/h');
		expect(pressure).toEqual({ low: 3e5, high: 4e5 });
		expect(speed).toEqual({ low: 0, high: expect.closeTo(8 / 3.6, 9) });
		const limits = filter('>3 bar <4 bar');
		const at = (value: number) => passes(limits, { ...one, pressure: p(value) });
		expect([2.9e5, 3e5, 4e5, 4.1e5].map(at)).toEqual([false, true, true, false]);
	});

	it('lets nothing through a limit that has no such figure, and all without a limit', () => {
		expect(passes(filter('>3 bar'), one)).toBe(false);
		expect(passes(filter('<3 bar'), one)).toBe(false);
		expect(passes(filter('<3 km/h'), { ...one, pressure: p(1) })).toBe(false);
		expect(passes(filter('fan'), one)).toBe(true);
	});

	it('holds the shed, the kind, the drops and every word', () => {
		expect(passes(filter('shed'), one)).toBe(false);
		expect(passes(filter('shed'), { ...one, shed: true })).toBe(true);
		expect(passes(filter('fan'), { ...one, shed: true })).toBe(true);
		expect(passes(filter('coarse'), { ...one, drops: 'coarse' })).toBe(true);
		expect(passes(filter('coarse'), { ...one, drops: null })).toBe(false);
		expect(passes(filter('sample 04'), one)).toBe(false);
	});
});
