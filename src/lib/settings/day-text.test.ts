import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays } from '$core';
import { dayText, readDay } from './day-text';

describe('a day', () => {
	it('is shown as people write it, and read back as the same day', () => {
		expect(dayText('2026-10-25')).toBe('25 Oct 2026');
		expect(dayText('2026-09-05')).toBe('5 Sep 2026');
		fc.assert(
			fc.property(fc.integer({ min: 0, max: 36_000 }), (n) => {
				const day = addDays('1990-01-01', n);
				expect(readDay(dayText(day))).toBe(day);
			})
		);
	});
	it('is read in the ways that mean one day only', () => {
		for (const text of ['2026-10-25', '25 Oct 2026', '25 october 2026', 'Oct 25, 2026', '25. Oct 2026'])
			expect(readDay(text)).toBe('2026-10-25');
		for (const text of ['25/10/2026', '10/11/2026', '25 Okt', 'tomorrow', '']) expect(readDay(text)).toBeNull();
		expect(dayText('the 25th')).toBe('the 25th');
	});
});
