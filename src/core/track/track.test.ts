import { si } from '../quantity/quantity';
import { describe, expect, it } from 'vitest';
import { Seeded } from '../../../tests/support/seeded';
import { median } from '../calibration/median';
import { groundDistance } from './ground-distance';
import type { SteadyPart } from './steady-part';
import { steadyPart } from './steady-part';
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
	it('finds the true speed through a receiver’s wander', () => {
		const random = new Seeded(5);
		let worst = 0;
		for (let run = 0; run < 40; run += 1) {
			const truth = random.between(1, 4);
			let [north, east] = [0, 0];
			const points = Array.from({ length: 300 }, (_, i): [number, number, number] => {
				north = north * 0.98 + random.normal(0, 0.02);
				east = east * 0.98 + random.normal(0, 0.02);
				return [i / 5, -30 + north / 110_852, -140 + (east + (truth * i) / 5) / 96_486];
			});
			worst = Math.max(worst, Math.abs(trackSpeed(points, 0, 60)! / truth - 1));
		}
		expect(worst).toBeLessThan(0.02);
	});
	it('needs three points, and passes over two at one moment', () => {
		expect(trackSpeed([[0, 0, 0]], 0, 10)).toBeNull();
		expect(
			trackSpeeds([
				[0, 0, 0],
				[0, 0, 0.001],
				[4, 0, 0.0001]
			]).every((s) => Number.isFinite(s.speed))
		).toBe(true);
	});
});
