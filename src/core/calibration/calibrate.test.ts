import { si } from '../quantity/quantity';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { boomSheet } from '../../../tests/support/boom-sheet';
import type { Calibration } from './calibrate';
import { calibrate } from './calibrate';
import type { CalibrationSheet } from './sheet';

const run = (sheet: CalibrationSheet): Calibration => {
	const result = calibrate(sheet);
	if (!result.ok) throw new Error(JSON.stringify(result.issues));
	return result.value;
};
const codes = (sheet: CalibrationSheet) => {
	const result = calibrate(sheet);
	return result.ok ? [] : result.issues.map((i) => i.code);
};
const near = (a: number, b: number) => Math.abs(a - b) <= 1e-9 * Math.abs(b);

/** A true boom that a calibration could be measured on. */
const trueBoom = fc.record({
	nozzles: fc.integer({ min: 1, max: 40 }),
	spacing: fc.double({ min: 0.25, max: 1, noNaN: true }),
	speed: fc.double({ min: 1.2, max: 5, noNaN: true }),
	course: fc.double({ min: 30, max: 200, noNaN: true }),
	flow: fc.double({ min: 5e-6, max: 5e-5, noNaN: true })
});

describe('speed × width × flow', () => {
	it('scales as its formula says: twice the catch is twice the volume, twice the speed or width is half', () => {
		fc.assert(
			fc.property(trueBoom, fc.double({ min: 0.5, max: 2, noNaN: true }), (boom, k) => {
				const time = boom.course / boom.speed;
				const catches = Array.from({ length: boom.nozzles }, () => boom.flow * 30 * 1e6);
				const base = { course: boom.course, times: [time], catches, spacing: boom.spacing };
				const rate = run(boomSheet(base)).rate.value;
				const scaled = (more: object) => calibrate(boomSheet({ ...base, ...more }));
				const check = (more: object, wanted: number) => {
					const result = scaled(more);
					return !result.ok || near(result.value.rate.value, wanted);
				};
				return (
					check({ catches: catches.map((c) => c * k) }, rate * k) &&
					check({ times: [time * k] }, rate * k) &&
					check({ course: boom.course * k }, rate / k) &&
					check({ spacing: boom.spacing * k }, rate / k) &&
					check({ catchTime: 30 * k }, rate / k)
				);
			})
		);
	});

	it('agrees with course and catch on readings made from one true boom', () => {
		fc.assert(
			fc.property(trueBoom, (boom) => {
				const time = boom.course / boom.speed;
				const truth = boom.flow / (boom.speed * boom.spacing);
				const held = (seconds: number) => Array.from({ length: boom.nozzles }, () => boom.flow * seconds * 1e6);
				const base = { course: boom.course, times: [time], spacing: boom.spacing };
				const byFlow = run(boomSheet({ ...base, catches: held(30) })).rate.value;
				const byCourse = run(boomSheet({ ...base, method: 'course-catch', catchTime: undefined, catches: held(time) }))
					.rate.value;
				const byOther = run(boomSheet({ ...base, method: 'course-catch', catchTime: 40, catches: held(40) })).rate
					.value;
				return near(byFlow, truth) && near(byCourse, truth) && near(byOther, truth);
			})
		);
	});

	it('uses every catch, the low ones too, and counts a nozzle not caught as the mean', () => {
		const all = run(boomSheet({ catches: [600, 600, 600, 300] }));
		expect(all.flow.value * 30e6).toBeCloseTo(2100, 6);
		const gap = run(boomSheet({ catches: [600, 580, null, 620] }));
		expect(gap.flow.value * 30e6).toBeCloseTo(2400, 6);
		expect(gap.nozzles.nozzles[2]?.verdict).toBe('not caught');
	});
});

describe('uncertainty', () => {
	it('takes the default errors of one run and of jugs caught one by one', () => {
		const c = run(boomSheet({ times: [27], catches: [600, 600] }));
		const courseTime = Math.hypot(0.2, 0.015 * 27) / 27;
		const catchTime = 0.3 / 30 / Math.sqrt(2);
		const marks = 10 / Math.sqrt(12) / 600 / Math.sqrt(2);
		const tape = 0.006;
		expect(c.relativeUncertainty95).toBeCloseTo(2 * Math.hypot(courseTime, catchTime, marks, tape), 10);
	});

	it('shares one timing error where all jugs were caught together', () => {
		const one = run(boomSheet({ times: [27], catches: [600, 600, 600, 600] }));
		const sheet = boomSheet({ times: [27], catches: [600, 600, 600, 600] });
		const together = run({ ...sheet, flow: { ...sheet.flow, catching: 'together' } });
		expect(one.nozzles.volume.errors.find((e) => e.input === 'catchTime')?.relative).toBeCloseTo(0.005, 10);
		expect(together.nozzles.volume.errors.find((e) => e.input === 'catchTime')?.relative).toBeCloseTo(0.01, 10);
	});

	it('narrows with more runs, longer catches and a finer jug, and widens for a sample', () => {
		const u = (made: Parameters<typeof boomSheet>[0]) => run(boomSheet(made)).relativeUncertainty95;
		expect(u({ times: [27, 27, 27] })).toBeLessThan(u({ times: [27] }));
		expect(u({ catchTime: 60, catches: [1200, 1200] })).toBeLessThan(u({ catchTime: 30, catches: [600, 600] }));
		expect(u({ catches: [600, 605, 595], nozzles: 24 })).toBeGreaterThan(u({ catches: Array(24).fill(600) }));
	});
});

describe('bad input is told, with its place', () => {
	it('an empty calibration, a wrong count, an absurd speed', () => {
		expect(codes(boomSheet({ times: [] }))).toEqual(['no-runs']);
		expect(codes(boomSheet({ catches: [0, 0] }))).toEqual(['nothing-caught']);
		expect(codes(boomSheet({ catches: [null, null] }))).toEqual(['nothing-caught']);
		expect(codes(boomSheet({ times: [0.24] }))).toEqual(['too-large']);
		expect(codes(boomSheet({ times: [1500] }))).toEqual(['too-small']);
		const sheet = boomSheet();
		expect(codes({ ...sheet, width: { ...sheet.width, nozzles: 9 } })).toEqual(['count-mismatch']);
		expect(codes({ ...sheet, width: { ...sheet.width, on: 0 } })).toContain('all-sections-off');
		expect(codes({ ...sheet, method: 'course-catch', speed: { stated: si(2) } })).toContain('missing');
	});
});
