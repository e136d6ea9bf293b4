import { si } from '../quantity/quantity';
import { describe, expect, it } from 'vitest';
import { boomSheet } from '../../../tests/support/boom-sheet';
import { calibrate } from './calibrate';
import type { Finding, FindingCode } from './findings';
import { evenReference } from './even-reference';
import type { CalibrationSheet } from './sheet';

function findings(sheet: CalibrationSheet): readonly Finding[] {
	const result = calibrate(sheet);
	if (!result.ok) throw new Error(JSON.stringify(result.issues));
	return result.value.findings;
}
const codes = (sheet: CalibrationSheet): FindingCode[] => findings(sheet).map((f) => f.code);
const even = [600, 602, 598, 601, 599, 600, 603, 597, 600];
const withNozzle = (place: number, amount: number) => even.map((c, i) => (i === place - 1 ? amount : c));

describe('the shape of all catches', () => {
	it('is silent on an even boom', () => {
		expect(findings(boomSheet({ catches: even }))).toEqual([]);
	});

	it('one low among even neighbours is a partial blockage', () => {
		expect(findings(boomSheet({ catches: withNozzle(4, 510) }))).toMatchObject([
			{ code: 'nozzle-low', nozzle: 4, neighbours: true }
		]);
	});

	it('does not let a blocked nozzle make good ones look bad', () => {
		const found = findings(boomSheet({ catches: withNozzle(4, 20) }));
		expect(found).toMatchObject([{ code: 'nozzle-blocked', nozzle: 4 }]);
		expect(evenReference([600, 600, 600, 20].map((v) => si<'flow'>(v)))).toBe(600);
	});

	it('one high is worn, cracked or the wrong size', () => {
		expect(findings(boomSheet({ catches: withNozzle(9, 700) }))).toMatchObject([{ code: 'nozzle-high', nozzle: 9 }]);
	});

	it('holds a limit as even, and what is past it as not', () => {
		// Five per cent from the reference exactly: 570 against 600.
		expect(codes(boomSheet({ catches: [600, 600, 600, 570] }))).not.toContain('nozzle-low');
		expect(codes(boomSheet({ catches: [600, 600, 600, 600, 600, 569] }))).toContain('nozzle-low');
	});

	it('a whole section low is its filter, valve or hose, and its nozzles are not told one by one', () => {
		const sheet = boomSheet({
			catches: [600, 601, 599, 600, 600, 602, 520, 522, 521],
			sections: [0, 0, 0, 1, 1, 1, 2, 2, 2]
		});
		const found = findings(sheet);
		expect(found).toMatchObject([{ code: 'section-low', section: 2, nozzles: [7, 8, 9] }]);
	});

	it('more than a third out of the band replaces the set', () => {
		expect(codes(boomSheet({ catches: [600, 600, 600, 540, 660, 530] }))).toContain('third-out');
		expect(codes(boomSheet({ catches: [600, 600, 600, 600, 660, 530] }))).not.toContain('third-out');
	});

	it('a whole set over or under rated speaks for itself, one nozzle does not', () => {
		const rated = { flow: 1.2e-3 / 60, at: 3e5, pressure: 3e5 };
		expect(codes(boomSheet({ catches: even.map((c) => c * 1.12), rated }))).toEqual(['set-over-rated']);
		expect(codes(boomSheet({ catches: even.map((c) => c * 0.88), rated }))).toEqual(['set-under-rated']);
		expect(codes(boomSheet({ catches: withNozzle(3, 700), rated }))).toEqual(['nozzle-high']);
	});
});

describe('what one cause explains', () => {
	const falling = (from: (i: number) => number) => Array.from({ length: 12 }, (_, i) => 600 * (1 - 0.012 * from(i)));
	it('catches that fall away from the feed are pressure lost along the boom, not twelve bad nozzles', () => {
		expect(findings(boomSheet({ catches: falling((i) => i) }))).toMatchObject([
			{ code: 'falling-from-feed', from: 'left' }
		]);
		expect(findings(boomSheet({ catches: falling((i) => 11 - i) }))).toMatchObject([
			{ code: 'falling-from-feed', from: 'right' }
		]);
		const middle = findings(boomSheet({ catches: falling((i) => 2 * Math.abs(i - 5.5)) }));
		expect(middle).toMatchObject([{ code: 'falling-from-feed', from: 'centre' }]);
	});
	it('a scatter is no fall, and neither is a fall within the even band', () => {
		const scatter = [600, 570, 630, 580, 620, 560, 640, 600, 575, 625, 590, 610];
		expect(codes(boomSheet({ catches: scatter }))).not.toContain('falling-from-feed');
		expect(codes(boomSheet({ catches: falling((i) => i / 4) }))).toEqual([]);
	});
	it('a blocked nozzle is still told on a falling line', () => {
		const catches = falling((i) => i).map((c, i) => (i === 4 ? 10 : c));
		expect(codes(boomSheet({ catches }))).toEqual(['falling-from-feed', 'nozzle-blocked']);
	});
	it('sides are compared only where both are caught whole', () => {
		const sheet = boomSheet({ catches: [600, 600, 660, 660] });
		const sides = ['left', 'left', 'right', 'right'] as const;
		const groups = ['a', 'b', 'a', 'b'];
		const two = { ...sheet, flow: { ...sheet.flow, sides, groups } };
		const apart = findings(two).find((f) => f.code === 'sides-apart');
		expect(apart?.code === 'sides-apart' && apart.share).toBeCloseTo(0.1, 9);
		const open = { ...two, flow: { ...two.flow, catches: [...two.flow.catches.slice(0, 3), null] } };
		expect(codes(open)).not.toContain('sides-apart');
	});
	it('a whole group over its own rated flow is told by its name', () => {
		const at = si<'pressure'>(3e5);
		const sheet = boomSheet({ catches: [400, 400, 720, 720] });
		const flow = {
			...sheet.flow,
			groups: ['02', '02', '03', '03'],
			pressure: at,
			ratings: { '02': { flow: si<'flow'>(0.8e-3 / 60), at }, '03': { flow: si<'flow'>(1.2e-3 / 60), at } }
		};
		expect(findings({ ...sheet, flow })).toMatchObject([{ code: 'set-over-rated', group: '03' }]);
	});
	it('a tester’s reading is a flow, whatever time the jugs are held', () => {
		const sheet = boomSheet({ catches: even });
		const flow = { ...sheet.flow, catches: even.map(() => [{ flow: si<'flow'>(1.2e-3 / 60) }]) };
		const result = calibrate({ ...sheet, flow });
		expect(result.ok && result.value.flow.value / even.length).toBeCloseTo(1.2e-3 / 60, 12);
		expect(result.ok && result.value.budget.catchTime).toBe(0);
	});
});

describe('a spread that is a mistake', () => {
	it('points out a run over 5 % from the others, and drops nothing', () => {
		const sheet = boomSheet({ times: [27, 27.2, 29.5], catches: even });
		expect(findings(sheet)).toMatchObject([{ code: 'run-apart', run: 3 }]);
		const result = calibrate(sheet);
		expect(result.ok && result.value.speed.value).toBeCloseTo(60 / ((27 + 27.2 + 29.5) / 3), 9);
	});

	it('says once that two runs disagree', () => {
		expect(codes(boomSheet({ times: [27, 29], catches: even }))).toEqual(['run-apart']);
	});

	it('points out a second catch over 5 % from the first', () => {
		const sheet = boomSheet({ catches: even });
		const catches = sheet.flow.catches.map((c, i) => (i === 2 ? [...c!, { volume: si<'volume'>(560e-6) }] : c));
		expect(findings({ ...sheet, flow: { ...sheet.flow, catches } })).toMatchObject([
			{ code: 'catch-apart', nozzle: 3 }
		]);
	});
});

describe('measuring too coarsely', () => {
	it('a 10 s catch is too coarse to judge 5 %, and 30 s would do', () => {
		const found = findings(boomSheet({ catchTime: 10, catches: even.map((c) => c / 3) }));
		expect(found).toMatchObject([{ code: 'catch-too-short', time: 10 }]);
		const [first] = found;
		expect(first?.code === 'catch-too-short' && first.good).toBeGreaterThan(0.06);
		const needed = first?.code === 'catch-too-short' ? first.needed : 0;
		expect(codes(boomSheet({ catchTime: needed, catches: even.map((c) => (c / 30) * needed) }))).toEqual([]);
	});

	it('flags a short course, a crawl and a race, and a lone nozzle that stands for a boom', () => {
		expect(codes(boomSheet({ course: 20, times: [9], catches: even }))).toEqual(['course-short']);
		expect(codes(boomSheet({ times: [60], catches: even }))).toEqual(['speed-unusual']);
		expect(codes(boomSheet({ times: [10], catches: even }))).toEqual(['speed-unusual']);
		expect(codes(boomSheet({ catches: [600], nozzles: 12 }))).toEqual(['sample-of-one']);
	});
});
