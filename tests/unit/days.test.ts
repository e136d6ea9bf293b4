import fc from 'fast-check';
import { expect, it } from 'vitest';
import { daysBetween } from '../../src/core';
import { goodStretches } from '../../src/lib/shown/day-strip';
import { Seeded } from '../support/seeded';

it('days between two days are the same as a clock that knows no summer time counts them', () => {
	const day = fc.integer({ min: -20_000, max: 60_000 });
	const iso = (n: number) => new Date(n * 86_400_000).toISOString().slice(0, 10);
	fc.assert(
		fc.property(day, day, (a, b) => daysBetween(iso(a), iso(b)) === b - a),
		{ numRuns: 3000 }
	);
	expect(daysBetween('2026-03-28', '2026-03-30')).toBe(2);
});

it('stretches of a day in which every rule holds are what the slow way says, from now on', () => {
	const hour = 3_600_000;
	const random = new Seeded(11);
	const begin = Date.parse('2026-03-20T00:00:00Z');
	for (let k = 0; k < 300; k += 1) {
		const hours = Array.from({ length: 24 }, (_, h) =>
			random.next() < 0.1
				? null
				: { at: begin + h * hour, state: random.next() < 0.6 ? ('good' as const) : ('look' as const) }
		);
		const now = begin + Math.floor(random.next() * 24 * 60) * 60_000;
		const stretches = goodStretches({ day: '2026-03-20', hours }, now);
		for (let minute = 0; minute < 24 * 60; minute += 7) {
			const at = begin + minute * 60_000;
			const good = at >= now && hours[Math.floor(minute / 60)]?.state === 'good';
			expect(stretches.some((s) => s.from <= at && at < s.to)).toBe(good);
		}
		// One that ends where the next begins would be one.
		for (let i = 1; i < stretches.length; i += 1) expect(stretches[i]!.from).toBeGreaterThan(stretches[i - 1]!.to);
	}
});
