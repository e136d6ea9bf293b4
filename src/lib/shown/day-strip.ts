import type { Neighbour, RuleState, StartTime, Weather, WeatherLimits } from '../../core';
import { factor, judgeWeather, weatherWindows, worstState } from '../../core';
import type { Forecast, StationReading, WeatherSample } from '../formats/weather';

const hour = 3_600_000;
/** Less rain than this in an hour wets nothing. */
const wet = 0.1;

/** Hours from a time to the nearer of sunrise and sunset, below zero where it is past; null without a forecast of the sun. */
export function hoursToSun(forecast: Forecast | null, at: number): number | null {
	const turns = forecast?.days.flatMap((d) => [Date.parse(d.sunrise), Date.parse(d.sunset)]) ?? [];
	const nearest = turns.reduce<number | null>(
		(best, turn) => (best === null || Math.abs(turn - at) < Math.abs(best - at) ? turn : best),
		null
	);
	return nearest === null ? null : (nearest - at) / hour;
}

/** Hours from a time until rain is forecast; null where no forecast reaches that far or none comes. */
export function hoursUntilRain(forecast: Forecast | null, at: number): number | null {
	const next = forecast?.hours.find((h) => Date.parse(h.at) + hour > at && (h.rainMm ?? 0) >= wet);
	return next ? Math.max(0, (Date.parse(next.at) - at) / hour) : null;
}

/** One sample as the rules see it. */
export function weatherOf(sample: WeatherSample, forecast: Forecast | null): Weather {
	const at = Date.parse(sample.at);
	const kmh = factor('speed', 'km/h');
	const lastRain = 'lastRainAt' in sample ? (sample as StationReading).lastRainAt : null;
	return {
		from: sample.windFromDeg,
		wind: sample.windKmh === null ? null : sample.windKmh * kmh,
		gust: sample.gustKmh === null ? null : sample.gustKmh * kmh,
		temperature: sample.temperatureC,
		humidity: sample.humidityPercent,
		sky: sample.sky,
		dew: sample.dew,
		sinceRain: lastRain === null ? null : (at - Date.parse(lastRain)) / hour,
		// A forecast that shows no rain to its end is dry as far as anybody knows.
		untilRain: hoursUntilRain(forecast, at) ?? (forecast ? 24 * 6 : null),
		toSun: hoursToSun(forecast, at)
	};
}

export interface DayHour {
	readonly at: number;
	readonly state: RuleState;
}

export interface DayStrip {
	/** YYYY-MM-DD, where the device is. */
	readonly day: string;
	/** By the hour of the day, 0 to 23; null where the forecast says nothing. */
	readonly hours: readonly (DayHour | null)[];
}

const two = (n: number) => `${n}`.padStart(2, '0');
const dayOf = (at: number) => {
	const d = new Date(at);
	return `${d.getFullYear()}-${two(d.getMonth() + 1)}-${two(d.getDate())}`;
};

/** The forecast as days of hours, each judged by every rule. */
export function dayStrips(
	forecast: Forecast,
	limits: WeatherLimits,
	neighbours: readonly Neighbour[]
): readonly DayStrip[] {
	const days = new Map<string, (DayHour | null)[]>();
	for (const sample of forecast.hours) {
		const at = Date.parse(sample.at);
		const state = worstState(judgeWeather(weatherOf(sample, forecast), limits, neighbours));
		const day = dayOf(at);
		const hours = days.get(day) ?? Array.from({ length: 24 }, () => null);
		// Where the clocks go back an hour comes twice: the graver of the two stands there.
		const place = new Date(at).getHours();
		if (hours[place]?.state !== 'stop') hours[place] = { at, state };
		days.set(day, hours);
	}
	return [...days].map(([day, hours]) => ({ day, hours }));
}

/** Start times of the forecast, a quarter of an hour apart, from now on. */
export function startTimes(strips: readonly DayStrip[], lasts: number, now: number): StartTime[] {
	const stretches = strips
		.flatMap((s) => s.hours.flatMap((h) => (h ? [{ at: h.at / 1000, holds: h.state !== 'stop' }] : [])))
		.sort((a, b) => a.at - b.at);
	const last = stretches.at(-1);
	if (!last) return [];
	return weatherWindows(stretches, last.at + 3600, 900, lasts).filter((s) => s.at * 1000 >= now - 900_000);
}

/** Stretches of start times that follow each other. */
export function fitting(starts: readonly StartTime[]): { readonly from: number; readonly to: number }[] {
	const ranges: { from: number; to: number }[] = [];
	for (const { at, fits } of starts) {
		const last = ranges.at(-1);
		if (!fits) continue;
		if (last && at - last.to <= 900) last.to = at;
		else ranges.push({ from: at, to: at });
	}
	return ranges;
}

/** Stretches of a day, from now on, in which every rule holds; ms. */
export function goodStretches(strip: DayStrip, now: number): { readonly from: number; readonly to: number }[] {
	const stretches: { from: number; to: number }[] = [];
	for (const h of strip.hours) {
		if (!h || h.state !== 'good' || h.at + hour <= now) continue;
		const last = stretches.at(-1);
		if (last?.to === h.at) last.to = h.at + hour;
		else stretches.push({ from: Math.max(h.at, now), to: h.at + hour });
	}
	return stretches;
}
