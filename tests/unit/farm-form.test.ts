import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { judgeWeather, jobLimits, usualLimits } from '../../src/core';
import type { DueField } from '../../src/lib/forms/due-form';
import { dueTexts, readDueForm } from '../../src/lib/forms/due-form';
import { defaultSettings, farmSettingsSchema } from '../../src/lib/settings/farm-settings';
import { readSafetyForm, safetyTexts } from '../../src/lib/forms/safety-form';
import { farmWeather, readWeatherForm, weatherTexts } from '../../src/lib/forms/weather-form';
import { machineZone } from '../../src/lib/settings/farm-time';
import { demoProducts } from '../../demo/products';

const comma = { ...defaultSettings, decimalComma: true };
const due = (change: Partial<Record<DueField, string>>, settings = defaultSettings) =>
	readDueForm((name) => change[name] ?? '', settings);

describe('when a farm calibrates again', () => {
	it('reads back as it was written, with either decimal sign', () => {
		const number = fc.oneof(
			fc.constant(null),
			fc.integer({ min: 1, max: 40_000 }).map((n) => n / 4)
		);
		const days = fc.oneof(fc.constant(null), fc.integer({ min: 1, max: 3660 }));
		fc.assert(
			fc.property(
				number,
				number,
				days,
				fc.integer({ min: 1, max: 12 }),
				fc.boolean(),
				(hours, abrasiveHours, n, month, sign) => {
					const settings = {
						...(sign ? comma : defaultSettings),
						due: { seasonStart: `${`${month}`.padStart(2, '0')}-01`, days: n, hours, abrasiveHours, area: null }
					};
					const texts = dueTexts(settings);
					const read = readDueForm((name) => texts[name], settings);
					expect(read).toEqual({ due: settings.due, problems: {} });
				}
			),
			{ numRuns: 300 }
		);
	});

	it('takes an area in any unit, and an empty field as no rule', () => {
		expect(due({ dueArea: '500 ac' }).due.area).toMatchObject({ text: '500 ac' });
		expect(due({}).due).toEqual({ seasonStart: null, days: null, hours: null, area: null, abrasiveHours: null });
	});

	it.each<[DueField, string, RegExp]>([
		['dueSeason', '3-1', /“3-1” is not a day of the year. Write month and day, like 03-01/],
		['dueSeason', '04-31', /not a day of the year/],
		['dueSeason', '13-01', /not a day of the year/],
		['dueSeason', '02-30', /not a day of the year/],
		['dueDays', '12.5', /not a whole number/],
		['dueDays', '4000', /up to 3660/],
		['dueHours', 'fifty', /“fifty” is not a number/],
		['dueHours', '-3', /“-3”/],
		['dueHours', '0', /has to be over 0/],
		['dueArea', '3 L', /“3 L” is not an area/],
		['dueAbrasive', '1e9', /“1e9”/]
	])('%s %j is given back with what is wrong', (name, text, words) => {
		const { problems } = due({ [name]: text });
		expect(Object.keys(problems)).toEqual([name]);
		expect(problems[name]).toMatch(words);
	});

	it('takes a leap day, which begins every season', () => {
		expect(due({ dueSeason: '02-29' })).toMatchObject({ due: { seasonStart: '02-29' }, problems: {} });
	});
});

const weather = (change: Partial<Record<string, string>>, settings = defaultSettings) =>
	readWeatherForm((name) => change[name] ?? '', settings);

describe('what a farm tells for the day that something goes wrong', () => {
	const read = (told: Partial<Record<string, string>>) => readSafetyForm((name) => told[name] ?? '');
	it('reads back as it was written', () => {
		const { safety, problems } = read({
			emergency: ' 000 ',
			poison: '000 000 000',
			eyewash: 'Tap',
			place: '−30.5, -10.25',
			cropSeason: '09-01',
			windHeight: '10'
		});
		expect(problems).toEqual({});
		expect(safety).toEqual({
			emergency: '000',
			poison: '000 000 000',
			eyewash: 'Tap',
			place: { latitude: -30.5, longitude: -10.25 },
			cropSeason: '09-01',
			windHeight: 10
		});
		const texts = safetyTexts(safety);
		expect(readSafetyForm((name) => texts[name]).safety).toEqual(safety);
		expect(read({}).safety).toMatchObject({ place: null, cropSeason: null, windHeight: 2, emergency: '' });
	});
	it('refuses what is no place and no day, and guesses nothing of a decimal comma', () => {
		for (const place of ['north', '47', '91, 8', '47, 181', '47,105, 8,503', '1 2 3'])
			expect(read({ place }).problems.place, place).toContain(`“${place}”`);
		expect(read({ cropSeason: '13-01' }).problems.cropSeason).toContain('09-01');
		expect(read({ emergency: '0'.repeat(61) }).problems.emergency).toContain('60');
	});
});

describe('the weather that a farm sprays in', () => {
	it('reads back as it was written', () => {
		const { limits, problems } = weather({ windLow: '4', windHigh: '9 mph', deltaLow: '2,5', deltaHigh: '7' }, comma);
		expect(problems).toEqual({});
		const again = { ...comma, ...limits };
		expect(weatherTexts(again)).toEqual({ windLow: '4 km/h', windHigh: '9 mph', deltaLow: '2,5', deltaHigh: '7' });
		const { low, high, deltaLow, deltaHigh } = farmWeather(again);
		expect([low! * 3.6, high! / 0.44704, deltaLow, deltaHigh].map((v) => Number(v!.toFixed(9)))).toEqual([
			4, 9, 2.5, 7
		]);
		expect(farmWeather(defaultSettings)).toEqual({ height: 2, low: null, high: null, deltaLow: null, deltaHigh: null });
	});

	it.each<[Record<string, string>, string, RegExp]>([
		[{ windLow: '12', windHigh: '9' }, 'windHigh', /is above/],
		[{ windLow: '3 m' }, 'windLow', /“3 m”/],
		[{ deltaLow: '9', deltaHigh: '4' }, 'deltaHigh', /“9” is above 4/],
		// Against the usual other end, where that was left as it is.
		[{ deltaLow: '8' }, 'deltaLow', /“8” is above 8/],
		[{ deltaHigh: '2' }, 'deltaHigh', /“2” is above 2/],
		[{ deltaHigh: 'dry' }, 'deltaHigh', /not a number of °C/],
		[{ deltaHigh: '40' }, 'deltaHigh', /from 0 to 25/]
	])('%j is refused at %s', (typed, path, words) => {
		const { problems } = weather(typed);
		expect(Object.keys(problems)).toEqual([path]);
		expect(problems[path]).toMatch(words);
	});

	it('is what the rules go by; a label’s wind stands above the farm’s', () => {
		const now = {
			from: 0,
			wind: 3,
			gust: null,
			temperature: 25,
			humidity: 40,
			sky: 'partly' as const,
			dew: false,
			sinceRain: 9,
			untilRain: 99,
			height: 2 as const,
			pressure: 1013.25,
			inversionHours: false,
			smoke: null
		};
		const said = (limits: Parameters<typeof jobLimits>[1], labels = [] as typeof demoProducts) =>
			Object.fromEntries(judgeWeather(now, jobLimits([...labels], limits), []).map((f) => [f.rule, f.state]));
		const none = { low: null, high: null, deltaLow: null, deltaHigh: null };
		// Delta-T of 25 °C and 40 %: 8.6 °C.
		expect(said(none)).toMatchObject({ wind: 'good', 'delta-t': 'look' });
		expect(said({ ...none, deltaHigh: 9 })).toMatchObject({ 'delta-t': 'good' });
		expect(said({ ...none, deltaHigh: 6 })).toMatchObject({ 'delta-t': 'look' });
		expect(said({ ...none, high: 2.5 })).toMatchObject({ wind: 'stop' });
		expect(jobLimits([], { ...none, deltaHigh: 6 }).deltaMost).toBe(usualLimits.deltaMost);
		const strict = demoProducts.filter((p) => p.wind !== null);
		expect(strict.length).toBeGreaterThan(0);
		expect(jobLimits(strict, { ...none, high: 20 })).toMatchObject({ windByLabel: true });
	});
});

describe('settings of before', () => {
	it('are read with what is usual for all that they do not tell', () => {
		const old = farmSettingsSchema.parse({ rateUnit: 'L/ha', gallon: 'US', windLow: null });
		expect(old.due).toEqual({ seasonStart: null, days: 365, hours: 50, area: null, abrasiveHours: 20 });
		expect(old.timeZone).toBe(machineZone());
		expect(farmSettingsSchema.parse({ due: { hours: null } }).due).toMatchObject({ hours: null, days: 365 });
	});

	it('are refused where a zone or a day is none', () => {
		expect(farmSettingsSchema.safeParse({ timeZone: 'Nowhere/At all' }).success).toBe(false);
		expect(farmSettingsSchema.safeParse({ due: { seasonStart: '00-10' } }).success).toBe(false);
	});
});
