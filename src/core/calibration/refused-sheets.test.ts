import { describe, expect, it } from 'vitest';
import { si } from '../quantity/quantity';
import { checkAnswer } from './calibrate';
import { calibrateSheet } from './calibrate-sheet';
import type { AnySheet } from './sheet';

const L = (v: number) => si<'length'>(v);
const T = (v: number) => si<'time'>(v);
const V = (v: number) => si<'volume'>(v);
const issues = (sheet: AnySheet) => {
	const result = calibrateSheet(sheet);
	return result.ok ? [] : result.issues;
};
const findings = (sheet: AnySheet) => {
	const result = calibrateSheet(sheet);
	if (!result.ok) throw new Error(JSON.stringify(result.issues));
	return result.value.findings.map((f) => f.code);
};
const caught = (n: number, ml = 600) => Array.from({ length: n }, () => [{ volume: V(ml * 1e-6) }]);
const timed = { course: L(60), times: [T(27), T(27.2)] };
const boom = (change: object = {}, flow: object = {}) =>
	({
		method: 'speed-width-flow',
		speed: timed,
		width: { kind: 'boom', nozzles: 4, spacing: L(0.5) },
		flow: { time: T(30), catches: caught(4), ...flow },
		...change
	}) as AnySheet;
const thrower = (change: object = {}) =>
	boom({
		width: { kind: 'measured', wetted: L(8), usable: 'as-is' },
		flow: { time: T(30), catches: caught(2) },
		...change
	});
const dial = { stated: si<'speed'>(2) };

describe('a boom’s sheet is refused', () => {
	it('where it misses what its method needs', () => {
		expect(issues(boom({ speed: { course: L(60), times: [] } }))).toEqual([{ code: 'no-runs', path: 'speed.times' }]);
		expect(issues(boom({ speed: dial, method: 'course-catch' }))).toEqual([{ code: 'missing', path: 'speed.course' }]);
		expect(issues(boom({ speed: dial, driven: true }))).toEqual([{ code: 'missing', path: 'speed.course' }]);
		expect(issues(boom({ speed: dial }, { time: undefined }))).toEqual([{ code: 'missing', path: 'flow.time' }]);
		expect(issues(boom({ speed: dial }))).toEqual([]);
		expect(issues(boom({}, { time: undefined }))).toEqual([]);
	});
	it('where its counts do not fit together, each with what there is', () => {
		const width = (on: number) => ({ width: { kind: 'boom', nozzles: 4, on, spacing: L(0.5) } });
		expect(issues(boom(width(5), { catches: caught(5) }))).toEqual([
			{ code: 'too-large', path: 'width.on', text: '5', bound: '4' }
		]);
		expect(issues(boom(width(0), { catches: [] }))).toEqual([
			{ code: 'all-sections-off', path: 'width.on', text: '0', bound: '4' },
			{ code: 'nothing-caught', path: 'flow.catches' }
		]);
		expect(issues(boom(width(1), { catches: caught(1) }))).toEqual([]);
		expect(issues(boom({}, { catches: caught(3) }))).toEqual([
			{ code: 'count-mismatch', path: 'flow.catches', text: '3', bound: '4' }
		]);
		expect(issues(boom({}, { catches: caught(5), nozzles: 4 }))).toEqual([
			{ code: 'count-mismatch', path: 'flow.catches', text: '5', bound: '4' }
		]);
		expect(issues(boom({}, { catches: caught(4), nozzles: 4 }))).toEqual([]);
		expect(issues(boom({}, { catches: caught(2), nozzles: 3 }))).toEqual([
			{ code: 'count-mismatch', path: 'flow.nozzles', text: '3', bound: '4' }
		]);
		expect(issues(boom({}, { groups: ['a', 'a', 'b'] }))).toEqual([
			{ code: 'count-mismatch', path: 'flow.groups', text: '3', bound: '4' }
		]);
	});
	it('where no nozzle gave water; one is enough, in one of its catches', () => {
		expect(issues(boom({}, { catches: [null, null, null, [{ volume: V(0) }]] }))).toEqual([
			{ code: 'nothing-caught', path: 'flow.catches' }
		]);
		expect(issues(boom({}, { catches: [null, null, [{ volume: V(0) }, { volume: V(6e-4) }], null] }))).toEqual([]);
	});
});

describe('another sheet is refused', () => {
	it('where it misses what its method needs', () => {
		expect(issues(thrower({ speed: { course: L(60), times: [] } }))).toEqual([
			{ code: 'no-runs', path: 'speed.times' }
		]);
		expect(issues(thrower({ speed: dial, method: 'course-catch' }))).toEqual([
			{ code: 'missing', path: 'speed.course' }
		]);
		expect(issues(thrower({ speed: dial, driven: true }))).toEqual([{ code: 'missing', path: 'speed.course' }]);
		expect(issues(thrower({ speed: dial, flow: { catches: caught(2) } }))).toEqual([
			{ code: 'missing', path: 'flow.time' }
		]);
		expect(issues(thrower({ speed: dial }))).toEqual([]);
		expect(issues(thrower({ flow: { time: T(30), catches: [[{ volume: V(0) }]] } }))).toEqual([
			{ code: 'nothing-caught', path: 'flow.catches' }
		]);
		expect(issues(thrower({ width: { kind: 'measured', wetted: L(8), usable: { edgeOverlap: L(4) } } }))).toEqual([
			{ code: 'too-small', path: 'width', text: '0 m', bound: '0.05 m' }
		]);
	});
	it('a plot without a run, or a drop', () => {
		const plot = { by: 'sides', length: L(20), width: L(5) };
		const onPlot = (times: number[], ml = 600) =>
			({ method: 'plot-catch', plot, times: times.map(T), flow: { time: T(30), catches: caught(1, ml) } }) as AnySheet;
		expect(issues(onPlot([]))).toEqual([{ code: 'no-runs', path: 'times' }]);
		expect(issues(onPlot([60], 0))).toEqual([{ code: 'nothing-caught', path: 'flow.catches' }]);
		expect(issues(onPlot([60]))).toEqual([]);
	});
	it('a tank that gave nothing, told of the reading', () => {
		const refilled = (used: object[]) =>
			({ method: 'refill', area: { by: 'stated', area: si<'area'>(1000) }, used }) as AnySheet;
		expect(issues(refilled([]))).toEqual([{ code: 'missing', path: 'used' }]);
		expect(issues(refilled([{ added: V(0.02) }, { start: V(0.1), left: V(0.1) }]))).toEqual([
			{ code: 'nothing-used', path: 'used.1' }
		]);
		const parked = (change: object) =>
			({
				method: 'parked-drop',
				speed: timed,
				width: { kind: 'rows', rowSpacing: L(5), alleys: 'every', sides: 'both' },
				used: [{ start: V(0.1), left: V(0.07) }],
				...change
			}) as AnySheet;
		expect(issues(parked({}))).toEqual([]);
		expect(issues(parked({ speed: { course: L(60), times: [] } }))).toEqual([{ code: 'no-runs', path: 'speed.times' }]);
		expect(issues(parked({ used: [] }))).toEqual([{ code: 'missing', path: 'used' }]);
	});
});

describe('an answer that no sprayer gives', () => {
	const rate = (lha: number) => si<'volumePerArea'>(lha * 1e-7);
	it('is told with its bound', () => {
		expect(checkAnswer(null, rate(200))).toEqual([]);
		expect(checkAnswer(2, rate(200))).toEqual([]);
		const wanted = 'speed';
		const [slow] = checkAnswer(0.01, rate(200));
		expect(slow).toEqual({ code: 'too-small', path: 'speed', text: '0.036 km/h', wanted, bound: slow!.bound });
		const [fast] = checkAnswer(1000, rate(200));
		expect(fast).toEqual({ code: 'too-large', path: 'speed', text: '3600 km/h', wanted, bound: fast!.bound });
		expect([slow!.bound, fast!.bound].every((b) => /^[\d.]+ km\/h$/.test(b!))).toBe(true);
		const volume = 'volumePerArea';
		const [little] = checkAnswer(null, rate(1e-4));
		expect(little).toEqual({
			code: 'too-small',
			path: 'rate',
			text: '0.0001 L/ha',
			wanted: volume,
			bound: little!.bound
		});
		const [much] = checkAnswer(2, rate(1e9));
		expect(much).toEqual({
			code: 'too-large',
			path: 'rate',
			text: '1000000000 L/ha',
			wanted: volume,
			bound: much!.bound
		});
		expect([little!.bound, much!.bound].every((b) => /^[\d.]+ L\/ha$/.test(b!))).toBe(true);
	});
	it('and so is a sheet that comes to one', () => {
		expect(issues(boom({ speed: { stated: si<'speed'>(60) } }))[0]).toMatchObject({ code: 'too-large', path: 'speed' });
		expect(issues(thrower({ speed: { stated: si<'speed'>(60) } }))[0]).toMatchObject({
			code: 'too-large',
			path: 'speed'
		});
	});
});

describe('what a sheet’s own readings say', () => {
	it('a short catch is coarse with a coarse jug, by volume or by weight, and not by a tester', () => {
		const short = (catches: object[][], change: object = {}) => boom({}, { time: T(5), catches, ...change });
		const jug = Array.from({ length: 4 }, () => [{ volume: V(1e-4) }]);
		const scale = Array.from({ length: 4 }, () => [{ mass: si<'mass'>(0.1) }]);
		const tester = Array.from({ length: 4 }, () => [{ flow: si<'flow'>(2e-5) }]);
		expect(findings(short(jug))).toContain('catch-too-short');
		expect(findings(short(jug, { time: T(60), graduation: V(1e-7) }))).not.toContain('catch-too-short');
		expect(findings(short(scale, { scaleDivision: si<'mass'>(0.02) }))).toContain('catch-too-short');
		expect(findings(short(scale, { time: T(60), scaleDivision: si<'mass'>(1e-5) }))).not.toContain('catch-too-short');
		expect(findings(short(tester))).not.toContain('catch-too-short');
	});
	it('a narrow swath is walked: no short course, and a walker’s speed', () => {
		const narrow = { width: { kind: 'measured', wetted: L(2), usable: 'as-is' } };
		const course = { speed: { course: L(15), times: [T(15), T(15.1)] } };
		expect(findings(thrower({ ...narrow, ...course }))).not.toContain('course-short');
		expect(findings(thrower(course))).toContain('course-short');
		expect(findings(thrower({ ...narrow, speed: { stated: si<'speed'>(4) } }))).toContain('speed-unusual');
		expect(findings(thrower({ speed: { stated: si<'speed'>(4) } }))).not.toContain('speed-unusual');
	});
	it('runs and tank readings that stand apart', () => {
		const apart = { speed: { course: L(60), times: [T(27), T(27.1), T(27), T(33)] } };
		expect(findings(boom(apart))).toContain('run-apart');
		expect(findings(thrower(apart))).toContain('run-apart');
		const used = [30, 30, 40].map((litres) => ({ start: V(0.1), left: V(0.1 - litres / 1000) }));
		expect(findings({ method: 'refill', area: { by: 'stated', area: si<'area'>(1000) }, used } as AnySheet)).toContain(
			'used-apart'
		);
	});
});
