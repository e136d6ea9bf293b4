import { describe, expect, it } from 'vitest';
import { Seeded } from '../../../tests/support/seeded';
import { wearTrend } from './wear-trend';

describe('the trend of wear', () => {
	it('names no day where nothing can be told', () => {
		expect(wearTrend([], 0.1, 0.01)).toBeNull();
		expect(wearTrend([{ day: 3, wear: 0.02 }], 0.1, 0.01)).toBeNull();
		expect(
			wearTrend(
				[
					{ day: 3, wear: 0.02 },
					{ day: 3, wear: 0.03 }
				],
				0.1,
				0.01
			)
		).toBeNull();
		const falling = wearTrend(
			[
				{ day: 0, wear: 0.04 },
				{ day: 90, wear: 0.02 }
			],
			0.1,
			0.01
		)!;
		expect(falling).toMatchObject({ crossing: null, earliest: null, latest: null });
		expect(() => wearTrend([], 0.1, 0)).toThrow('scatter');
	});

	it('is no surer than the jug: two points on a line by luck leave the end open', () => {
		const close = wearTrend(
			[
				{ day: 0, wear: 0.01 },
				{ day: 30, wear: 0.02 }
			],
			0.1,
			0.01
		)!;
		expect(close.crossing).toBeCloseTo(270, 6);
		expect(close.latest).toBeNull();
		expect(close.earliest!).toBeLessThan(close.crossing!);
		const far = wearTrend(
			[
				{ day: 0, wear: 0 },
				{ day: 700, wear: 0.09 }
			],
			0.1,
			0.005
		)!;
		expect(far.earliest!).toBeLessThan(far.crossing!);
		expect(far.latest!).toBeGreaterThan(far.crossing!);
	});

	it('has its bounds where the limit leaves the band of the line', () => {
		const points = [0, 60, 130, 200, 290].map((day, i) => ({
			day,
			wear: 0.01 + day * 2e-4 + (i % 2 ? 0.002 : -0.001)
		}));
		const trend = wearTrend(points, 0.1, 0.004)!;
		const mean = points.reduce((sum, p) => sum + p.day, 0) / points.length;
		const spread = points.reduce((sum, p) => sum + (p.day - mean) ** 2, 0);
		// The half-width of the band at both bounds is how far the line is from the limit there.
		const half = (day: number) =>
			Math.abs(trend.at(day) - 0.1) / Math.sqrt(1 / points.length + (day - mean) ** 2 / spread);
		expect(half(trend.earliest!)).toBeCloseTo(1.959963984540054 * 0.004, 9);
		expect(half(trend.latest!)).toBeCloseTo(1.959963984540054 * 0.004, 9);
	});

	it('holds the true day in about 95 of 100 simulated sets', () => {
		const random = new Seeded(20_261_125);
		const normal = () => Math.sqrt(-2 * Math.log(1 - random.next())) * Math.cos(2 * Math.PI * random.next());
		const truth = 0.09 / 2e-4;
		let inside = 0;
		const times = 2000;
		for (let k = 0; k < times; k += 1) {
			const points = [0, 90, 180, 270, 360].map((day) => ({ day, wear: 0.01 + day * 2e-4 + normal() * 0.01 }));
			const { earliest, latest } = wearTrend(points, 0.1, 0.01)!;
			if ((earliest ?? -Infinity) <= truth && truth <= (latest ?? Infinity)) inside += 1;
		}
		// The wider of t and the floor is taken, so it is on the safe side of 95.
		expect(inside / times).toBeGreaterThan(0.945);
	});
});
