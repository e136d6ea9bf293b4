import { si } from '../quantity/quantity';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { Seeded } from '../../../tests/support/seeded';
import { usualSkill } from '../measurement/defaults';
import { courseTime } from './course-speed';
import { groundStripe } from './ground-stripe';
import { methodGap } from './method-gap';
import { catchGoodTo, neededCatch } from './needed-catch';
import { courseGoodTo, neededCourse, neededRuns } from './needed-course';
import { relativeU } from '../measurement/relative-u';
import { teamSpread } from './team-spread';
import { zoneShares } from './zone-shares';

const positive = (min: number, max: number) => fc.double({ min, max, noNaN: true });

describe('how long is long enough', () => {
	it('a catch as long as asked is as good as asked', () => {
		fc.assert(
			fc.property(positive(0.01, 0.1), positive(1e-6, 1e-4), positive(0, 1e-5), (wanted, flow, mark) => {
				const time = neededCatch(wanted, si(flow), 0.3, mark);
				return Math.abs(catchGoodTo(time, si(flow), 0.3, mark) / wanted - 1) < 1e-9;
			})
		);
	});
	it('a course as long as asked is as good as asked, or no course is', () => {
		fc.assert(
			fc.property(positive(0.01, 0.1), positive(0.8, 5), fc.integer({ min: 1, max: 6 }), (wanted, speed, runs) => {
				const course = neededCourse(wanted, si(speed), runs, 0.2, 0.015);
				if (course === null) return (2 * 0.015) / Math.sqrt(runs) >= wanted * (1 - 1e-9);
				return Math.abs(courseGoodTo(course, si(speed), runs, 0.2, 0.015) / wanted - 1) < 1e-9;
			})
		);
	});
	it('is what the calibration itself says of runs that agree', () => {
		const times = [30, 30, 30].map((t) => si<'time'>(t));
		expect(2 * relativeU(courseTime(times, usualSkill))).toBeCloseTo(
			courseGoodTo(si(60), si(2), 3, usualSkill.stopwatch, usualSkill.steadyDriven),
			12
		);
	});
	it('asks for as many runs as it takes and no more', () => {
		const runs = neededRuns(0.02, si(60), si(2), 0.2, 0.015);
		expect(courseGoodTo(si(60), si(2), runs, 0.2, 0.015)).toBeLessThanOrEqual(0.02);
		expect(courseGoodTo(si(60), si(2), runs - 1, 0.2, 0.015)).toBeGreaterThan(0.02);
	});
});

describe('what the ground gets', () => {
	/** The slow, obvious one: each fan cut into a thousand drops. */
	const slow = (fans: { at: number; flow: number }[], reach: number, from: number, to: number, cells: number) => {
		const strips = new Array<number>(cells).fill(0);
		for (const { at, flow } of fans)
			for (let i = 0; i < 4000; i += 1) {
				const x = ((i + 0.5) / 4000) * 2 - 1;
				const cell = Math.floor(((at + x * reach - from) / (to - from)) * cells);
				if (cell >= 0 && cell < cells) strips[cell]! += flow * (1 - Math.abs(x)) * (2 / 4000);
			}
		return strips;
	};
	it('is what a drop-by-drop count gives', () => {
		const random = new Seeded(3);
		for (let i = 0; i < 20; i += 1) {
			const fans = Array.from({ length: random.whole(1, 8) }, (_, n) => ({
				at: (n + 0.5) * 0.5,
				flow: random.between(1, 2)
			}));
			const reach = random.between(0.2, 0.9);
			const got = groundStripe(fans, reach, 0, 4, 32);
			slow(fans, reach, 0, 4, 32).forEach((v, c) => expect(Math.abs(got[c]! - v)).toBeLessThan(0.01));
		}
	});
	it('loses nothing of what falls between its edges', () => {
		const fans = [1, 2, 3].map((at) => ({ at, flow: 5 }));
		const sum = groundStripe(fans, 0.7, -2, 6, 50).reduce((s, v) => s + v, 0);
		expect(sum).toBeCloseTo(15, 9);
	});
});

describe('shares by height', () => {
	it('sum to one whatever the arc', () => {
		fc.assert(
			fc.property(
				fc.array(fc.array(positive(0, 5), { minLength: 1, maxLength: 12 }), { minLength: 1, maxLength: 2 }),
				(sides) => {
					const shares = zoneShares(sides, 3);
					const sum = shares.reduce((s, v) => s + v, 0);
					return sides.flat().some((q) => q > 0) ? Math.abs(sum - 1) < 1e-9 : sum === 0;
				}
			)
		);
	});
	it('are the flows themselves where a nozzle lies in one zone', () => {
		expect(zoneShares([[1, 1, 2]], 3)).toEqual([0.25, 0.25, 0.5]);
		expect(zoneShares([], 3)).toEqual([0, 0, 0]);
	});
});

describe('people and ways side by side', () => {
	it('a person is off only by more than 5 % and the ±, on two goes or more', () => {
		const { members } = teamSpread([
			{ person: 'A', rate: 100, relativeU95: 0.02, goes: 2 },
			{ person: 'B', rate: 104, relativeU95: 0.02, goes: 3 },
			{ person: 'C', rate: 126, relativeU95: 0.3, goes: 2 },
			{ person: 'D', rate: 70, relativeU95: 0.03, goes: 2 },
			{ person: 'E', rate: 70, relativeU95: 0.03, goes: 1 }
		]);
		expect(members.map((m) => m.verdict)).toEqual(['cannot-tell', 'cannot-tell', 'cannot-tell', 'out', 'one-go']);
	});
	it('two ways are apart exactly where their joint ± says so', () => {
		const rate = (value: number, relative: number) => ({
			value: si<'volumePerArea'>(value),
			errors: [{ input: 'used', relative } as const]
		});
		expect(methodGap(rate(100, 0.02), rate(105, 0.02)).apart).toBe(false);
		expect(methodGap(rate(100, 0.02), rate(107, 0.02)).apart).toBe(true);
	});
});
