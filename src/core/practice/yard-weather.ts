import type { Speed } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import { Chance } from './chance';

export interface YardWeather {
	/** °C. */
	readonly temperature: number;
	/** %. */
	readonly humidity: number;
	readonly wind: Speed;
	readonly gust: Speed;
	/** Where the wind comes from, degrees from north. */
	readonly from: number;
}

/** Of a warm and a cool day in a spraying season. */
const days = { temperature: [8, 29], humidity: [35, 92], wind: [0.5, 6] } as const;

/**
 * The weather over a practice yard: drawn by its seed, the same all the while. A gust is a third to three quarters over the mean wind.
 *
 * Source: drawn evenly between a cool and a warm day of a spraying season.
 * @example
 * yardWeather(7).gust > yardWeather(7).wind // => true
 */
export function yardWeather(seed: number): YardWeather {
	const chance = new Chance(seed, 'weather');
	const wind = chance.between(...days.wind);
	return {
		temperature: chance.between(...days.temperature),
		humidity: chance.between(...days.humidity),
		wind: si<'speed'>(wind),
		gust: si<'speed'>(wind * chance.between(1.33, 1.75)),
		from: chance.whole(0, 359)
	};
}
