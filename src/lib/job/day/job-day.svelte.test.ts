import { describe, expect, it } from 'vitest';
import { demoProducts } from '../../../../demo/products';
import { forecastAt, stationAt } from '../../../../simulators/weather-days';
import type { WeatherDay } from '../../../../simulators/weather-days';
import type { RunEntry, TypedJob } from '$core';
import { idOf, t } from '../../../../tests/support/entries';
import { MemoryLog } from '../../../../tests/support/memory-store';
import { metric } from '../../../../tests/support/calibration-state';
import type { FarmSettings } from '$lib/settings/farm-settings';
import type { JobHead } from '$lib/wire/run-message';
import type { WeatherAnswer } from '$lib/wire/weather';
import { weatherAnswerSchema } from '$lib/wire/weather';
import { wordRule } from '$lib/wording/weather';
import { JobDayState } from './job-day.svelte';
import { JobRunState } from '$lib/job/run/job-run.svelte';

const job: TypedJob = {
	day: '2026-03-20',
	blocks: [
		{
			id: idOf(1),
			name: 'Meadow',
			area: 60_000,
			share: 1,
			rows: null,
			spacing: null,
			neighbours: [{ what: 'water', side: 'NE', note: 'the mill ditch' }]
		}
	],
	tank: t('800', 'L'),
	dead: null,
	agitation: null,
	products: [{ id: idOf(2), label: demoProducts[0]!, dose: t('2 L/ha', 'L/ha') }],
	split: 'equal',
	pace: { efficiency: 0.75, fill: t('10 min', 'min'), drive: t('5 min', 'min'), start: '07:00', end: '19:00' },
	travel: { speed: 2, swath: 6 },
	reason: '',
	notes: ''
};
const head: JobHead = {
	id: idOf(9),
	job,
	rate: 2e-5,
	relativeU95: 0.04,
	signedDay: '2026-03-18',
	calibrationId: idOf(3),
	sprayer: 'Boom'
};
const answer = (kind: WeatherDay, at: number): WeatherAnswer =>
	weatherAnswerSchema.parse({
		present: true,
		station: stationAt(kind, at),
		forecast: forecastAt(kind, at),
		problem: ''
	});

async function dayAt(hour: number, kind: WeatherDay | null, settings: FarmSettings = metric) {
	const store = new MemoryLog<JobHead, RunEntry>();
	await store.create(head);
	const now = Date.parse('2026-03-20T00:00:00Z') + hour * 3_600_000;
	let n = 100;
	const run = new JobRunState({ head, entries: [] }, settings, {
		store,
		newId: () => idOf(n++),
		now: () => now,
		onAdded: () => {}
	});
	const day = new JobDayState(run, () => now);
	if (kind) day.takeIn(answer(kind, now));
	return { run, day };
}
const said = (day: JobDayState) => day.findings.filter((f) => f.state !== 'good').map((f) => `${f.rule} ${f.state}`);

describe('the weather for a job', () => {
	it('is asked for by hand where there is no station, and says nothing until something is told', async () => {
		const { day, run } = await dayAt(10, null);
		expect([day.empty, day.weather, day.findings, await day.decide('spray')]).toEqual([true, null, [], false]);
		day.wind = '8';
		day.from = 'nowhere';
		expect(day.problem('from')).toContain('“nowhere”');
		day.from = 'SW';
		expect(said(day)).toContain('drift look');
		expect(said(day)).toContain('delta-t unknown');
		expect(await day.decide('spray')).toBe(true);
		expect(run.run!.weather.before).toMatchObject({ source: 'hand', decision: 'spray', weather: { from: 'SW' } });
	});

	it('is filled in by the station in the farm’s units, and typed over it is by hand', async () => {
		const { day, run } = await dayAt(10, 'calm', { ...metric, rateUnit: 'US gal/ac' });
		expect(Number(day.wind)).toBeGreaterThan(2);
		expect(Number(day.temperature)).toBeGreaterThan(45);
		expect(await day.decide('wait')).toBe(true);
		expect(run.run!.weather.before).toMatchObject({ source: 'station', decision: 'wait' });
		day.wind = '3 mph';
		await day.decide('wait');
		expect(run.run!.weather.before).toMatchObject({ source: 'hand' });
	});

	it('stops for an inversion at dawn, and wants a reason to spray all the same', async () => {
		const { day } = await dayAt(6, 'inversion');
		expect(said(day)).toContain('inversion stop');
		expect([day.worst, day.wantsReason, await day.decide('spray')]).toEqual(['stop', true, false]);
		day.reason = 'smoke rose and mixed';
		expect(await day.decide('spray')).toBe(true);
	});

	it('holds a label’s wind and rain-free time, and the farm’s own limits', async () => {
		const { day } = await dayAt(13, 'windy');
		const wind = day.findings.find((f) => f.rule === 'wind')!;
		expect([wind.state, wind.byLabel]).toEqual(['stop', true]);
		expect(wordRule(wind, day.limits, metric).text).toBe('Over the label’s limit of 15.0 km/h: stop.');
		const rain = (await dayAt(13, 'front')).day.findings.find((f) => f.rule === 'rain')!;
		expect([rain.state, rain.byLabel]).toEqual(['stop', true]);
		const strict = await dayAt(10, 'calm', { ...metric, windHigh: t('5 km/h', 'km/h') });
		expect(said(strict.day)).toContain('wind stop');
		expect(strict.day.limits.windByLabel).toBe(false);
	});

	it('finds the start times of the days from which the work fits', async () => {
		const { day } = await dayAt(5, 'inversion');
		// 6 ha at 2 m/s × 6 m × 75 %: 6,667 s, and two loads of a quarter of an hour.
		expect(day.lasts).toBeCloseTo(60_000 / 9 + 2 * 900, 6);
		expect(day.strips.length).toBeGreaterThanOrEqual(6);
		expect(day.windows.length).toBeGreaterThan(0);
		const parts = day.strips.flatMap((s) => s.hours.flatMap((h) => h?.parts ?? []));
		const fits = (at: number) => parts.find((p) => p.at <= at * 1000 && at * 1000 < p.to)?.fits ?? false;
		for (const { from, to } of day.windows)
			for (const start of [from, to])
				for (let at = start; at < start + day.lasts; at += 900)
					expect(fits(at), new Date(at * 1000).toISOString()).toBe(true);
		expect(
			(await dayAt(13, 'front')).day.windows.every((w) => w.from * 1000 >= Date.parse('2026-03-20T13:00:00Z'))
		).toBe(true);
	});
});

describe('closing a job', () => {
	it('tells the true volume, what went on, and opens again', async () => {
		const { run, day } = await dayAt(10, null);
		// A mixed load does not go out before somebody looked at the weather, or wrote why not.
		while (run.next.act === 'tick') await run.go();
		expect([run.next.act, await run.go()]).toEqual(['weather', false]);
		day.reason = 'The station is down';
		await day.decide('spray');
		while (run.run!.state !== 'sprayed') expect(await run.go()).toBe(true);
		expect(await run.close({ by: 'area', done: '6', left: '900 L', remarks: '' })).toBe(false);
		expect(run.problems.left).toContain('a full tank');
		expect(await run.close({ by: 'area', done: '6', left: '120', remarks: 'windy corner left' })).toBe(true);
		const { closed } = run.run!;
		// 1,200 L mixed for 6 ha at 200 L/ha; 120 L over: a tenth under.
		expect(closed!.volume!.gap).toBeCloseTo(-0.1, 9);
		expect(closed!.volume!.calibrateAgain).toBe(true);
		expect(closed!.used[0]).toBeCloseTo(0.012 * 0.9, 12);
		expect([run.run!.state, run.next.words]).toEqual(['closed', 'All loads are sprayed out']);
		await run.undo();
		expect(run.run!.state).toBe('sprayed');
		// Once its record is sealed the server takes nothing more, so nothing is written here either.
		const before = run.entries.length;
		run.takeIn([], true);
		expect([await run.undo(), await run.go(), run.entries.length]).toEqual([false, false, before]);
	});
});
