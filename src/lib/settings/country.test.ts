import { describe, expect, it } from 'vitest';
import { countryFor, followsFrom } from './country';

const countries = [
	{ code: 'US', zones: ['America/New_York', 'America/Chicago'] },
	{ code: 'CA', zones: ['America/Toronto'] },
	{ code: 'DE', zones: ['Europe/Berlin', 'Europe/Zurich'] },
	{ code: 'CH', zones: ['Europe/Zurich'] }
];

describe('what follows from where a farm is', () => {
	it('is the measures, the gallon, the decimal sign, the method of working and the time zone of its country', () => {
		expect(followsFrom('US', ['America/New_York', 'America/Chicago'], 'America/Chicago')).toEqual({
			rateUnit: 'US gal/ac',
			gallon: 'US',
			school: '5940',
			decimalComma: false,
			hour12: true,
			timeZone: 'America/Chicago'
		});
		expect(followsFrom('DE', ['Europe/Berlin'], 'America/Chicago')).toEqual({
			rateUnit: 'L/ha',
			gallon: 'US',
			school: '600',
			decimalComma: true,
			hour12: false,
			timeZone: 'Europe/Berlin'
		});
		expect(followsFrom('GB', ['Europe/London'], 'Europe/London').gallon).toBe('Imperial');
		// One language, two signs.
		expect(followsFrom('MX', [], 'UTC').decimalComma).toBe(false);
		expect(followsFrom('AR', [], 'UTC').decimalComma).toBe(true);
	});

	it('is proposed from the device’s zone, by its languages where two share it, and not guessed else', () => {
		expect(countryFor(countries, 'America/Chicago', ['de-CH'])).toBe('US');
		expect(countryFor(countries, 'Europe/Zurich', ['en', 'de-CH'])).toBe('CH');
		expect(countryFor(countries, 'Europe/Zurich', ['en-US'])).toBe('');
		expect(countryFor(countries, 'UTC', ['en-US'])).toBe('');
	});
});
