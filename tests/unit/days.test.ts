import fc from 'fast-check';
import { expect, it } from 'vitest';
import { daysBetween } from '../../src/core';
import { dayStretches, goodStretches } from '../../src/lib/show/day-strip';
import { clockWords, spanAt } from '../../src/lib/settings/farm-time';
import { nearDay, weekdayText } from '../../src/lib/settings/near-day';
import { clockOf } from '../../src/lib/job/run/run-facts';
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

it('stretches of days in which the work fits are what the slow way says, from now on', () => {
	const hour = 3_600_000;
	const random = new Seeded(11);
	const begin = Date.parse('2026-03-20T00:00:00Z');
	const part = (at: number, to: number) => ({ at, to, state: 'good' as const, fits: random.next() < 0.6, rule: null });
	for (let k = 0; k < 300; k += 1) {
		// Two days of hours, some of them unknown, some of them cut in two where the hours of the night begin.
		const hours = Array.from({ length: 48 }, (_, h) => {
			const [at, to] = [begin + h * hour, begin + (h + 1) * hour];
			const cut = at + Math.floor(random.next() * 59 + 1) * 60_000;
			if (random.next() < 0.1) return null;
			const parts = random.next() < 0.2 ? [part(at, cut), part(cut, to)] : [part(at, to)];
			return { at, state: 'good' as const, parts };
		});
		const strips = [0, 24].map((h) => ({ day: `2026-03-${20 + h / 24}`, hours: hours.slice(h, h + 24) }));
		const now = begin + Math.floor(random.next() * 48 * 60) * 60_000;
		const stretches = goodStretches(strips, now);
		for (let minute = 0; minute < 48 * 60; minute += 7) {
			const at = begin + minute * 60_000;
			const fits = hours[Math.floor(minute / 60)]?.parts.find((p) => p.at <= at && at < p.to)?.fits ?? false;
			expect(stretches.some((s) => s.from <= at && at < s.to)).toBe(at >= now && fits);
		}
		// A day as a line says at each moment what its hour says, in stretches that differ from their neighbours.
		const line = dayStretches(strips[0]!, 5, 21);
		for (let minute = 5 * 60; minute < 21 * 60; minute += 7) {
			const at = begin + minute * 60_000;
			const there = hours[Math.floor(minute / 60)]?.parts.find((p) => p.at <= at && at < p.to);
			const said = line.find((s) => s.from <= at && at < s.to);
			expect(said?.state).toBe(there && (there.fits ? 'fits' : there.state));
		}
		for (let i = 1; i < line.length; i += 1)
			if (line[i]!.from === line[i - 1]!.to) expect(line[i]!.state).not.toBe(line[i - 1]!.state);
		// One that ends where the next begins would be one.
		for (let i = 1; i < stretches.length; i += 1) expect(stretches[i]!.from).toBeGreaterThan(stretches[i - 1]!.to);
	}
});

it('a stretch over midnight says on which day it ends, by the farm’s clock', () => {
	const from = Date.parse('2026-03-20T23:45:00Z');
	const to = Date.parse('2026-03-21T21:45:00Z');
	expect(spanAt({ timeZone: 'UTC' }, from, to)).toBe('23:45 to 21 Mar 2026, 21:45');
	expect(spanAt({ timeZone: 'Pacific/Auckland' }, from, to)).toBe('12:45 to 22 Mar 2026, 10:45');
	expect(spanAt({ timeZone: 'UTC' }, from, from + 600_000)).toBe('23:45 to 23:55');
	expect(clockOf('2026-03-20T23:45:00Z', { timeZone: 'Pacific/Auckland' })).toBe('12:45');
	const twelve = { timeZone: 'UTC', hour12: true };
	expect(spanAt(twelve, from, to)).toBe('11:45 pm to 21 Mar 2026, 9:45 pm');
	expect(spanAt(twelve, from, from + 600_000)).toBe('11:45 pm to 11:55 pm');
});

it('a time is written with 24 hours or with 12, midnight and noon too', () => {
	const times = ['00:00', '00:05', '11:59', '12:00', '12:30', '23:59'];
	expect(times.map((t) => clockWords(t, { hour12: true }))).toEqual([
		'12:00 am',
		'12:05 am',
		'11:59 am',
		'12:00 pm',
		'12:30 pm',
		'11:59 pm'
	]);
	expect(times.map((t) => clockWords(t, {}))).toEqual(times);
	expect(clockWords('about noon', { hour12: true })).toBe('about noon');
});

it('a day near another is told as people say it, in their language', () => {
	const near = (day: string) => nearDay(day, '2026-11-29');
	expect(near('2026-11-28')).toBe('yesterday');
	expect(near('2026-11-29')).toBe('today');
	expect(near('2026-11-30')).toBe('tomorrow');
	expect(near('2026-12-05')).toBe('Saturday');
	expect(near('2026-12-06')).toBe('6 Dec 2026');
	expect(near('2026-11-27')).toBe('27 Nov 2026');
	// Over the end of a summer time and of a year.
	expect(nearDay('2026-10-26', '2026-10-25')).toBe('tomorrow');
	expect(nearDay('2027-01-01', '2026-12-31')).toBe('tomorrow');
	expect(weekdayText('2026-11-30', 'en')).toBe('Mon 30');
	expect(weekdayText('2026-11-30', 'es')).toBe('lun 30');
});
