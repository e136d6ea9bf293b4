import { describe, expect, it } from 'vitest';
import { usualSkill } from '../measurement/defaults';
import { relativeU } from '../measurement/relative-u';
import { sampleDeviation } from '../measurement/sample-deviation';
import { studentT95 } from '../measurement/student-t95';
import { si } from '../quantity/quantity';
import { diagnoseFlow } from './diagnose-flow';
import { findRunsApart, findShortCatch } from './findings';
import { nozzleFlow } from './nozzle-flow';
import type { FlowReading } from './sheet';

const ml = (v: number) => ({ volume: si<'volume'>(v * 1e-6) });
const time = si<'time'>(30);
const reading = (
	catches: readonly (number | null | readonly number[])[],
	more: Partial<FlowReading> = {}
): FlowReading => ({
	catches: catches.map((c) => (c === null ? null : typeof c === 'number' ? [ml(c)] : c.map(ml))),
	...more
});
const flow = (...args: Parameters<typeof reading>) => nozzleFlow(reading(...args), time, usualSkill);
const lmin = (v: number) => si<'flow'>(v / 60_000);
const bar = (v: number) => si<'pressure'>(v * 1e5);
const term = (f: ReturnType<typeof flow>, input: string) => f.volume.errors.find((e) => e.input === input)!.relative;

describe('how sure the flow of a set is', () => {
	const timing = usualSkill.jugMove / 30;
	const mark = usualSkill.jugMarks / Math.sqrt(12);

	it('of one catch is its timing and its mark', () => {
		const one = flow([600]);
		expect(term(one, 'catchTime')).toBeCloseTo(timing, 12);
		expect(term(one, 'catchVolume')).toBeCloseTo(mark / 600e-6, 12);
	});
	it('of repeats that agree falls with their root, timing and mark alike', () => {
		const three = flow([[600, 600, 600]]);
		expect(term(three, 'catchTime')).toBeCloseTo(timing / Math.sqrt(3), 12);
		expect(term(three, 'catchVolume')).toBeCloseTo(mark / 600e-6 / Math.sqrt(3), 12);
	});
	it('of repeats that scatter is their scatter, shared between timing and mark as of one reading', () => {
		const apart = [560, 600, 640];
		const made = flow([apart]);
		const whole = sampleDeviation(apart.map((v) => v * 1e-6)) / 600e-6 / Math.sqrt(3);
		expect(relativeU(made.volume)).toBeCloseTo(whole, 12);
		expect(term(made, 'catchTime') / term(made, 'catchVolume')).toBeCloseTo(timing / (mark / 600e-6), 9);
	});
	it('of a sample has what the others may differ by, with the t of so few, in what was read and not in the timing', () => {
		const caught = [590, 600, 610];
		const made = flow(caught, { nozzles: 24 });
		const s = sampleDeviation(caught.map((v) => v * 1e-6));
		const unseen = (24 * s * studentT95(2)) / 2 / Math.sqrt(3);
		const marks = (24 * mark) / Math.sqrt(3);
		expect(term(made, 'catchVolume')).toBeCloseTo(Math.hypot(unseen, marks) / (24 * 600e-6), 9);
		expect(term(made, 'catchTime')).toBeCloseTo(
			((timing / Math.sqrt(3)) * Math.sqrt((590 ** 2 + 600 ** 2 + 610 ** 2) / 3)) / 600,
			9
		);
	});
	it('of jugs begun and ended together shares one timing', () => {
		expect(term(flow([600, 600, 600, 600], { catching: 'together' }), 'catchTime')).toBeCloseTo(timing, 12);
		expect(term(flow([600, 600, 600, 600]), 'catchTime')).toBeCloseTo(timing / 2, 12);
	});
});

describe('a rated flow', () => {
	it('of a nozzle’s own group stands before that of the set', () => {
		const made = nozzleFlow(
			reading([600, 600, 1200], {
				groups: ['a', 'a', 'b'],
				rated: { flow: lmin(1.2), at: bar(3) },
				ratings: { b: { flow: lmin(2), at: bar(3) } },
				pressure: bar(3)
			}),
			time,
			usualSkill
		);
		// 600 ml in 30 s is 1.2 L/min; 1,200 ml is 2.4 L/min, a fifth over its own group's 2.0.
		expect(made.nozzles.map((n) => Number(n.fromRated!.toFixed(9)))).toEqual([0, 0, 0.2]);
	});
});

describe('a catch whose ± is wider than the band', () => {
	const few = (catches: readonly number[], more: Partial<FlowReading> = {}) =>
		nozzleFlow(reading(catches, more), si<'time'>(4), usualSkill).nozzles.map((n) => n.verdict);
	it('cannot tell, unless the gap is larger than both together', () => {
		// 0.3 s of 4 s is ± 15 %.
		expect(few([100, 100, 92, 100, 100, 70])).toEqual([
			'cannot tell',
			'cannot tell',
			'cannot tell',
			'cannot tell',
			'cannot tell',
			'low'
		]);
	});
	it('still finds what is blocked, and nothing is low or high that cannot be told', () => {
		const made = nozzleFlow(reading([100, 100, 92, 100, 4, 108]), si<'time'>(4), usualSkill);
		expect(made.nozzles[4]!.verdict).toBe('blocked');
		expect(diagnoseFlow(made).map((f) => f.code)).toEqual(['nozzle-blocked']);
	});
	it('is told between jugs that shared one timing, since only the marks stand between them', () => {
		expect(few([1000, 1000, 920, 1000], { catching: 'together' })).toEqual(['even', 'even', 'low', 'even']);
	});
	it('tells more when it is caught again', () => {
		const once = nozzleFlow(reading([600, 600, 555, 600]), si<'time'>(10), usualSkill).nozzles[2]!.verdict;
		const twice = nozzleFlow(reading([600, 600, [555, 555, 555], 600]), si<'time'>(10), usualSkill).nozzles[2]!.verdict;
		expect([once, twice]).toEqual(['cannot tell', 'low']);
	});
});

describe('several nozzles in one bucket', () => {
	const bucket = (places: readonly number[], amount: number) => ({ places, amount: ml(amount) });
	it('count with all that they gave, and none of them is judged', () => {
		const made = flow([600, null, null, 605], { together: [bucket([1, 2], 1180)] });
		expect(made.volume.value * 1e6).toBeCloseTo(600 + 605 + 1180, 9);
		expect(made.nozzles.map((n) => n.verdict)).toEqual(['even', 'together', 'together', 'even']);
		expect(made.nozzles[1]).toMatchObject({ flow: null, fromAverage: null, off: null, catches: [] });
		expect([made.caught, made.count]).toEqual([4, 4]);
		expect(diagnoseFlow(made)).toEqual([]);
	});
	it('share one timing error and one reading of the marks', () => {
		const made = flow([null, null, null], { together: [bucket([0, 1, 2], 1800)] });
		expect(term(made, 'catchTime')).toBeCloseTo(usualSkill.jugMove / 30, 12);
		expect(term(made, 'catchVolume')).toBeCloseTo(usualSkill.jugMarks / Math.sqrt(12) / 1.8e-3, 12);
	});
	it('are read as finely as the vessel is marked', () => {
		const coarse = { ...bucket([0, 1], 12000), graduation: si<'volume'>(1e-3) };
		expect(term(flow([null, null], { together: [coarse] }), 'catchVolume')).toBeCloseTo(
			1e-3 / Math.sqrt(12) / 0.012,
			12
		);
	});
	it('speak for those that nobody caught, with what is usual between nozzles in the ±', () => {
		const made = flow([null, null, null, null], { together: [bucket([0, 1], 1200)] });
		expect(made.volume.value * 1e6).toBeCloseTo(2400, 9);
		expect(term(made, 'catchVolume')).toBeGreaterThanOrEqual(usualSkill.unseenSpread / 2);
		expect(made.caught).toBe(2);
	});
	it('say nothing of how those that were caught alone scatter', () => {
		const alone = flow([600, 590, null], { nozzles: 3 });
		const beside = flow([600, 590, null, null, null], { together: [bucket([3, 4], 500)] });
		expect(beside.references).toEqual(alone.references);
		expect(beside.volume.value).toBeCloseTo(alone.volume.value + 5e-4, 12);
	});
	it('weigh as well as they measure', () => {
		const made = flow([null, null], { together: [{ places: [0, 1], amount: { mass: si<'mass'>(1.2) } }] });
		expect(made.volume.value).toBeCloseTo(1.2 / 998.2, 9);
	});
});

describe('the rules of the shape', () => {
	const fall = (n: number, step = 0.015) => Array.from({ length: n }, (_, i) => 600 * (1 - step * i));
	const codes = (...args: Parameters<typeof reading>) => diagnoseFlow(flow(...args)).map((f) => f.code);
	it('six catches tell a line that falls from the feed, five do not', () => {
		expect(codes(fall(6, 0.02))).toContain('falling-from-feed');
		expect(codes(fall(5, 0.025))).not.toContain('falling-from-feed');
	});
	it('of two lines that fit the tighter one is told', () => {
		const found = diagnoseFlow(flow(fall(8, 0.02)));
		expect(found.find((f) => f.code === 'falling-from-feed')).toMatchObject({ from: 'left' });
		const other = diagnoseFlow(flow(fall(8, 0.02).reverse()));
		expect(other.find((f) => f.code === 'falling-from-feed')).toMatchObject({ from: 'right' });
	});
	it('two nozzles of a group off their rating speak for it, one does not', () => {
		const rated = { rated: { flow: lmin(1), at: bar(3) }, pressure: bar(3) };
		expect(codes([600, 600], rated)).toContain('set-over-rated');
		expect(codes([600], rated)).not.toContain('set-over-rated');
	});
});

describe('what is pointed out', () => {
	it('the second of two runs is the one that is apart', () => {
		expect(findRunsApart([30, 33].map((v) => si<'time'>(v)))).toEqual([
			{ code: 'run-apart', run: 2, share: expect.closeTo(0.1, 12) as unknown }
		]);
		expect(findRunsApart([33, 30, 30].map((v) => si<'time'>(v)))).toMatchObject([{ run: 1 }]);
	});
	it('the catch that is needed is told in whole fives of seconds, and is enough', () => {
		const short = nozzleFlow(reading([100, 100]), si<'time'>(5), usualSkill);
		const mark = usualSkill.jugMarks / Math.sqrt(12);
		const [found] = findShortCatch(short, usualSkill.jugMove, mark);
		expect(found).toMatchObject({ code: 'catch-too-short', time: 5, needed: 15 });
		const long = nozzleFlow(reading([300, 300]), si<'time'>(15), usualSkill);
		expect(findShortCatch(long, usualSkill.jugMove, mark)).toEqual([]);
	});
});
