import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Boundary, Position, Ring } from '$core';
import { checkBoundary, ringCrossing } from '$core';
import { boundaryArea, distance, ringArea, ringLength } from './geodesic';

const ring = (...corners: Position[]): Ring => [...corners, corners[0]!];
const near = (got: number, wanted: number, share = 1e-4) => Math.abs(got / wanted - 1) <= share;

describe('lengths and areas on WGS 84', () => {
	// Published solutions: the quarter meridian, a degree of the equator, and the whole ellipsoid as eight triangles.
	it('are those of published cases to 0.01 % and better', () => {
		expect(near(distance([0, 0], [0, 90]), 10001965.7293, 1e-9)).toBe(true);
		expect(near(distance([0, 0], [1, 0]), 111319.4908, 1e-9)).toBe(true);
		const octant = ring([0, 0], [90, 0], [0, 90]);
		expect(near(ringArea(octant) * 8, 510065621724088.4, 1e-9)).toBe(true);
		const degree = ring([0, 0], [1, 0], [1, 1], [0, 1]);
		expect(near(ringArea(degree), 12308778361.469, 1e-9)).toBe(true);
		expect(near(ringLength(degree), 443770.917, 1e-8)).toBe(true);
	});

	it('are a small field’s own: metres by the radii of curvature there', () => {
		fc.assert(
			fc.property(
				fc.double({ min: -60, max: 60, noNaN: true }),
				fc.double({ min: -170, max: 170, noNaN: true }),
				(latitude, longitude) => {
					// The slow obvious way for a field of some hundred metres: the ellipsoid's radii along and across the meridian.
					const [a, f] = [6378137, 1 / 298.257223563];
					const e2 = f * (2 - f);
					const d = 0.002;
					const middle = ((latitude + d / 2) * Math.PI) / 180;
					const w = Math.sqrt(1 - e2 * Math.sin(middle) ** 2);
					const along = ((d * Math.PI) / 180) * ((a * (1 - e2)) / w ** 3);
					const across = ((d * Math.PI) / 180) * (a / w) * Math.cos(middle);
					const field = ring(
						[longitude, latitude],
						[longitude + d, latitude],
						[longitude + d, latitude + d],
						[longitude, latitude + d]
					);
					return near(ringArea(field), along * across);
				}
			),
			{ numRuns: 300 }
		);
	});

	it('do not care where a ring begins or which way it goes, and holes come off', () => {
		const corners: Position[] = [
			[8.1, 50],
			[8.102, 50.0005],
			[8.103, 50.002],
			[8.101, 50.003]
		];
		const area = ringArea(ring(...corners));
		for (let i = 1; i < 4; i += 1) {
			const turned = [...corners.slice(i), ...corners.slice(0, i)];
			expect(near(ringArea(ring(...turned)), area, 1e-9)).toBe(true);
			expect(near(ringArea(ring(...turned.reverse())), area, 1e-9)).toBe(true);
		}
		const hole = ring([8.1015, 50.001], [8.102, 50.001], [8.102, 50.0015]);
		expect(near(boundaryArea([[ring(...corners), hole]]), area - ringArea(hole), 1e-9)).toBe(true);
		expect(boundaryArea([[ring(...corners)], [hole]])).toBeCloseTo(area + ringArea(hole), 6);
	});
});

describe('a boundary that is wrong', () => {
	const square = ring([0, 0], [2, 0], [2, 2], [0, 2]);
	const codes = (b: Boundary) => checkBoundary(b).map((i) => `${i.code} ${i.text}`);
	it('is told with where', () => {
		expect(codes([[square]])).toEqual([]);
		expect(codes([[ring([0, 0], [2, 2], [2, 0], [0, 2])]])).toEqual(['ring-crosses 1.000000, 1.000000']);
		expect(
			codes([
				[
					[
						[0, 0],
						[2, 0],
						[2, 2]
					]
				]
			])
		).toEqual(['ring-open 2.000000, 2.000000']);
		expect(codes([[ring([0, 0], [1, 0])]])).toEqual(['ring-short 2']);
		expect(codes([[[]]])).toEqual(['ring-short 0']);
		expect(codes([])).toEqual(['ring-short 0']);
		expect(codes([[ring([47.1, 108.5], [47.2, 108.5], [47.2, 108.6])]])).toEqual(['not-degrees 47.1, 108.5']);
		expect(codes([[Array.from({ length: 5001 }, (_, i): Position => [i / 1e4, 0])]])).toEqual([
			'too-large 5001 positions'
		]);
		// A spike that runs back on itself.
		expect(codes([[ring([0, 0], [4, 0], [2, 0], [2, 2])]])[0]).toMatch(/^ring-crosses/);
	});

	it('is found as comparing every side with every other finds it', () => {
		const cross = (a: Position, b: Position, c: Position, d: Position) => {
			const t = (p: Position, q: Position, r: Position) =>
				Math.sign((q[0] - p[0]) * (r[1] - p[1]) - (q[1] - p[1]) * (r[0] - p[0]));
			return t(a, b, c) * t(a, b, d) < 0 && t(c, d, a) * t(c, d, b) < 0;
		};
		const slow = (r: Ring) => {
			for (let i = 0; i < r.length - 1; i += 1)
				for (let j = i + 1; j < r.length - 1; j += 1) if (cross(r[i]!, r[i + 1]!, r[j]!, r[j + 1]!)) return true;
			return false;
		};
		// Positions that do not repeat and lie on no line: then crossing is all that can be wrong.
		const corners = fc.uniqueArray(fc.integer({ min: 0, max: 400 }), { minLength: 3, maxLength: 12 });
		fc.assert(
			fc.property(corners, fc.integer({ min: 1, max: 9999 }), (xs, seed) => {
				const r = ring(
					...xs.map((x, i): Position => [
						x + Math.sin(seed * (i + 1)) / 7,
						((seed * (i + 3) * 37) % 389) + Math.cos(seed + i) / 5
					])
				);
				return (ringCrossing(r) !== null) === slow(r);
			}),
			{ numRuns: 2000 }
		);
	});
});
