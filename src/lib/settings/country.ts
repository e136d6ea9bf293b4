import type { FarmSettings } from './farm-settings';

/** What a farm measures and writes by, as is usual in a country. */
export type Follows = Pick<FarmSettings, 'rateUnit' | 'gallon' | 'school' | 'decimalComma' | 'hour12' | 'timeZone'>;

/** ISO 3166 codes of countries and territories that measure in US customary units. */
const customary = new Set(['US', 'PR', 'GU', 'VI', 'AS', 'MP', 'LR', 'MM']);
/** Those where a gallon, where one is spoken of, is the Imperial one. */
const imperial = new Set([
	'GB',
	'IE',
	'IM',
	'JE',
	'GG',
	'AI',
	'AG',
	'BS',
	'BB',
	'DM',
	'GD',
	'KY',
	'KN',
	'LC',
	'VC',
	'MS'
]);

/** The language that most is written in there, with the country: `es-MX`. */
const localeOf = (country: string): string => `${new Intl.Locale(`und-${country}`).maximize().language}-${country}`;

/**
 * What follows from where a farm is. country: ISO 3166 code; zones: its time zones; zone: the one that the device is in,
 * taken where it is one of them.
 */
export function followsFrom(country: string, zones: readonly string[], zone: string): Follows {
	const us = customary.has(country);
	const clock = new Intl.DateTimeFormat(localeOf(country), { hour: 'numeric' }).resolvedOptions();
	const parts = new Intl.NumberFormat(localeOf(country)).formatToParts(1.5);
	return {
		rateUnit: us ? 'US gal/ac' : 'L/ha',
		gallon: imperial.has(country) ? 'Imperial' : 'US',
		school: us ? '5940' : '600',
		decimalComma: parts.some((part) => part.type === 'decimal' && part.value === ','),
		hour12: clock.hourCycle === 'h12' || clock.hourCycle === 'h11',
		timeZone: zones.includes(zone) ? zone : (zones[0] ?? zone)
	};
}

/** A country for a device: the only one of its time zone, else the one of its languages that has this zone; none where that is not clear. */
export function countryFor(
	countries: readonly { readonly code: string; readonly zones: readonly string[] }[],
	zone: string,
	languages: readonly string[]
): string {
	const there = countries.filter((c) => c.zones.includes(zone)).map((c) => c.code);
	if (there.length === 1) return there[0]!;
	for (const language of languages) {
		const region = /-([A-Z]{2})\b/.exec(language)?.[1];
		if (region && there.includes(region)) return region;
	}
	return '';
}
