import { describe, expect, it } from 'vitest';
import { addDays, daysBetween, sprayedTime } from '../../src/core';
import { dayAt, dayStart, isZone, machineZone, timeAt } from '../../src/lib/settings/farm-time';
import { keepsOf, shownLeft } from '../../src/lib/show/keeps';
import { Seeded } from '../support/seeded';

const utcDay = (ms: number) => new Date(ms).toISOString().slice(0, 10);

describe('days of the calendar', () => {
	it('add up as the slow way says, over four centuries', () => {
		const random = new Seeded(7);
		for (let k = 0; k < 3000; k += 1) {
			const from = Date.UTC(
				1850 + Math.floor(random.next() * 350),
				Math.floor(random.next() * 12),
				1 + Math.floor(random.next() * 28)
			);
			const days = Math.floor((random.next() - 0.5) * 4000);
			const to = addDays(utcDay(from), days);
			expect(to).toBe(utcDay(from + days * 86_400_000));
			expect(daysBetween(utcDay(from), to)).toBe(days);
		}
		expect(() => addDays('2026-01-01', 0.5)).toThrow('days');
	});
});

describe('the farm’s own clock', () => {
	// Names without a place: 12 hours ahead of Greenwich, and one that changes its clocks.
	const ahead = 'Etc/GMT-12';
	const changing = 'CET';

	it('has its own day, whatever day it is elsewhere', () => {
		const at = Date.parse('2026-03-20T13:30:00Z');
		expect(dayAt('UTC', at)).toBe('2026-03-20');
		expect(dayAt(ahead, at)).toBe('2026-03-21');
		expect(timeAt({ timeZone: ahead }, at)).toBe('21 Mar 2026, 01:30');
		expect(dayStart(ahead, '2026-03-21')).toBe(Date.parse('2026-03-20T12:00:00Z'));
	});

	it('begins every day where it begins, also when the clocks change in it', () => {
		// The last Sunday of March has 23 hours there, that of October 25.
		const length = (day: string) => (dayStart(changing, addDays(day, 1)) - dayStart(changing, day)) / 3_600_000;
		expect([length('2026-03-28'), length('2026-03-29'), length('2026-10-25')]).toEqual([24, 23, 25]);
		for (let day = '2026-01-01'; day < '2027-01-01'; day = addDays(day, 1))
			for (const zone of ['UTC', ahead, changing]) {
				const start = dayStart(zone, day);
				expect([dayAt(zone, start), dayAt(zone, start - 1)]).toEqual([day, addDays(day, -1)]);
			}
	});

	it('knows which names are zones', () => {
		expect([isZone('UTC'), isZone(changing), isZone(machineZone()), isZone('Here'), isZone('')]).toEqual([
			true,
			true,
			true,
			false,
			false
		]);
	});
});

describe('time that was sprayed', () => {
	const acts = (...list: ['start' | 'pause' | 'go-on' | 'end', number][]) => list.map(([act, at]) => ({ act, at }));

	it('leaves out pauses, and stretches of a clock that jumped', () => {
		expect(sprayedTime(acts(['start', 0], ['pause', 100], ['go-on', 400], ['end', 500]))).toBe(200);
		// Back an hour in the first stretch, three days ahead in the second; the third is true.
		expect(
			sprayedTime(
				acts(
					['start', 7200],
					['pause', 3600],
					['go-on', 3600],
					['pause', 3600 + 3 * 86_400],
					['go-on', 0],
					['end', 600]
				)
			)
		).toBe(600);
		// Not ended yet, or ended without a start: nothing is known of it.
		expect(sprayedTime(acts(['start', 0]))).toBe(0);
		expect(sprayedTime(acts(['end', 90]))).toBe(0);
	});
});

describe('what keeps a block', () => {
	it('counts down in the words of a person', () => {
		expect([30, 600, 4000, 86_400, 90_000, 200_000].map(shownLeft)).toEqual([
			'1 min',
			'10 min',
			'1 h 5 min',
			'1 d 0 h',
			'1 d 1 h',
			'2 d 8 h'
		]);
	});

	it('leaves out an entry that has run off while the page stood open', () => {
		const state = {
			block: 'B',
			entry: { until: 1000, whole: 1200, product: 'P' },
			harvest: { day: '2026-04-10', days: 1, whole: 10, product: 'Q' },
			plantBack: [{ crop: 'Linseed', day: '2026-05-01', days: 21, whole: 28, product: 'P' }],
			notEntered: [{ product: 'R', what: ['entry', 'harvest'] as const }]
		};
		const clock = (s: number) => `at ${s}`;
		expect(keepsOf(state, 400, clock).map((k) => `${k.what} ${k.left} ${k.until}`)).toEqual([
			'Keep out 10 min until at 1000, by the label of P',
			'No harvest 1 day until 10 Apr 2026, by the label of Q',
			'No linseed sown 21 days until 1 May 2026, by the label of P',
			// An empty interval is not one of zero.
			'Re-entry interval, Pre-harvest interval Not entered read the label of R'
		]);
		expect(keepsOf(state, 400, clock).map((k) => k.run)).toEqual([0.5, 0.9, 0.25, null]);
		expect(keepsOf(state, 1000, clock).map((k) => k.kind)).toEqual(['harvest', 'plant-back', 'not-entered']);
	});
});
