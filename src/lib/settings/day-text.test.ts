import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays } from '$core';
import { overwriteGetLocale } from '$words/runtime.js';
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
	it('is shown and read in Spanish too, and each language reads the other’s', () => {
		overwriteGetLocale(() => 'es');
		try {
			expect(dayText('2026-10-25')).toBe('25 oct 2026');
			for (let month = 1; month <= 12; month += 1) {
				const day = `2026-${`${month}`.padStart(2, '0')}-07`;
				expect(readDay(dayText(day))).toBe(day);
			}
			for (const text of ['25 de octubre de 2026', '25 Oct 2026', 'October 25, 2026'])
				expect(readDay(text)).toBe('2026-10-25');
		} finally {
			overwriteGetLocale(() => 'en');
		}
		expect(readDay('7 ene 2026')).toBe('2026-01-07');
	});
	it('is read in the ways that mean one day only', () => {
		for (const text of ['2026-10-25', '25 Oct 2026', '25 october 2026', 'Oct 25, 2026', '25. Oct 2026'])
			expect(readDay(text)).toBe('2026-10-25');
		for (const text of ['25/10/2026', '10/11/2026', '25 Okt', 'tomorrow', '']) expect(readDay(text)).toBeNull();
		expect(dayText('the 25th')).toBe('the 25th');
	});
});
