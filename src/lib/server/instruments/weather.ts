import { m } from '$words';
import type { z } from 'zod';
import type { WeatherAnswer } from '../../wire/weather';
import { forecastSchema, stationSchema } from '../../wire/weather';
import type { Address } from './address';

/** How long a station may take to answer, ms. */
const patience = 3000;
/** Older than this a reading is not the weather now, ms. */
const stale = 2 * 3_600_000;

/** One document of the station; words where it cannot be had. */
async function ask<T>(address: Address, path: string, schema: z.ZodType<T>): Promise<T | string> {
	let response: Response;
	try {
		response = await fetch(`http://${address.host}:${address.port}${path}`, { signal: AbortSignal.timeout(patience) });
	} catch {
		return m.station_does_not_answer();
	}
	const read = schema.safeParse(await response.json().catch(() => null));
	if (!response.ok || !read.success) return m.station_answered_no_weather();
	return read.data;
}

/** What the farm's weather station says now, and the forecast. What one of them does wrong is told; the other still counts. */
export async function askWeather(address: Address | null, now: number): Promise<WeatherAnswer> {
	if (!address) return { present: false, station: null, forecast: null, problem: '' };
	const [station, forecast] = await Promise.all([
		ask(address, '/station', stationSchema),
		ask(address, '/forecast', forecastSchema)
	]);
	if (typeof station === 'string' || typeof forecast === 'string') {
		const problem = [station, forecast].find((p) => typeof p === 'string') as string;
		return {
			present: true,
			station: typeof station === 'string' ? null : station,
			forecast: typeof forecast === 'string' ? null : forecast,
			problem
		};
	}
	const old = now - Date.parse(station.at) > stale;
	return {
		present: true,
		station: old ? null : station,
		forecast: now - Date.parse(forecast.issued) > 12 * stale ? null : forecast,
		problem: old ? m.station_is_old({ at: station.at.slice(0, 16).replace('T', ' ') }) : ''
	};
}
