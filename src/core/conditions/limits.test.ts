import { describe, expect, it } from 'vitest';
import { afterSunrise, beforeSunset, inversionHours } from './inversion-hours';
import { sunTimes } from './sun-times';
import { usualLimits } from './weather';
import type { Weather } from './weather';
import { judgeWeather } from './weather-rules';

const calm: Weather = {
	from: 0,
	wind: 3,
	gust: 3,
	height: 2,
	temperature: 20,
	humidity: 50,
	pressure: 1013.25,
	sky: 'clear',
	dew: false,
	smoke: null,
	sinceRain: 9,
	untilRain: 12,
	inversionHours: false
};
const drift = (from: number, side: 'N' | 'E' | 'S' | 'W') =>
	judgeWeather({ ...calm, from }, usualLimits, [{ what: 'water', side, note: '' }]).find((f) => f.rule === 'drift')!
		.state;

describe('downwind', () => {
	it('is a side within 67.5° of where the wind goes, the limit included', () => {
		// From the north it goes south.
		expect(drift(0, 'S')).toBe('look');
		expect(drift(67.5, 'S')).toBe('look');
		expect(drift(68, 'S')).toBe('good');
		expect(drift(292.5, 'S')).toBe('look');
		expect(drift(292, 'S')).toBe('good');
		expect(drift(0, 'E')).toBe('good');
		expect(drift(0, 'N')).toBe('good');
	});
});

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
