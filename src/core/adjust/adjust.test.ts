import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { FlowPoint } from '../nozzles/nozzle';
import { si } from '../quantity/quantity';
import { adjust, fittedGives } from './adjust';
import { advise } from './advise';
import { aimAt } from './aim-at';
import { boomHeight } from './boom-height';
import { fanOverlap } from './fan-overlap';
import { predictChange } from './predict-change';
import type { Before } from './predict-volume';
import { predictionGap } from './prediction-gap';
import type { Reach } from './reach';
import { wantedLine } from './wanted-line';
import { speedOn } from './speed-on';
import { pressureOn } from './pressure-on';
import { volumeAt } from './volume-at';

const number = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const near = (a: number, b: number, within = 1e-9) => Math.abs(a - b) <= within * Math.max(Math.abs(a), Math.abs(b));
const rate = (lha: number) => si<'volumePerArea'>(lha * 1e-7);
const bar = (p: number) => si<'pressure'>(p * 1e5);
const kmh = (v: number) => si<'speed'>(v / 3.6);
const lmin = (q: number) => si<'flow'>(q / 6e4);
const typed = (text: string, unit: string) => ({ text, unit, gallon: 'US' as const });

describe('the levers', () => {
	it('each alone bring the wanted volume, whatever the sprayer', () => {
		fc.assert(
			fc.property(number(50, 500), number(50, 500), number(2, 15), number(1, 8), number(0.8, 1.4), (m, w, v, p, sg) => {
				const a = adjust({
					measured: rate(m),
					wanted: rate(w),
					speed: kmh(v),
					pressure: bar(p),
					spacing: si(0.5),
					specificGravity: sg
				});
				const water = m * Math.sqrt(1 / sg);
				const bySpeed = (water * kmh(v)) / a.speed!;
				const byPressure = water * Math.sqrt(a.pressure! / bar(p));
				const byNozzle = a.nozzleFlow! / Math.sqrt(sg) / (kmh(v) * 0.5) / 1e-7;
				return near(bySpeed, w) && near(byPressure, w) && near(byNozzle, w);
			})
		);
	});

	it('twice the flow takes four times the pressure, not twice', () => {
		const a = adjust({ measured: rate(100), wanted: rate(200), pressure: bar(2) });
		expect(a.pressure! / 1e5).toBeCloseTo(8, 9);
	});

	it('name what stands against them, with the bound', () => {
		const nozzle = { points: [{ pressure: bar(3), flow: lmin(1.2) }], range: { low: bar(1.5), high: bar(4) } };
		const speedRange = { low: kmh(6), high: kmh(12) };
		const up = adjust({ measured: rate(100), wanted: rate(200), speed: kmh(8), pressure: bar(3), nozzle, speedRange });
		expect(up.impossible).toEqual({
			pressure: { why: 'over-nozzle', bound: bar(4) },
			speed: { why: 'too-slow', bound: kmh(6) }
		});
		const down = adjust({
			measured: rate(200),
			wanted: rate(100),
			speed: kmh(8),
			pressure: bar(3),
			nozzle,
			speedRange
		});
		expect(down.impossible.pressure?.why).toBe('under-nozzle');
		expect(down.impossible.speed?.why).toBe('too-fast');
		expect(fittedGives(nozzle, lmin(1.2))).toBeNull();
		expect(fittedGives(nozzle, lmin(1.5))?.why).toBe('nozzle-too-small');
		expect(fittedGives(nozzle, lmin(0.5))?.why).toBe('nozzle-too-large');
	});

	it.each([
		[1.05, [], 'pressure', 'leave'],
		[0.95, [], 'pressure', 'leave'],
		[1.0500001, [], 'pressure', 'pressure'],
		[1.1, [], 'pressure', 'pressure'],
		[0.9, [], 'pressure', 'pressure'],
		[1.1001, [], 'pressure', 'speed'],
		[1.25, [], 'pressure', 'speed'],
		[0.75, [], 'pressure', 'speed'],
		[1.2501, [], 'pressure', 'nozzle'],
		[1.08, ['pressure'], 'pressure', 'speed'],
		[1.08, ['pressure', 'speed'], 'pressure', 'nozzle'],
		[1.2, ['speed'], 'pressure', 'nozzle'],
		[1.08, [], 'speed', 'speed'],
		[1.08, ['speed'], 'speed', 'pressure'],
		[1.2, ['speed'], 'speed', 'nozzle']
	] as const)('%d without %j, %s first: %s', (factor, out, first, wanted) => {
		expect(advise(factor, out, first)).toBe(wanted);
	});
});

describe('whether to change at all', () => {
	it('keeps what is inside the label’s range, ends included', () => {
		for (const m of [100, 150, 200])
			expect(aimAt(rate(m), 0.04, { by: 'range', low: rate(100), high: rate(200) }).keep).toBe(true);
	});

	it('outside, aims inside by the measurement’s own ±, at most at the middle', () => {
		const over = aimAt(rate(260), 0.05, { by: 'range', low: rate(100), high: rate(200) });
		expect([over.keep, over.why, Math.round(over.volume / 1e-7)]).toEqual([false, 'over', 190]);
		const narrow = aimAt(rate(260), 0.05, { by: 'range', low: rate(195), high: rate(200) });
		expect(narrow.volume / 1e-7).toBeCloseTo(197.5, 9);
	});

	it('the aim for a range lies in the range, always', () => {
		fc.assert(
			fc.property(number(20, 900), number(0, 0.3), number(50, 300), number(1, 300), (m, u, low, more) => {
				const aim = aimAt(rate(m), u, { by: 'range', low: rate(low), high: rate(low + more) });
				return aim.volume >= rate(low) * (1 - 1e-12) && aim.volume <= rate(low + more) * (1 + 1e-12);
			})
		);
	});

	it('one wanted volume within five per cent stays', () => {
		expect(aimAt(rate(200), 0.04, { by: 'volume', volume: rate(210) })).toMatchObject({ keep: true, sure: true });
		// A ± wider than 5 % carries no verdict before the gap passes both together.
		expect(aimAt(rate(100), 0.46, { by: 'volume', volume: rate(100) })).toMatchObject({ keep: true, sure: false });
		expect(aimAt(rate(100), 0.08, { by: 'volume', volume: rate(112) })).toMatchObject({ keep: false, sure: false });
		expect(aimAt(rate(100), 0.08, { by: 'volume', volume: rate(114) })).toMatchObject({ keep: false, sure: true });
		expect(aimAt(rate(150), 0.3, { by: 'range', low: rate(140), high: rate(160) }).sure).toBe(false);
		expect(aimAt(rate(150), 0.05, { by: 'range', low: rate(140), high: rate(160) }).sure).toBe(true);
		expect(aimAt(rate(200), 0.04, { by: 'volume', volume: rate(211) })).toMatchObject({ keep: false, why: 'under' });
	});
});

describe('what a sprayer can reach', () => {
	const reach: Reach = {
		points: [{ pressure: bar(3), flow: lmin(1.2) }],
		served: si(0.5),
		specificGravity: 1,
		speeds: { low: kmh(6), high: kmh(12) },
		pressures: { low: bar(1), high: bar(4) }
	};

	it('one lever moves the other along one volume', () => {
		fc.assert(
			fc.property(number(60, 400), number(3, 16), number(0.8, 1.4), (w, v, specificGravity) => {
				const sprayer = { ...reach, specificGravity };
				const p = pressureOn(sprayer, rate(w), kmh(v));
				return near(volumeAt(sprayer, kmh(v), p), rate(w)) && near(speedOn(sprayer, rate(w), p), kmh(v));
			})
		);
	});

	it('the stretch of a wanted volume is what trying every speed finds', () => {
		fc.assert(
			fc.property(number(40, 500), (w) => {
				const line = wantedLine(reach, rate(w));
				const tried = Array.from({ length: 601 }, (_, i) => kmh(6 + i / 100)).filter((v) => {
					const p = pressureOn(reach, rate(w), v);
					return p >= reach.pressures.low && p <= reach.pressures.high;
				});
				if (!line.inside) return tried.length === 0;
				return tried.every((v) => v >= line.speeds.low - 1e-9 && v <= line.speeds.high + 1e-9);
			})
		);
	});

	it('says what is the most and the least where it is out of reach', () => {
		const more = wantedLine(reach, rate(900));
		expect(more).toMatchObject({ inside: false, why: 'too-little' });
		expect(more.inside ? 0 : more.bound / 1e-7).toBeCloseTo((600 * 1.2 * Math.sqrt(4 / 3)) / (6 * 0.5), 6);
		expect(wantedLine(reach, rate(20))).toMatchObject({ inside: false, why: 'too-much' });
	});
});

describe('boom height', () => {
	it('and overlap are each other’s inverse', () => {
		fc.assert(
			fc.property(number(20, 160), number(0.2, 1), number(0, 3), (angle, spacing, overlap) =>
				near(1 + fanOverlap(angle, si(spacing), boomHeight(angle, si(spacing), overlap)), 1 + overlap)
			)
		);
	});

	it('lies where the trade puts it', () => {
		// 110° fans at 0.5 m want 0.45 to 0.50 m, 80° fans about 0.70 to 0.75 m: between double and triple cover.
		for (const [angle, h] of [
			[110, 0.475],
			[80, 0.725]
		] as const) {
			const overlap = fanOverlap(angle, si(0.5), si(h));
			expect(overlap).toBeGreaterThan(1);
			expect(overlap).toBeLessThan(2);
		}
	});
});

describe('a prediction', () => {
	const point: FlowPoint = { pressure: bar(3), flow: lmin(1.6) };
	const before: Before = {
		calibration: {
			rate: { value: rate(150), errors: [] },
			speed: { value: kmh(8), errors: [] },
			// 24 nozzles that give what 150 L/ha at 8 km/h over 12 m takes.
			flow: { value: lmin(24), errors: [] },
			relativeUncertainty95: 0.03
		},
		pressure: bar(2.5),
		on: Array.from({ length: 24 }, (_, i) => i + 1)
	};
	const predicted = (change: Parameters<typeof predictChange>[1], from = before) => {
		const p = predictChange(from, change);
		return p.ok ? p.value.volume / 1e-7 : p.issues.map((i) => i.path);
	};

	it('follows each lever, and any two together', () => {
		expect(predicted({})).toBeCloseTo(150, 9);
		expect(predicted({ speed: typed('10', 'km/h') })).toBeCloseTo(120, 9);
		expect(predicted({ pressure: typed('10', 'bar') })).toBeCloseTo(300, 9);
		expect(predicted({ speed: typed('10', 'km/h'), pressure: typed('10', 'bar') })).toBeCloseTo(240, 9);
		expect(predicted({ pace: 1.25 })).toBeCloseTo(120, 9);
		const rated = { flow: typed('1.6', 'L/min'), at: typed('3', 'bar') };
		const nozzle = { name: 'other', rated, points: [point] };
		// 1.6 L/min × √(2.5/3) × 600 / (8 km/h × 0.5 m)
		expect(predicted({ nozzle })).toBeCloseTo((1.6 * Math.sqrt(2.5 / 3) * 600) / (8 * 0.5), 9);
		expect(predicted({ nozzle, pressure: typed('3', 'bar'), speed: typed('6', 'km/h') })).toBeCloseTo(320, 9);
	});

	it('adds a set up nozzle by nozzle, those that spray', () => {
		const at = typed('10', 'bar');
		const set = {
			groups: ['a', 'b', 'a', 'b'],
			ratings: { a: { flow: typed('1', 'L/min'), at }, b: { flow: typed('2', 'L/min'), at } }
		};
		const arc = { ...before, pressure: bar(10), on: [1, 2] };
		expect(predicted({ set }, arc)).toBeCloseTo((150 * 3) / 24, 9);
		expect(predicted({ set: { ...set, ratings: { a: set.ratings.a } } }, arc)).toEqual(['change.set.b']);
	});

	it('says what it would have to know', () => {
		const slow = { ...before, pressure: null, calibration: { ...before.calibration, speed: null } };
		expect(predicted({ speed: typed('10', 'km/h') }, slow)).toEqual(['speed']);
		expect(predicted({ pressure: typed('3', 'bar') }, slow)).toEqual(['flow.pressure']);
		expect(predicted({ pressure: typed('lots', 'bar') })).toEqual(['pressure']);
	});

	it('held where the two ± cover the gap', () => {
		expect(predictionGap(168, 0.03, 175, 0.03)).toMatchObject({ held: true });
		expect(predictionGap(168, 0.03, 180, 0.03)).toMatchObject({ held: false });
	});
});
