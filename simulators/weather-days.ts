/** Kinds of day that the stand-in can play. */
export const weatherDays = ['calm', 'windy', 'inversion', 'front'] as const;
export type WeatherDay = (typeof weatherDays)[number];

/** One sample of fallow-weather/1. */
export interface Sample {
	readonly at: string;
	readonly windFromDeg: number;
	readonly windKmh: number;
	readonly gustKmh: number;
	readonly temperatureC: number;
	readonly humidityPercent: number;
	readonly sky: 'clear' | 'partly' | 'overcast';
	readonly rainMm: number;
	readonly dew: boolean;
}

/** Hours of the day at which the sun of the stand-in rises and sets. */
const sunrise = 6.5;
const sunset = 19.5;

const hourMs = 3_600_000;
const hourOf = (at: number) => (at / hourMs) % 24;
/** 0 at night, 1 in the early afternoon. */
const warmth = (hour: number) => Math.max(0, Math.sin((Math.PI * (hour - sunrise)) / (sunset - sunrise)));
const calibration = (value: number, step = 0.1) => Number((Math.round(value / step) * step).toFixed(2));

/**
 * The weather at a time, ms. Every day of a kind is alike but for a little that comes from its number, so that two asked
 * one after the other agree.
 */
function weatherAt(kind: WeatherDay, at: number): Sample {
	const hour = hourOf(at);
	const wobble = Math.sin(Math.floor(at / (24 * hourMs)) * 1.7) * 0.8 + Math.sin(at / hourMs) * 0.3;
	const warm = warmth(hour);
	const front = kind === 'front' ? Math.max(0, Math.min(1, (hour - 12) / 3)) : 0;
	const wind = {
		calm: 5 + 4 * warm,
		windy: 14 + 14 * warm,
		inversion: hour < 9 || hour > 18.5 ? 1.2 : 6 + 3 * warm,
		front: 7 + 4 * warm + 16 * front
	}[kind];
	const temperature = 9 + 11 * warm - 4 * front + wobble;
	const humidity = Math.min(97, 88 - 38 * warm + 30 * front - wobble * 2);
	const rainMm = front > 0.6 ? 1.4 : 0;
	return {
		at: new Date(at).toISOString(),
		windFromDeg: Math.round((210 + 25 * wobble + 70 * front + 360) % 360),
		windKmh: calibration(Math.max(0, wind + wobble)),
		gustKmh: calibration(Math.max(0, (wind + wobble) * 1.45)),
		temperatureC: calibration(temperature),
		humidityPercent: Math.round(humidity),
		sky: front > 0.3 ? 'overcast' : kind === 'inversion' ? 'clear' : 'partly',
		rainMm,
		dew: kind === 'inversion' && hour < 8.5
	};
}

const dayOf = (at: number) => Math.floor(at / (24 * hourMs)) * 24 * hourMs;

/** What the station says now; the last rain is looked for through the two days before. */
export function stationAt(kind: WeatherDay, at: number) {
	let lastRainAt: string | null = null;
	for (let back = 0; back <= 48 && lastRainAt === null; back += 1) {
		const then = at - back * hourMs;
		if (weatherAt(kind, then).rainMm > 0) lastRainAt = new Date(then).toISOString();
	}
	return { format: 'fallow-weather/1', ...weatherAt(kind, at), lastRainAt };
}

/** The rest of this day and the next five, hour by hour, with the sun of each. */
export function forecastAt(kind: WeatherDay, at: number) {
	const first = Math.floor(at / hourMs) * hourMs;
	const days = 6;
	const end = dayOf(at) + days * 24 * hourMs;
	const hours: Sample[] = [];
	for (let time = first; time < end; time += hourMs) hours.push(weatherAt(kind, time));
	return {
		format: 'fallow-weather/1',
		issued: new Date(at).toISOString(),
		hours,
		days: Array.from({ length: days }, (_, i) => {
			const begins = dayOf(at) + i * 24 * hourMs;
			return {
				day: new Date(begins).toISOString().slice(0, 10),
				sunrise: new Date(begins + sunrise * hourMs).toISOString(),
				sunset: new Date(begins + sunset * hourMs).toISOString()
			};
		})
	};
}
