import { describe, expect, it } from 'vitest';
import type { DueCode, DueReason } from '../../src/core';
import { calibrationDue } from '../../src/core';
import { defaultSettings } from '../../src/lib/settings/farm-settings';
import { dueReasonText, dueShort } from '../../src/lib/wording/due';
import { eventWords, sprayerEventKinds } from '../../src/lib/wording/events';

const reason = (code: DueCode, due: boolean, change: Partial<DueReason> = {}): DueReason => ({
	code,
	due,
	at: 45,
	limit: 50,
	day: '2026-03-01',
	what: '',
	...change
});
const words = (r: DueReason, settings = defaultSettings) => dueReasonText(r, settings);

describe('why a sprayer is due, in words', () => {
	it.each<[DueReason, string]>([
		[reason('never', true), 'Nothing was measured yet, so no tank can be dosed from it.'],
		[reason('event', true, { what: 'pump' }), 'Since it was calibrated: pump changed or repaired.'],
		[reason('event', true, { what: 'canopy' }), 'Since it was calibrated: crop height or canopy changed.'],
		[
			reason('operator', true, { what: 'B. Sample' }),
			'Sprayed by B. Sample, who has no calibration of it: pace and hand are part of the sprayer.'
		],
		[
			reason('operator', true, { what: 'B. Sample, C. Sample' }),
			'Sprayed by B. Sample, C. Sample, who have no calibration of it: pace and hand are part of the sprayer.'
		],
		[reason('season', true), 'A new season began on 1 Mar 2026.'],
		[reason('season', false), 'The next season begins on 1 Mar 2026.'],
		[reason('days', true, { limit: 365 }), 'Due by the calendar since 1 Mar 2026: over 365 days.'],
		[reason('days', false, { limit: 365 }), 'Due by the calendar on 1 Mar 2026.'],
		[reason('hours', true, { at: 51.26 }), '51.3 of 50 hours sprayed since.'],
		[reason('hours', false), '45 of 50 hours sprayed since, so soon.'],
		[reason('abrasive', true, { at: 20, limit: 20 }), '20 of 20 hours with abrasive products since.'],
		[reason('area', true, { at: 2_100_000, limit: 2_000_000 }), '210 of 200 ha sprayed since.']
	])('%j', (r, text) => {
		expect(words(r)).toBe(text);
	});

	it('has the farm’s own units and decimal sign', () => {
		const acres = { ...defaultSettings, rateUnit: 'US gal/ac' as const };
		expect(words(reason('area', false, { at: 404_686, limit: 485_623 }), acres)).toBe(
			'100 of 120 ac sprayed since, so soon.'
		);
		expect(words(reason('hours', true, { at: 51.26 }), { ...defaultSettings, decimalComma: true })).toBe(
			'51,3 of 50 hours sprayed since.'
		);
	});

	it('has words for every event that puts a calibration in doubt', () => {
		for (const kind of [...sprayerEventKinds, 'drift' as const]) {
			expect(eventWords[kind].name.length).toBeGreaterThan(3);
			expect(words(reason('event', true, { what: kind }))).toMatch(/^Since it was calibrated: .+\.$/);
		}
	});

	it('is short on a card', () => {
		const rules = { seasonStart: null, days: 100, hours: 50, area: null, abrasiveHours: null };
		const at = (hours: number, today: string) =>
			dueShort(
				calibrationDue(
					{ signed: '2026-03-10', event: null, hours, area: 0, abrasiveHours: 0, others: [] },
					rules,
					today
				)
			);
		expect(at(0, '2026-04-01')).toBe('due 18 Jun 2026');
		expect(at(41, '2026-04-01')).toBe('due soon');
		expect(at(50, '2026-04-01')).toBe('calibrate again');
		const none = { ...rules, days: null };
		const since = { signed: '2026-03-10', event: null, hours: 0, area: 0, abrasiveHours: 0, others: [] };
		expect(dueShort(calibrationDue(since, none, '2026-04-01'))).toBe('good');
	});
});
