import fc from 'fast-check';
import { expect, it } from 'vitest';
import { daysBetween } from '../../src/core';

it('days between two days are the same as a clock that knows no summer time counts them', () => {
	const day = fc.integer({ min: -20_000, max: 60_000 });
	const iso = (n: number) => new Date(n * 86_400_000).toISOString().slice(0, 10);
	fc.assert(
		fc.property(day, day, (a, b) => daysBetween(iso(a), iso(b)) === b - a),
		{ numRuns: 3000 }
	);
	expect(daysBetween('2026-03-28', '2026-03-30')).toBe(2);
});
