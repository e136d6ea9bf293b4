import { describe, expect, it } from 'vitest';
import { afterSunrise, beforeSunset, inversionHours } from './inversion-hours';
import { sunTimes } from './sun-times';

describe('the hours in which cold air lies on the ground', () => {
	const place = { latitude: 47, longitude: 0 };
	// Noon of 20 March 2026, seconds since 1970.
	const noon = 1_774_008_000;
	const { rise, set } = sunTimes(noon, place);
	it('end 2 h after sunrise and begin 1.5 h before sunset, and last through the night', () => {
		expect([afterSunrise, beforeSunset]).toEqual([7200, 5400]);
		expect(inversionHours(rise! + 7199, place)).toBe(true);
		expect(inversionHours(rise! + 7201, place)).toBe(false);
		expect(inversionHours(set! - 5401, place)).toBe(false);
		expect(inversionHours(set! - 5399, place)).toBe(true);
		expect(inversionHours(set! + 60, place)).toBe(true);
		expect(inversionHours(set! + 4 * 3600, place)).toBe(true);
		expect(inversionHours(rise! - 60, place)).toBe(true);
	});
});
