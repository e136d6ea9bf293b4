import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { afterEach, describe, expect, it } from 'vitest';
import { startSimulators } from '../../scripts/lib/simulators.mjs';
import { forecastAt, stationAt, weatherDays } from '../../simulators/weather-days';
import { forecastSchema, stationSchema } from '../../src/lib/wire/weather';
import { addressOf } from '../../src/lib/server/instruments/address';
import { askWeather } from '../../src/lib/server/instruments/weather';

const now = Date.parse('2026-03-20T06:30:00Z');
const stops: (() => void)[] = [];
afterEach(() => stops.splice(0).forEach((stop) => stop()));

/** A station that answers each path with what it is told to. */
async function station(answer: (path: string) => string): Promise<{ host: string; port: number }> {
	const server = createServer((request, response) => response.end(answer(request.url ?? '')));
	await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
	stops.push(() => server.close());
	return { host: '127.0.0.1', port: (server.address() as AddressInfo).port };
}

describe('the weather of a station', () => {
	it('of every kind of day is what the format says, whenever it is asked', () => {
		for (const kind of weatherDays)
			for (let hour = 0; hour < 48; hour += 1) {
				const at = now + hour * 3_600_000;
				stationSchema.parse(stationAt(kind, at));
				const { hours, days } = forecastSchema.parse(forecastAt(kind, at));
				expect(days).toHaveLength(6);
				expect(hours.length).toBeGreaterThan(120);
			}
		expect(stationAt('front', now + 12 * 3_600_000).lastRainAt).not.toBeNull();
	});

	it('is passed on, both now and as forecast', async () => {
		const address = await station((path) =>
			JSON.stringify(path === '/station' ? stationAt('calm', now) : forecastAt('calm', now))
		);
		const answer = await askWeather(address, now);
		expect([answer.present, answer.problem, answer.station?.sky]).toEqual([true, '', 'partly']);
		expect(answer.forecast?.hours.length).toBeGreaterThan(100);
	});

	it('is none where none is set up, and says why where one does wrong', async () => {
		expect(await askWeather(null, now)).toMatchObject({ present: false, problem: '' });
		const torn = await station((path) =>
			path === '/station' ? '{"at": "2026' : JSON.stringify(forecastAt('calm', now))
		);
		const answer = await askWeather(torn, now);
		expect(answer.station).toBeNull();
		expect(answer.forecast).not.toBeNull();
		expect(answer.problem).toContain('not weather');
		expect((await askWeather({ host: '127.0.0.1', port: 1 }, now)).problem).toContain('does not answer');
	});

	it('that is half a day old is not the weather now', async () => {
		const old = now - 12 * 3_600_000;
		const address = await station((path) =>
			JSON.stringify(path === '/station' ? stationAt('calm', old) : forecastAt('calm', old))
		);
		const answer = await askWeather(address, now);
		expect(answer.station).toBeNull();
		expect(answer.problem).toContain('last reading is from 2026-03-19 18:30');
	});

	it('comes from the stand-in over HTTP, and a torn answer is told', async () => {
		const simulators = await startSimulators({ weatherArgs: ['--day', 'front', '--fault', 'torn'] });
		stops.push(() => simulators.stop());
		const answer = await askWeather(addressOf(simulators.env.FALLOW_WEATHER), Date.now());
		expect(answer.problem).toContain('not weather');
	});
});
