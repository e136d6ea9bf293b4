import { compass } from '../ground/block';
import { fields, readField } from '../quantity/fields';
import type { Issue, Result } from '../quantity/issue';
import { bad, good } from '../quantity/issue';
import { readNumber } from '../quantity/read-number';
import { tidyText } from '../quantity/tidy-text';
import type { Typed } from '../quantity/typed';
import { readTemperature } from './read-temperature';
import type { Sky, SmokeTest, Weather } from './weather';

/** The weather as a person or a station told it; what nobody told is empty or null. */
export interface TypedWeather {
	/** `SW`, or degrees. */
	readonly from: string;
	readonly wind: Typed | null;
	readonly gust: Typed | null;
	readonly temperature: Typed | null;
	/** Per cent, as typed. */
	readonly humidity: string;
	readonly sky: Sky | null;
	readonly dew: boolean | null;
	/** Hours since the last rain, as typed. */
	readonly lastRain: string;
	/** What smoke did at the block; left out by weather of before it was asked. */
	readonly smoke?: SmokeTest | null | undefined;
}

/** What a person or a station can tell; the hours of the sun, the forecast's rain and the air's pressure come from elsewhere. */
export type ReadWeather = Omit<Weather, 'untilRain' | 'inversionHours' | 'pressure' | 'height'>;

/** Sixteen winds, a step of 22.5° each. */
const winds = ['N', 'NNE', 'NE', 'ENE', 'E', 'ESE', 'SE', 'SSE', 'S', 'SSW', 'SW', 'WSW', 'W', 'WNW', 'NW', 'NNW'];

/** Name of the wind that comes from some degrees, to an eighth of the compass. */
export const windName = (from: number): string => compass[Math.round((((from % 360) + 360) % 360) / 45) % 8]!;

/**
 * Reads the weather into figures; what was not told is null.
 *
 * Errors: those of its fields; `unreadable` directions; `too-large` degrees and humidity.
 * @example
 * readWeather({ from: 'SW', wind: { text: '7.2 km/h', unit: 'km/h', gallon: 'US' }, gust: null, temperature: null, humidity: '55 %', sky: 'clear', dew: null, lastRain: '' }).value.from // => 225
 */
export function readWeather(typed: TypedWeather): Result<ReadWeather> {
	const issues: Issue[] = [];
	const speed = (t: Typed | null, path: string): number | null => {
		const read = t && readField(fields.airSpeed, t, path);
		if (read && !read.ok) issues.push(...read.issues);
		return read?.ok ? read.value.value : null;
	};
	const number = (text: string, path: string, most: number, wanted: string): number | null => {
		const tidy = tidyText(text).replace(/ ?(%|h|°)$/, '');
		if (tidy === '') return null;
		const value = readNumber(tidy, false);
		if (typeof value === 'string') issues.push({ code: 'unreadable', path, text, wanted });
		else if (value > most) issues.push({ code: 'too-large', path, text, wanted, bound: `${most}` });
		else return value;
		return null;
	};
	const named = winds.indexOf(typed.from.trim().toUpperCase());
	const from = named >= 0 ? named * 22.5 : number(typed.from, 'from', 360, 'degrees');
	const temperature = typed.temperature ? readTemperature(typed.temperature, 'temperature') : null;
	if (temperature && !temperature.ok) issues.push(...temperature.issues);
	const weather = {
		from,
		wind: speed(typed.wind, 'wind'),
		gust: speed(typed.gust, 'gust'),
		temperature: temperature?.ok ? temperature.value : null,
		humidity: number(typed.humidity, 'humidity', 100, 'humidity'),
		sky: typed.sky,
		dew: typed.dew,
		smoke: typed.smoke ?? null,
		sinceRain: number(typed.lastRain, 'lastRain', 10_000, 'interval')
	};
	return issues.length > 0 ? bad(...issues) : good(weather);
}
