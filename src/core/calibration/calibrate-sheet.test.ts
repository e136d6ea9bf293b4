import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { Seeded } from '../../../tests/support/seeded';
import { si } from '../quantity/quantity';
import type { MethodCalibration } from './calibrate-sheet';
import { calibrateSheet } from './calibrate-sheet';
import { overlapCv } from './overlap-cv';
import { panSwath } from './pan-swath';
import type { AnySheet, RowsWidth, WidthReading } from './sheet';

const run = (sheet: AnySheet): MethodCalibration => {
	const result = calibrateSheet(sheet);
	if (!result.ok) throw new Error(JSON.stringify(result.issues));
	return result.value;
};
const codes = (sheet: AnySheet) => {
	const result = calibrateSheet(sheet);
	return result.ok ? [] : result.issues.map((i) => i.code);
};
const rate = (sheet: AnySheet) => run(sheet).rate.value as number;
const near = (a: number, b: number) => Math.abs(a - b) <= 1e-9 * Math.abs(b);
const L = (v: number) => si<'length'>(v);
const T = (v: number) => si<'time'>(v);
const V = (v: number) => si<'volume'>(v);
const A = (v: number) => si<'area'>(v);

/** A true orchard sprayer: what each method would read of it. */
const trueSprayer = fc.record({
	speed: fc.double({ min: 1, max: 2.2, noNaN: true }),
	course: fc.double({ min: 30, max: 150, noNaN: true }),
	width: fc.double({ min: 3, max: 7, noNaN: true }),
	flow: fc.double({ min: 2e-4, max: 8e-4, noNaN: true }),
	hold: fc.double({ min: 20, max: 90, noNaN: true })
});
const rows = (width: number): RowsWidth => ({ kind: 'rows', rowSpacing: L(width), alleys: 'every', sides: 'both' });

describe('the five methods', () => {
	it('agree on readings made from one true sprayer', () => {
		fc.assert(
			fc.property(trueSprayer, (r) => {
				const truth = r.flow / (r.speed * r.width);
				const time = T(r.course / r.speed);
				const speed = { course: L(r.course), times: [time] };
				const flow = (held: number) => ({ time: T(held), catches: [[{ volume: V(r.flow * held) }]] });
				const tank = V(2);
				const drop = (t: number) => [{ start: tank, left: V(2 - r.flow * t) }];
				const area = A(r.course * r.width);
				return [
					{ method: 'speed-width-flow', speed, width: rows(r.width), flow: flow(r.hold) } as const,
					{ method: 'course-catch', speed, width: rows(r.width), flow: { ...flow(time), time: undefined } } as const,
					{ method: 'course-catch', speed, width: rows(r.width), flow: flow(r.hold) } as const,
					{ method: 'parked-drop', speed, width: rows(r.width), used: drop(time) } as const,
					{ method: 'parked-drop', speed, width: rows(r.width), used: drop(r.hold), run: T(r.hold) } as const,
					{ method: 'refill', area: { by: 'stated', area }, used: [{ added: V(r.flow * time) }] } as const,
					{
						method: 'refill',
						area: { by: 'row', row: L(r.course), width: rows(r.width) },
						used: drop(time)
					} as const,
					{
						method: 'plot-catch',
						plot: { by: 'sides', length: L(r.course), width: L(r.width) },
						times: [time],
						flow: flow(r.hold)
					} as const
				].every((sheet) => near(rate(sheet as AnySheet), truth));
			})
		);
	});

	it('scale as their formulas say', () => {
		fc.assert(
			fc.property(trueSprayer, fc.double({ min: 0.6, max: 1.6, noNaN: true }), (r, k) => {
				const parked = (used: number, course: number, width: number, t: number, hold: number): AnySheet => ({
					method: 'parked-drop',
					speed: { course: L(course), times: [T(t)] },
					width: rows(width),
					used: [{ added: V(used) }],
					run: T(hold)
				});
				const base = rate(parked(0.02, r.course, r.width, 40, r.hold));
				const plot = (v: number, t: number, area: number): AnySheet => ({
					method: 'plot-catch',
					plot: { by: 'stated', area: A(area) },
					times: [T(t)],
					flow: { time: T(30), catches: [[{ volume: V(v) }]] }
				});
				const onPlot = rate(plot(0.002, 60, 50));
				const fill = (v: number, area: number): AnySheet => ({
					method: 'refill',
					area: { by: 'stated', area: A(area) },
					used: [{ added: V(v) }]
				});
				return (
					near(rate(parked(0.02 * k, r.course, r.width, 40, r.hold)), base * k) &&
					near(rate(parked(0.02, r.course * k, r.width, 40, r.hold)), base / k) &&
					near(rate(parked(0.02, r.course, r.width * k, 40, r.hold)), base / k) &&
					near(rate(parked(0.02, r.course, r.width, 40 * k, r.hold)), base * k) &&
					near(rate(parked(0.02, r.course, r.width, 40, r.hold * k)), base / k) &&
					near(rate(plot(0.002 * k, 60, 50)), onPlot * k) &&
					near(rate(plot(0.002, 60 * k, 50)), onPlot * k) &&
					near(rate(plot(0.002, 60, 50 * k)), onPlot / k) &&
					near(rate(fill(0.05 * k, 600)), rate(fill(0.05, 600)) * k) &&
					near(rate(fill(0.05, 600 * k)), rate(fill(0.05, 600)) / k)
				);
			})
		);
	});
});

describe('widths of the schools', () => {
	const withWidth = (width: WidthReading) =>
		run({
			method: 'speed-width-flow',
			speed: { stated: si<'speed'>(2) },
			width,
			flow: { time: T(60), catches: [[{ volume: V(0.012) }]] }
		});

	it('stand beside each other on one wetted width', () => {
		const width = (usable: Extract<WidthReading, { kind: 'measured' }>['usable']) =>
			withWidth({ kind: 'measured', wetted: L(10), usable }).swath!.treated.value;
		expect([width({ share: 0.85 }), width({ edgeOverlap: L(0.5) }), width('as-is')]).toEqual([8.5, 9, 10]);
	});

	it('every second alley is twice the width, one side half', () => {
		const width = (alleys: 'every' | 'second', sides: 'both' | 'one') =>
			withWidth({ kind: 'rows', rowSpacing: L(6), alleys, sides }).swath!.treated.value;
		expect([width('every', 'both'), width('second', 'both'), width('every', 'one')]).toEqual([6, 12, 3]);
	});

	it('bands tell the treated and the field volume, and work at the field’s width', () => {
		const c = withWidth({ kind: 'band', band: L(0.25), bands: 6, rowSpacing: L(0.75), rows: 6 });
		expect(c.fieldRate! / c.rate.value).toBeCloseTo(1 / 3, 12);
		expect(c.workRate).toBeCloseTo(2 * 4.5, 12);
	});

	it('know a wetted edge to 15 cm or 5 %, the smaller', () => {
		const u = (wetted: number) =>
			withWidth({ kind: 'measured', wetted: L(wetted), usable: 'as-is' }).swath!.treated.errors[0]!.relative;
		expect(u(10)).toBeCloseTo(0.015, 12);
		expect(u(1)).toBeCloseTo(0.05, 12);
	});

	it('a walk wavers more than a drive', () => {
		const u = (wetted: number) =>
			run({
				method: 'speed-width-flow',
				speed: { course: L(40), times: [T(32)] },
				width: { kind: 'measured', wetted: L(wetted), usable: 'as-is' },
				flow: { time: T(45), catches: [[{ volume: V(0.0007) }]] }
			})
				.speed!.errors.filter((e) => e.input === 'courseTime')
				.map((e) => Math.abs(e.relative))[0];
		expect(u(0.7)).toBeCloseTo(Math.hypot(0.2 / 32, 0.03), 12);
		expect(u(8)).toBeCloseTo(Math.hypot(0.2 / 32, 0.015), 12);
	});
});

describe('pans', () => {
	/** Lays passes out on a long strip of ground and looks at the middle: slow and plain. */
	function slowCv(pans: readonly number[], k: number, mirrored: boolean): number {
		const strip = new Array<number>(pans.length * 40).fill(0);
		let pass = 0;
		for (let at = 0; at + pans.length <= strip.length; at += k, pass += 1)
			pans.forEach((_, i) => (strip[at + i]! += pans[mirrored && pass % 2 ? pans.length - 1 - i : i]!));
		const repeat = k * (mirrored ? 2 : 1);
		const from = Math.ceil((pans.length * 15) / repeat) * repeat;
		const seen = strip.slice(from, from + repeat);
		const mean = seen.reduce((s, v) => s + v, 0) / seen.length;
		return Math.sqrt(seen.reduce((s, v) => s + (v - mean) ** 2, 0) / seen.length) / mean;
	}

	it('overlap as passes laid out on the ground do', () => {
		const random = new Seeded(5);
		for (let trial = 0; trial < 200; trial += 1) {
			const pans = Array.from({ length: random.whole(3, 14) }, () => random.between(0, 50));
			const k = random.whole(1, pans.length);
			const mirrored = random.next() < 0.5;
			expect(overlapCv(pans, k, mirrored)).toBeCloseTo(slowCv(pans, k, mirrored), 9);
		}
	});

	it('take no width that only one exact spacing reaches', () => {
		const random = new Seeded(6);
		for (let trial = 0; trial < 200; trial += 1) {
			const pans = Array.from({ length: random.whole(4, 12) }, () => random.between(1, 50));
			const { best, candidates, passedBy } = panSwath(pans, trial % 2 === 0, 0.15);
			if (best) expect(candidates[best.spacings - 2]!.cv).toBeLessThanOrEqual(0.15);
			for (const wider of passedBy) {
				expect(wider.spacings).toBeGreaterThan(best?.spacings ?? 1);
				expect(candidates[wider.spacings - 2]!.cv).toBeGreaterThan(0.15);
			}
		}
	});
});

describe('bad input', () => {
	it('nothing used, no runs, no pans that work', () => {
		const area = { by: 'stated', area: A(100) } as const;
		expect(codes({ method: 'refill', area, used: [{ start: V(5), left: V(6) }] })).toEqual(['nothing-used']);
		expect(codes({ method: 'refill', area, used: [] })).toEqual(['missing']);
		const speed = { course: L(50), times: [] };
		expect(codes({ method: 'parked-drop', speed, width: rows(5), used: [{ added: V(0.02) }] })).toEqual(['no-runs']);
		expect(codes({ method: 'plot-catch', plot: area, times: [], flow: { catches: [null] } })).toEqual([
			'nothing-caught',
			'no-runs'
		]);
		const pans = [90, 0, 0, 0].map((v) => V(v * 1e-6));
		const width = { kind: 'pans', spacing: L(1), catches: pans, driving: 'one-way', maxCv: 0.01 } as const;
		const flow = { time: T(30), catches: [[{ volume: V(0.004) }]] };
		expect(codes({ method: 'speed-width-flow', speed: { stated: si(2) }, width, flow })).toEqual(['no-even-swath']);
	});
});

describe('what is odd about other methods', () => {
	it('a tank reading over 5 % from the others is asked about, and counts', () => {
		const sheet = (used: number[]): AnySheet => ({
			method: 'refill',
			area: { by: 'stated', area: A(500) },
			used: used.map((added) => ({ added: V(added) }))
		});
		expect(run(sheet([0.015, 0.0151, 0.016])).findings).toMatchObject([{ code: 'used-apart', reading: 3 }]);
		expect(run(sheet([0.014, 0.0142])).findings).toEqual([]);
		expect(rate(sheet([0.015, 0.0151, 0.016]))).toBeCloseTo((0.015 + 0.0151 + 0.016) / 3 / 500, 12);
	});
	it('a wider swath that only one exact spacing reaches is told', () => {
		const width: WidthReading = {
			kind: 'pans',
			spacing: L(0.5),
			catches: [2, 10, 10, 10, 10, 10, 10, 2].map((v) => V(v * 1e-6)),
			driving: 'one-way',
			maxCv: 0.15
		};
		const found = run({
			method: 'speed-width-flow',
			speed: { course: L(60), times: [T(30)] },
			width,
			flow: { time: T(30), catches: [[{ volume: V(0.002) }]] }
		}).findings;
		expect(found).toContainEqual(expect.objectContaining({ code: 'swath-passed-by', width: 3 }));
	});
});
