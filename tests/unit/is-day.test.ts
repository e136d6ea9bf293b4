import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { isDay } from '../../src/core';

describe('a day as it is typed', () => {
	it('is one of the calendar', () => {
		for (const day of ['2026-03-14', '2024-02-29', '2000-02-29', '2026-12-31']) expect(isDay(day), day).toBe(true);
		for (const text of [
			'',
			'14.3.2026',
			'2026-3-14',
			'2026-02-29',
			'1900-02-29',
			'2026-13-01',
			'2026-00-10',
			'2026-04-31',
			'2026-04-00',
			'0000-01-01'
		])
			expect(isDay(text), text).toBe(false);
	});
	it('agrees with the calendar of the machine', () => {
		fc.assert(
			fc.property(
				fc.integer({ min: 1, max: 9999 }),
				fc.integer({ min: 0, max: 14 }),
				fc.integer({ min: 0, max: 33 }),
				(y, m, d) => {
					const text = `${String(y).padStart(4, '0')}-${String(m).padStart(2, '0')}-${String(d).padStart(2, '0')}`;
					const at = new Date(`${text}T00:00:00Z`);
					return isDay(text) === (!Number.isNaN(at.getTime()) && at.toISOString().startsWith(text));
				}
			)
		);
	});
});
