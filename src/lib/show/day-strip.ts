import type {
	Neighbour,
	Place,
	RuleFinding,
	RuleState,
	StartTime,
	Weather,
	WeatherLimits,
	WeatherRule
} from '../../core/index';
import {
	afterSunrise,
	beforeSunset,
	factor,
	inversionTurns,
	judgeWeather,
	weatherFits,
	weatherWindows,
	worstState
} from '../../core/index';
import type { Forecast, StationReading, WeatherSample } from '../wire/weather';
import { dayAt, hourAt } from '../settings/farm-time';
import type { WeatherPlace } from './job-weather';
import { aroundPlace } from './job-weather';

const hour = 3_600_000;
/** Less rain than this in an hour wets nothing. */
const wet = 0.1;

/** Where and by whose clock a forecast is looked at. */
export interface ForecastAt extends WeatherPlace {
	/** IANA name: the farm's. */
	readonly zone: string;
}

/** Hours from a time until rain is forecast; null where no forecast reaches that far or none comes. */
function hoursUntilRain(forecast: Forecast | null, at: number): number | null {
	const next = forecast?.hours.find((h) => Date.parse(h.at) + hour > at && (h.rainMm ?? 0) >= wet);
	return next ? Math.max(0, (Date.parse(next.at) - at) / hour) : null;
}

/** The hours of an inversion by the suns of a forecast, where nobody knows the place; null beyond them. */
function bySuns(forecast: Forecast, at: number): boolean | null {
	const suns = forecast.days.map((d) => ({ rise: Date.parse(d.sunrise), set: Date.parse(d.sunset) }));
	const [first, last] = [suns[0], suns.at(-1)];
	if (!first || !last || at < first.rise - 12 * hour || at > last.set + 12 * hour) return null;
	return !suns.some((s) => at >= s.rise + afterSunrise * 1000 && at < s.set - beforeSunset * 1000);
}

/** The moments (ms) between two others at which those hours begin or end. */
function turnsBetween(forecast: Forecast, from: number, to: number, place: Place | null): number[] {
	const turns =
		place === null
			? forecast.days.flatMap((d) => [
					Date.parse(d.sunrise) + afterSunrise * 1000,
					Date.parse(d.sunset) - beforeSunset * 1000
				])
			: inversionTurns(from / 1000, to / 1000, place).map((t) => t * 1000);
	return turns.filter((t) => t > from && t < to).sort((a, b) => a - b);
}

/** What surrounds a moment besides what was read: the hours of the sun, the air, the rain that is forecast. */
export function aroundAt(
	forecast: Forecast | null,
	at: number,
	where: WeatherPlace
): Pick<Weather, 'inversionHours' | 'pressure' | 'untilRain'> {
	const around = aroundPlace(at, where);
	return {
		...around,
		inversionHours: around.inversionHours ?? (forecast ? bySuns(forecast, at) : null),
		// A forecast that shows no rain to its end is dry as far as anybody knows.
		untilRain: hoursUntilRain(forecast, at) ?? (forecast ? 24 * 6 : null)
	};
}

/** One sample of a forecast as the rules see it at a moment (ms) of its hour: its wind is told at 10 m. */
function weatherOf(sample: WeatherSample, forecast: Forecast, at: number, where: WeatherPlace): Weather {
	const kmh = factor('speed', 'km/h');
	const lastRain = 'lastRainAt' in sample ? (sample as StationReading).lastRainAt : null;
	return {
		from: sample.windFromDeg,
		wind: sample.windKmh === null ? null : sample.windKmh * kmh,
		gust: sample.gustKmh === null ? null : sample.gustKmh * kmh,
		height: 10,
		temperature: sample.temperatureC,
		humidity: sample.humidityPercent,
		sky: sample.sky,
		dew: sample.dew,
		smoke: null,
		sinceRain: lastRain === null ? null : (at - Date.parse(lastRain)) / hour,
		...aroundAt(forecast, at, where)
	};
}

/** A stretch of an hour in which no rule changes; ms. */
interface DayPart {
	readonly at: number;
	readonly to: number;
	readonly state: RuleState;
	/** No rule stops the work, and none that could is not known. */
	readonly fits: boolean;
	/** The rule that is gravest in it; null where all hold. */
	readonly rule: WeatherRule | null;
}

/** Gravest first. */
const graver: readonly RuleState[] = ['stop', 'unknown', 'look'];
const gravest = (findings: readonly RuleFinding[]): WeatherRule | null =>
	graver.flatMap((state) => findings.filter((f) => f.state === state))[0]?.rule ?? null;

interface DayHour {
	readonly at: number;
	/** The gravest of its parts. */
	readonly state: RuleState;
	readonly parts: readonly DayPart[];
}

export interface DayStrip {
	/** YYYY-MM-DD, by the farm's clock. */
	readonly day: string;
	/** By the hour of the day, 0 to 23; null where the forecast says nothing. */
	readonly hours: readonly (DayHour | null)[];
}

/** The forecast as days of hours by the farm's clock, each judged by every rule. */
export function dayStrips(
	forecast: Forecast,
	limits: WeatherLimits,
	neighbours: readonly Neighbour[],
	where: ForecastAt
): readonly DayStrip[] {
	const days = new Map<string, (DayHour | null)[]>();
	for (const sample of forecast.hours) {
		const from = Date.parse(sample.at);
		const edges = [from, ...turnsBetween(forecast, from, from + hour, where.place), from + hour];
		const parts = edges.slice(1).map((to, i): DayPart => {
			const at = edges[i]!;
			const findings = judgeWeather(weatherOf(sample, forecast, (at + to) / 2, where), limits, neighbours);
			return { at, to, state: worstState(findings), fits: weatherFits(findings), rule: gravest(findings) };
		});
		const one: DayHour = { at: from, state: worstState(parts), parts };
		const day = dayAt(where.zone, from);
		const hours = days.get(day) ?? Array.from({ length: 24 }, () => null);
		// Where the clocks go back an hour comes twice: the graver of the two stands there.
		const place = hourAt(where.zone, from);
		if (hours[place]?.state !== 'stop') hours[place] = one;
		days.set(day, hours);
	}
	return [...days].map(([day, hours]) => ({ day, hours }));
}

/** Start times of the forecast, a quarter of an hour apart, from now on. */
export function startTimes(strips: readonly DayStrip[], lasts: number, now: number): StartTime[] {
	const stretches = strips
		.flatMap((s) => s.hours.flatMap((h) => h?.parts ?? []))
		.map((p) => ({ at: p.at / 1000, to: p.to / 1000, holds: p.fits }))
		.sort((a, b) => a.at - b.at);
	const last = stretches.at(-1);
	if (!last) return [];
	// Hours that the forecast leaves out are not known, and so do not hold.
	const whole = stretches.flatMap((s, i) => {
		const next = stretches[i + 1];
		return next && next.at > s.to + 1 ? [s, { at: s.to, to: next.at, holds: false }] : [s];
	});
	return weatherWindows(whole, last.to, 900, lasts).filter((s) => s.at * 1000 >= now - 900_000);
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

/** Stretches from now on in which the weather fits the work by every rule; ms. */
export function goodStretches(
	strips: readonly DayStrip[],
	now: number
): { readonly from: number; readonly to: number }[] {
	const stretches: { from: number; to: number }[] = [];
	for (const part of strips.flatMap((s) => s.hours.flatMap((h) => h?.parts ?? [])).sort((a, b) => a.at - b.at)) {
		if (!part.fits || part.to <= now) continue;
		const last = stretches.at(-1);
		if (last?.to === part.at) last.to = part.to;
		else stretches.push({ from: Math.max(part.at, now), to: part.to });
	}
	return stretches;
}

/** One stretch of a day with one thing to say of it; ms. */
export interface DayStretch {
	readonly from: number;
	readonly to: number;
	readonly state: RuleState | 'fits';
	readonly rule: WeatherRule | null;
}

/** A day from an hour to another by the farm's clock as stretches: those in which the work fits, and why it does not in the others. */
export function dayStretches(strip: DayStrip, firstHour: number, lastHour: number): readonly DayStretch[] {
	const stretches: DayStretch[] = [];
	for (const part of strip.hours.slice(firstHour, lastHour).flatMap((hour) => hour?.parts ?? [])) {
		const state = part.fits ? 'fits' : part.state;
		const rule = part.fits ? null : part.rule;
		const last = stretches[stretches.length - 1];
		if (last?.to === part.at && last.state === state && last.rule === rule)
			stretches[stretches.length - 1] = { ...last, to: part.to };
		else stretches.push({ from: part.at, to: part.to, state, rule });
	}
	return stretches;
}
