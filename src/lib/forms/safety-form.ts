import { m } from '$words';
import { readNumber } from '../../core/index';
import type { FarmSettings } from '../settings/farm-settings';

/** What a farm tells for the day that something goes wrong, and of where and when its crops grow. */
export type SafetySettings = Pick<
	FarmSettings,
	'emergency' | 'poison' | 'eyewash' | 'place' | 'cropSeason' | 'windHeight'
>;
export type SafetyField = 'emergency' | 'poison' | 'eyewash' | 'place' | 'cropSeason' | 'windHeight';
export type SafetyTexts = Readonly<Record<SafetyField, string>>;

export function safetyTexts({ place, cropSeason, windHeight, ...rest }: SafetySettings): SafetyTexts {
	return {
		emergency: rest.emergency,
		poison: rest.poison,
		eyewash: rest.eyewash,
		place: place === null ? '' : `${place.latitude}, ${place.longitude}`,
		cropSeason: cropSeason ?? '',
		windHeight: `${windHeight}`
	};
}

const dayOfYear = /^(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/;

/** Reads them; a place is latitude and longitude in degrees, with a point, whatever the farm's decimal sign is. */
export function readSafetyForm(text: (name: SafetyField) => string): {
	readonly safety: SafetySettings;
	readonly problems: Record<string, string>;
} {
	const problems: Record<string, string> = {};
	const short = (name: 'emergency' | 'poison' | 'eyewash', most: number): string => {
		const told = text(name).trim();
		if (told.length > most) problems[name] = m.that_is_over_letters_long({ most });
		return told.slice(0, most);
	};
	const told = text('place').trim();
	const parts = told.split(/[,;\s]+/);
	const [latitude, longitude] = parts.map((part) => {
		const below = part.startsWith('-') || part.startsWith('−');
		const value = readNumber(part.replace(/^[-−]/, ''), false);
		return typeof value === 'number' ? (below ? -value : value) : NaN;
	});
	// Four parts are a decimal comma: which of them are degrees is not to be guessed.
	const placed = parts.length === 2 && Math.abs(latitude ?? NaN) <= 90 && Math.abs(longitude ?? NaN) <= 180;
	if (told !== '' && !placed) problems.place = m.is_no_place_write_latitude_and({ told });
	const season = text('cropSeason').trim();
	if (season !== '' && !dayOfYear.test(season)) problems.cropSeason = m.is_no_day_of_the_year({ season });
	return {
		safety: {
			emergency: short('emergency', 60),
			poison: short('poison', 60),
			eyewash: short('eyewash', 120),
			place: told !== '' && placed ? { latitude: latitude!, longitude: longitude! } : null,
			cropSeason: season === '' || problems.cropSeason ? null : season,
			windHeight: text('windHeight') === '10' ? 10 : 2
		},
		problems
	};
}
