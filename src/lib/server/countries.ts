import { getAllCountries } from 'countries-and-timezones';

export interface Country {
	/** ISO 3166 code. */
	readonly code: string;
	readonly name: string;
	readonly zones: readonly string[];
}

/** All countries that have a time zone, by their names in a language. */
export function countries(language: string): readonly Country[] {
	const names = new Intl.DisplayNames([language], { type: 'region' });
	return Object.values(getAllCountries())
		.map(({ id, timezones }) => ({ code: id, name: names.of(id) ?? id, zones: timezones }))
		.filter((country) => country.zones.length > 0)
		.sort((a, b) => a.name.localeCompare(b.name, language));
}
