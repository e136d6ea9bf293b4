import { si } from '../quantity/quantity';
import { describe, expect, it } from 'vitest';
import { Seeded } from '../../../tests/support/seeded';
import { median } from '../calibration/median';
import { groundDistance } from './ground-distance';
import type { SteadyPart } from './steady-part';
import { steadyPart } from './steady-part';
import type { TrackPoint } from '../calibration-log/entries';
import { simulatedTrack } from '../../../tests/support/tracks';
import { trackSpeed } from './track-speed';
import type { SpeedAt } from './track-speeds';
import { trackSpeeds } from './track-speeds';

describe('distance on the ground', () => {
	it('is that of the ellipsoid', () => {
		// A degree of latitude around 45°, and a degree of longitude on the equator, from the ellipsoid's own definition.
		expect(groundDistance([44.5, 0], [45.5, 0])).toBeCloseTo(111_131.7, 0);
		expect(groundDistance([0, 20], [0, 21])).toBeCloseTo(111_319.49, 1);
		expect(groundDistance([60, 10], [60, 10.01])).toBeCloseTo(558, 0);
	});
	it('does not mind the line where the date changes', () => {
		expect(groundDistance([-17, 179.9999], [-17, -179.9999])).toBeCloseTo(groundDistance([-17, 0], [-17, 0.0002]), 6);
	});
});

/** The slow, obvious one: every window, tried whole. */
function slowSteady(speeds: readonly SpeedAt[]): SteadyPart | null {
	let best: { from: number; to: number; n: number } | null = null;
	for (let a = 0; a < speeds.length; a += 1)
		for (let b = a + 4; b < speeds.length; b += 1) {
			const part = speeds.slice(a, b + 1).map((s) => s.speed as number);
			const m = median(part);
			const steady = part.every((v) => v >= 0.3 && v >= m * 0.9 && v <= m * 1.1);
			if (!steady || speeds[b]!.at - speeds[a]!.at < 10) continue;
			if (!best || part.length > best.n) best = { from: speeds[a]!.at, to: speeds[b]!.at, n: part.length };
		}
	return best && { from: best.from, to: best.to };
}

describe('the steady part of a track', () => {
	it('is the one that trying every window finds', () => {
		const random = new Seeded(11);
		for (let i = 0; i < 150; i += 1) {
			let speed = random.between(0, 3);
			const speeds = Array.from({ length: random.whole(3, 45) }, (_, at): SpeedAt => {
				if (random.next() < 0.12) speed = random.between(0, 3);
				return { at: at * 2, speed: si(speed * (1 + random.normal(0, 0.03))) };
			});
			expect(steadyPart(speeds)).toEqual(slowSteady(speeds));
		}
	});
	it('is none where nothing was driven', () => {
		expect(steadyPart([])).toBeNull();
		expect(steadyPart(Array.from({ length: 30 }, (_, at) => ({ at, speed: si(0.1) })))).toBeNull();
	});
});

describe('speed from a track', () => {
	/** How often the ± holds the truth, how many tracks have no steady part, and how wide the ± is in the middle. */
	const tried = (tracks: number, seed: number, own: 'none' | 'speeds') => {
		const random = new Seeded(seed);
		let [inside, none] = [0, 0];
		const wide: number[] = [];
		for (let i = 0; i < tracks; i += 1) {
			const { truth, points } = simulatedTrack(random, own);
			const part = steadyPart(trackSpeeds(points));
			const speed = part && trackSpeed(points, part.from, part.to);
			if (!speed) {
				none += 1;
				continue;
			}
			wide.push(2 * speed.relative);
			if (Math.abs(speed.value / truth - 1) <= 2 * speed.relative) inside += 1;
		}
		return { holds: inside / (tracks - none), none, wide: median(wide) };
	};
	it('has a ± of its own that holds the truth, and finds a steady part in all but a few', () => {
		const { holds, none, wide } = tried(300, 41, 'none');
		expect(holds).toBeGreaterThan(0.94);
		expect(holds).toBeLessThan(0.99);
		expect(none).toBeLessThanOrEqual(2);
		expect(wide).toBeLessThan(0.01);
	});
	it('goes by the receiver’s own speed where it sends it', () => {
		const { holds, none } = tried(300, 42, 'speeds');
		expect(holds).toBeGreaterThan(0.94);
		expect(none).toBe(0);
	});
	it('walked at 1.1 m/s through a wander of 0.3 m has a steady part, and is within its ±', () => {
		const random = new Seeded(5);
		for (let run = 0; run < 40; run += 1) {
			const points = Array.from({ length: 120 }, (_, i): [number, number, number] => [
				i,
				-30 + random.normal(0, 0.3) / 110_852,
				-140 + (random.normal(0, 0.3) + 1.1 * i) / 96_486
			]);
			const part = steadyPart(trackSpeeds(points))!;
			const speed = trackSpeed(points, part.from, part.to)!;
			expect(Math.abs(speed.value / 1.1 - 1)).toBeLessThan(0.01);
		}
	});
	it('is that of the way along a bend and round a corner, not of the straight line between its ends', () => {
		const drive = (turn: (i: number) => number) => {
			let [x, y, heading] = [0, 0, 0];
			return Array.from({ length: 90 }, (_, i): TrackPoint => {
				heading += turn(i);
				x += 2 * Math.cos(heading);
				y += 2 * Math.sin(heading);
				return [i, -30 + y / 110_852, -140 + x / 96_486];
			});
		};
		// 2 m/s: an arc of 100 m radius, half a circle long; and a corner of 90° within three seconds.
		for (const points of [drive(() => 0.02), drive((i) => (i > 40 && i <= 43 ? Math.PI / 6 : 0))]) {
			const { value, relative } = trackSpeed(points, 0, 89)!;
			expect(Math.abs(value / 2 - 1)).toBeLessThan(0.01);
			expect(Math.abs(value / 2 - 1)).toBeLessThan(2 * relative + 0.002);
		}
	});
	it('needs three points that moved, and passes over two at one moment', () => {
		expect(trackSpeed([[0, 0, 0]], 0, 10)).toBeNull();
		const still = [0, 1, 2, 3].map((at): [number, number, number] => [at, 1, 2]);
		expect(trackSpeed(still, 0, 3)).toBeNull();
		expect(
			trackSpeeds([
				[0, 0, 0],
				[0, 0, 0.001],
				[4, 0, 0.0001]
			]).every((s) => Number.isFinite(s.speed))
		).toBe(true);
	});
	it('is no surer than the last digit of the receiver’s own speed', () => {
		const points = Array.from({ length: 60 }, (_, i): TrackPoint => [i, 0, i / 100_000, i % 2 ? 1.1 : 1.15]);
		expect(trackSpeed(points, 0, 59)!.relative).toBeGreaterThan(0.01);
	});
});
