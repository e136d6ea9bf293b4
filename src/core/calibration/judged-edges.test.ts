import { describe, expect, it } from 'vitest';
import { Seeded } from '../../../tests/support/seeded';
import { usualSkill } from '../measurement/defaults';
import { si } from '../quantity/quantity';
import { diagnoseFlow } from './diagnose-flow';
import { unevenness } from './evenness';
import { findCatchesApart, findRunsApart, findShortCourse, findUnusualSpeed } from './findings';
import { goesOf } from './goes-of';
import { groundArea } from './ground-area';
import { groundStripe } from './ground-stripe';
import { lowSections } from './low-sections';
import { measuredWidth } from './measured-width';
import type { FlowResult } from './nozzle-flow';
import { nozzleFlow } from './nozzle-flow';
import { overlapCv } from './overlap-cv';
import { setWear } from './set-wear';
import type { AnySheet, FlowReading, Side } from './sheet';
import { twoSizes } from './two-sizes';
import { usedVolume } from './used-volume';
import { usualSpeeds } from './usual-speeds';
import { judgeNozzle, verdictByRated, verdictOf } from './verdict';
import { wearTrend } from './wear-trend';

const q = (v: number) => si<'flow'>(v);
const T = (v: number) => si<'time'>(v);
const L = (v: number) => si<'length'>(v);
const V = (v: number) => si<'volume'>(v);
const A = (v: number) => si<'area'>(v);
const caught = (ml: readonly (number | readonly number[] | null)[], more: Partial<FlowReading> = {}): FlowResult =>
	nozzleFlow(
		{
			catches: ml.map((one) =>
				one === null ? null : (typeof one === 'number' ? [one] : one).map((v) => ({ volume: V(v * 1e-6) }))
			),
			...more
		},
		T(30),
		usualSkill
	);

describe('a verdict', () => {
	it('has its limits inside, by either rule', () => {
		expect([95, 105, 94.99, 105.01, 100].map((v) => verdictOf(q(v), q(100), q(100)))).toEqual([
			'even',
			'even',
			'low',
			'high',
			'even'
		]);
		expect([0.1, -0.1, 0.1001, -0.1001].map((share) => verdictByRated(q(100), share, q(100)))).toEqual([
			'even',
			'even',
			'high',
			'low'
		]);
	});
	it('is blocked under a tenth of the middle, and where nothing came at all', () => {
		for (const judge of [
			(v: number) => verdictOf(q(v), q(100), q(100)),
			(v: number) => verdictByRated(q(v), -0.9, q(100))
		])
			expect([9.99, 10, 0].map(judge)).toEqual(['blocked', 'low', 'blocked']);
		expect(verdictOf(q(0), q(0), q(0))).toBe('blocked');
		expect(verdictByRated(q(0), -1, q(0))).toBe('blocked');
		// A ± that cannot tell what is low can still tell what is shut.
		const unsure = { flow: q(100), band: 0.05, middle: q(100), u95: 2 };
		expect(judgeNozzle(q(1), { by: 'average', ...unsure })).toBe('blocked');
		expect(judgeNozzle(q(60), { by: 'average', ...unsure })).toBe('cannot tell');
	});
});

describe('sections that are low as a whole', () => {
	const codes = (values: number[], sections: number[]) => lowSections(values, sections).map((s) => s.section);
	it('are told where their middle is more than 5 % under the best, and all of them a fortieth', () => {
		expect(codes([100, 100, 94.9, 94.9], [0, 0, 1, 1])).toEqual([1]);
		expect(codes([100, 100, 95, 95], [0, 0, 1, 1])).toEqual([]);
		// One nozzle as good as the best section: the section is not choked.
		expect(codes([100, 100, 100, 90, 90, 97.6], [0, 0, 0, 1, 1, 1])).toEqual([]);
		expect(codes([100, 100, 100, 90, 90, 97.4], [0, 0, 0, 1, 1, 1])).toEqual([1]);
	});
	it('are measured against a section that is even in itself; of two, both must be', () => {
		expect(codes([130, 90, 100, 100, 94, 94], [0, 0, 1, 1, 2, 2])).toEqual([2]);
		// One of three may differ.
		expect(codes([130, 110, 110, 100, 100, 100], [0, 0, 0, 1, 1, 1])).toEqual([1]);
		// No section is even in itself: nothing can be said.
		expect(codes([130, 90, 60, 90], [0, 0, 1, 1])).toEqual([]);
	});
	it('leave out what is blocked, and sections of one', () => {
		expect(codes([100, 100, 5, 100], [0, 0, 1, 1])).toEqual([]);
		expect(codes([100, 100, 0, 0, 0], [0, 0, 1, 1, 1])).toEqual([]);
		expect(codes([100, 80], [0, 1])).toEqual([]);
		expect(codes([0, 0], [0, 0])).toEqual([]);
		expect(codes([], [])).toEqual([]);
		// One under a tenth of all is left out, one at a tenth is not.
		expect(codes([100, 100, 100, 100, 9, 90, 90], [0, 0, 0, 0, 1, 1, 1])).toEqual([1]);
	});
});

describe('two sizes on purpose', () => {
	it('lie more than a fifth apart, each kind even in itself', () => {
		expect(twoSizes([100, 100, 121, 121])).toEqual({ small: [0, 1], large: [2, 3] });
		expect(twoSizes([100, 100, 120, 120])).toBeNull();
		expect(twoSizes([100, 112, 150, 150])).toBeNull();
		expect(twoSizes([100, 100, 150, 170])).toBeNull();
		// 5 % either side of the middle is even.
		expect(twoSizes([95, 100, 105, 150, 150])).toEqual({ small: [0, 1, 2], large: [3, 4] });
	});
	it('are told by their places in order, however they lie', () => {
		expect(twoSizes([150, 101, 149, 99, 100, 151])).toEqual({ small: [1, 3, 4], large: [0, 2, 5] });
	});
	it('of which one stands alone only on a sprayer of five or fewer', () => {
		expect(twoSizes([60, 100, 100, 100, 100])).toEqual({ small: [0], large: [1, 2, 3, 4] });
		expect(twoSizes([60, 100, 100, 100, 100, 100])).toBeNull();
		expect(twoSizes([60, 60, 100, 100, 100, 100])).not.toBeNull();
	});
	it('leave out what is blocked', () => {
		expect(twoSizes([4, 100, 100, 101])).toBeNull();
		expect(twoSizes([])).toBeNull();
	});
});

describe('one nozzle that is off', () => {
	const found = (flow: FlowResult, sides?: Side[]) =>
		diagnoseFlow(flow, sides).map((f) => ({ ...f, share: undefined }));
	const even = [600, 600, 600, 600, 600, 600, 600];
	const low = (at: number, more: Record<number, number | null> = {}) =>
		even.map((v, i) => (i in more ? more[i]! : i === at ? 520 : v));
	const neighbours = (flow: FlowResult) =>
		diagnoseFlow(flow).flatMap((f) => (f.code === 'nozzle-low' ? [[f.nozzle, f.neighbours]] : []));
	it('says whether those beside it are even, as far as they were caught', () => {
		expect(neighbours(caught(low(3)))).toEqual([[4, true]]);
		expect(neighbours(caught(low(0)))).toEqual([[1, true]]);
		expect(neighbours(caught(even.map((v, i) => (i === 3 || i === 4 ? 520 : v))))).toEqual([
			[4, false],
			[5, false]
		]);
		expect(neighbours(caught(low(3, { 2: null })))).toEqual([[4, true]]);
		// Nobody caught a neighbour: nothing is known of them.
		const alone = [600, 600, 600, 600, null, 520, null];
		expect(neighbours(caught(alone))).toEqual([[6, false]]);
	});
	it('is off its rating where the rated flow is the rule, and says so', () => {
		const rated = { rated: { flow: q(2e-5), at: si<'pressure'>(3e5) }, pressure: si<'pressure'>(3e5) };
		const reading = (ml: number[]): FlowReading => ({ catches: ml.map((v) => [{ volume: V(v * 1e-6) }]), ...rated });
		const by = (rule: 'rated' | 'average', at: number) =>
			found(nozzleFlow(reading(even.map((v, i) => (i === 3 ? at : v))), T(30), usualSkill, rule));
		expect(by('rated', 520)).toEqual([
			{ code: 'nozzle-low', nozzle: 4, neighbours: true, by: 'rated', share: undefined }
		]);
		expect(by('rated', 700)).toEqual([{ code: 'nozzle-high', nozzle: 4, by: 'rated', share: undefined }]);
		expect(by('average', 700)).toEqual([{ code: 'nozzle-high', nozzle: 4, share: undefined }]);
	});
	it('is not told again where the whole set is off its rating and it lies with the set', () => {
		const rated = { rated: { flow: q(1.7e-5), at: si<'pressure'>(3e5) }, pressure: si<'pressure'>(3e5) };
		const set = nozzleFlow(
			{ catches: even.map((v, i) => [{ volume: V((i === 2 ? 640 : v) * 1e-6) }]), ...rated },
			T(30),
			usualSkill
		);
		expect(diagnoseFlow(set).map((f) => f.code)).toEqual(['set-over-rated', 'nozzle-high']);
		const blocked = nozzleFlow(
			{ catches: [600, 600, 0, 0].map((v) => [{ volume: V(v * 1e-6) }]), ...rated },
			T(30),
			usualSkill
		);
		// Those that are shut do not speak for the set.
		expect(diagnoseFlow(blocked).map((f) => f.code)).toContain('set-over-rated');
	});
	it('of a sample of one stands for the others, which is said; a sprayer of one has no others', () => {
		expect(diagnoseFlow(caught([600], { nozzles: 3 }))).toEqual([{ code: 'sample-of-one', nozzles: 3 }]);
		expect(diagnoseFlow(caught([600]))).toEqual([]);
	});
	it('tells the two sides apart only where both were caught whole and are alike', () => {
		const sides: Side[] = ['left', 'left', 'right', 'right'];
		expect(diagnoseFlow(caught([600, 600, 560, 560]), sides)).toEqual([
			{ code: 'sides-apart', share: expect.closeTo(560 / 600 - 1, 9) as unknown }
		]);
		expect(diagnoseFlow(caught([600, 600, 575, 575]), sides)).toEqual([]);
		expect(diagnoseFlow(caught([600, 600, 560, null]), sides).map((f) => f.code)).not.toContain('sides-apart');
		expect(diagnoseFlow(caught([600, 600, 560]), ['left', 'left', 'right']).map((f) => f.code)).not.toContain(
			'sides-apart'
		);
		expect(diagnoseFlow(caught([560, 560]), ['right', 'right'])).toEqual([]);
	});
});

describe('evenness and wear of a set', () => {
	it('leave out what has no share, and need two', () => {
		const share = (fromAverage: number | null) => ({ fromAverage });
		expect(unevenness([share(0.1), share(-0.1), share(null)])).toBeCloseTo(0.1, 12);
		expect(unevenness([share(0.3), share(0.1)])).toBeCloseTo(0.1 / 1.2, 12);
		expect(unevenness([share(0.1), share(null)])).toBeNull();
		expect(unevenness([share(-1), share(-1)])).toBeNull();
		const worn = (fromRated: number | null, verdict: 'even' | 'blocked' = 'even') => ({ fromRated, verdict });
		expect(setWear([worn(0.1), worn(0.06), worn(-1, 'blocked'), worn(null)])).toBeCloseTo(0.08, 12);
		expect(setWear([worn(0.1), worn(null), worn(-1, 'blocked')])).toBeNull();
	});
});

describe('what is pointed out, at its limits', () => {
	it('a second catch from the first', () => {
		const apart = (ml: readonly (readonly number[])[]) =>
			findCatchesApart(caught(ml)).map((f) =>
				'nozzle' in f && 'share' in f ? [f.nozzle, Number(f.share.toFixed(9))] : []
			);
		expect(apart([[600], [600, 630], [600, 631, 700], [600, 540]])).toEqual([
			[3, Number((631 / 600 - 1).toFixed(9))],
			[4, -0.1]
		]);
	});
	it('a run from the others', () => {
		expect(findRunsApart([T(20), T(21)])).toEqual([]);
		expect(findRunsApart([T(20), T(21.01)])).toHaveLength(1);
		expect(findRunsApart([T(20)])).toEqual([]);
	});
	it('a speed and a course', () => {
		const [slowest, fastest] = usualSpeeds.boom;
		expect(findUnusualSpeed(si<'speed'>(slowest), 'boom')).toEqual([]);
		expect(findUnusualSpeed(si<'speed'>(fastest), 'boom')).toEqual([]);
		expect(findUnusualSpeed(si<'speed'>(slowest - 1e-6), 'boom')).toMatchObject([{ slow: true }]);
		expect(findUnusualSpeed(si<'speed'>(fastest + 1e-6), 'boom')).toMatchObject([{ slow: false }]);
		expect(findShortCourse({ course: L(30), times: [] })).toEqual([]);
		expect(findShortCourse({ course: L(29.99), times: [] })).toHaveLength(1);
	});
});

describe('small formulas against the slow way', () => {
	it('overlap: passes of any width, turned or not, laid one by one', () => {
		const chance = new Seeded(5);
		for (let k = 0; k < 400; k += 1) {
			const pans = Array.from({ length: chance.whole(1, 9) }, () => chance.between(0, 10));
			const swath = chance.whole(1, 11);
			const mirrored = chance.next() < 0.5;
			const cells = Array.from({ length: swath * 2 }, (_, cell) => {
				let total = 0;
				for (let pass = -40; pass <= 40; pass += 1) {
					const i = cell - pass * swath;
					if (i < 0 || i >= pans.length) continue;
					total += pans[mirrored && Math.abs(pass) % 2 === 1 ? pans.length - 1 - i : i]!;
				}
				return total;
			});
			const mean = cells.reduce((a, b) => a + b, 0) / cells.length;
			const wanted = Math.sqrt(cells.reduce((s, v) => s + (v - mean) ** 2, 0) / cells.length) / mean;
			expect(overlapCv(pans, swath, mirrored)).toBeCloseTo(wanted, 9);
		}
		expect(overlapCv([0, 0], 2, false)).toBe(Infinity);
	});
	it('a stripe of ground: all of what falls inside, nothing of what falls outside', () => {
		const all = (list: readonly number[]) => list.reduce((a, b) => a + b, 0);
		expect(all(groundStripe([{ at: 2, flow: 3 }], 1, -1, 5, 7))).toBeCloseTo(3, 12);
		expect(groundStripe([{ at: 0, flow: 4 }], 1, 0, 2, 4)[0]).toBeCloseTo(4 * 0.375, 12);
		expect(groundStripe([{ at: 3, flow: 4 }], 1, 2, 4, 2)).toEqual([2, 2]);
		expect(all(groundStripe([{ at: 9, flow: 4 }], 1, 2, 4, 2))).toBe(0);
	});
	it('what was used, with the ± of how it was read', () => {
		const u = (...args: Parameters<typeof usedVolume>) => usedVolume(...args).errors;
		const dipped = [{ start: V(0.5), left: V(0.3) }];
		expect(u(dipped, V(0.6), usualSkill)).toEqual([
			{ input: 'used', relative: expect.closeTo(Math.hypot(0.005 * 0.5, 0.005 * 0.3) / 0.2, 12) as unknown }
		]);
		const filled = [{ added: V(0.2) }];
		expect(u(filled, undefined, usualSkill)[0]!.relative).toBeCloseTo(0.005, 12);
		expect(u(filled, V(0.6), usualSkill)[0]!.relative).toBeCloseTo(
			Math.hypot(0.005 * 0.2, Math.SQRT2 * 0.01 * 0.6) / 0.2,
			12
		);
		expect(u(filled, undefined, usualSkill, 0.03)[0]!.relative).toBeCloseTo(Math.hypot(0.005, 0.03), 12);
		expect(usedVolume([{ added: V(0.2) }, { start: V(0.5), left: V(0.2) }], undefined, usualSkill).value).toBeCloseTo(
			0.25,
			12
		);
	});
	it('ground and width, with what their ± comes from', () => {
		const area = (reading: Parameters<typeof groundArea>[0]) => groundArea(reading, usualSkill);
		expect(area({ by: 'stated', area: A(100) }).errors).toEqual([{ input: 'area', relative: 0.01 }]);
		expect(area({ by: 'block', block: A(100), share: 0.5 })).toEqual({
			value: 50,
			errors: [{ input: 'area', relative: 0.01 }]
		});
		const taped = { input: 'area', relative: 0.003, source: 'tape' };
		expect(area({ by: 'sides', length: L(10), width: L(5) })).toEqual({ value: 50, errors: [taped, taped] });
		const width = (wetted: number, usable: Parameters<typeof measuredWidth>[0]['usable'], estimated?: true) =>
			measuredWidth({ kind: 'measured', wetted: L(wetted), usable, ...(estimated ? { estimated } : {}) }, usualSkill);
		expect(width(10, 'as-is', true)).toEqual({ value: 10, errors: [{ input: 'width', relative: 0.1 }] });
		expect(width(10, { share: 0.8 })).toEqual({
			value: 8,
			errors: [
				{ input: 'width', relative: expect.closeTo((0.15 * 0.8) / 8, 12) as unknown },
				{ input: 'width', relative: 0.003, source: 'tape' }
			]
		});
		expect(width(10, { edgeOverlap: L(1) }).value).toBe(8);
		// The edge of a narrow swath is a share of it.
		expect(width(1, 'as-is').errors[0]!.relative).toBeCloseTo(0.05, 12);
	});
	it('how often it was done', () => {
		const speed = { course: L(60), times: [T(27), T(27), T(27)] };
		const flow = { catches: [] };
		const width = { kind: 'boom', nozzles: 2, spacing: L(0.5) };
		const goes = (sheet: unknown) => goesOf(sheet as AnySheet);
		expect(goes({ method: 'plot-catch', times: [T(1), T(2)] })).toBe(2);
		expect(goes({ method: 'parked-drop', speed, used: [{ added: V(1) }] })).toBe(1);
		expect(
			goes({ method: 'parked-drop', speed: { ...speed, times: [T(27)] }, used: [{ added: V(1) }, { added: V(1) }] })
		).toBe(1);
		expect(goes({ method: 'speed-width-flow', speed, flow, width })).toBe(3);
		expect(goes({ method: 'speed-width-flow', speed, flow, width, driven: true })).toBeNull();
		expect(goes({ method: 'speed-width-flow', speed: { stated: 2 }, flow, width })).toBeNull();
	});
});

describe('the line of wear', () => {
	const line = (points: readonly (readonly [number, number])[], scatter = 0.002, limit = 0.1) =>
		wearTrend(
			points.map(([day, wear]) => ({ day, wear })),
			limit,
			scatter
		);
	it('needs two days that differ', () => {
		expect(line([[5, 0.01]])).toBeNull();
		expect(
			line([
				[5, 0.01],
				[5, 0.02]
			])
		).toBeNull();
	});
	it('is the line of least squares, with the scatter of its own points where that is more', () => {
		const points = [
			[0, 0.01],
			[100, 0.05],
			[200, 0.03],
			[300, 0.08]
		] as const;
		const trend = line(points, 1e-6)!;
		// By hand: slope 1.9e-4, middle 150 days and 0.0425; what is left 0.00083; t of two degrees 4.303.
		expect(trend.slope).toBeCloseTo(1.9e-4, 9);
		expect(trend.at(150)).toBeCloseTo(0.0425, 12);
		expect(trend.crossing).toBeCloseTo(150 + 0.0575 / 1.9e-4, 6);
		const left = points.reduce((s, [day, wear]) => s + (wear - trend.at(day)) ** 2, 0);
		const half = 4.302653 * Math.sqrt(left / 2);
		// At the earliest day the line with its band reaches the limit.
		const band = (day: number) => trend.at(day) + half * Math.sqrt(1 / 4 + (day - 150) ** 2 / 50_000);
		expect(band(trend.earliest!)).toBeCloseTo(0.1, 5);
		expect(trend.latest).toBeNull();
	});
	it('of two points has no scatter of its own', () => {
		const trend = line([
			[0, 0],
			[100, 0.05]
		])!;
		expect(trend.earliest).not.toBeNull();
		expect(trend.latest).not.toBeNull();
		expect(trend.earliest!).toBeLessThan(trend.crossing!);
		expect(trend.latest!).toBeGreaterThan(trend.crossing!);
	});
	it('that is level or falls crosses nothing; that is over the limit already names no day ahead', () => {
		expect(
			line([
				[0, 0.02],
				[100, 0.02]
			])
		).toMatchObject({ crossing: null, earliest: null, latest: null });
		const over = line(
			[
				[0, 0.12],
				[10, 0.121],
				[20, 0.1205]
			],
			0.01
		)!;
		expect(over.latest).toBeNull();
		expect(over.earliest).toBeNull();
	});
	it('that is too faint against its scatter names no day, and never one before its middle', () => {
		const faint = line(
			[
				[0, 0.01],
				[30, 0.012],
				[60, 0.011]
			],
			0.02
		)!;
		expect(faint.latest).toBeNull();
		expect(faint.earliest ?? Infinity).toBeGreaterThan(30);
	});
});
