import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Typed } from '../quantity/typed';
import { airPressure } from './air-pressure';
import { deltaT } from './delta-t';
import { readTemperature } from './read-temperature';
import type { Weather } from './weather';
import { usualLimits } from './weather';
import { judgeWeather } from './weather-rules';
import { weatherFits } from './weather-fits';
import { worstState } from './worst-state';
import { weatherWindows } from './weather-windows';
import { wetBulb } from './wet-bulb';

const between = (min: number, max: number) => fc.double({ min, max, noNaN: true });

/** Stull (2011): a fit that is good to about 1 °C between 20 and 95 % above freezing. */
const stull = (t: number, rh: number) =>
	t * Math.atan(0.151977 * Math.sqrt(rh + 8.313659)) +
	Math.atan(t + rh) -
	Math.atan(rh - 1.676331) +
	0.00391838 * rh ** 1.5 * Math.atan(0.023101 * rh) -
	4.686035;

describe('the wet bulb', () => {
	it.each([
		[20, 50, undefined, 6.158],
		[30, 20, undefined, 14.15],
		[40, 5, undefined, 23.099],
		[25, 80, undefined, 2.594],
		[15, 95, undefined, 0.486],
		[30, 20, 800, 15.375],
		[12, 100, undefined, 0]
	])('at %d °C, %d %% and %s hPa gives a Delta-T of %d', (t, rh, p, wanted) =>
		expect(deltaT(t, rh, p)).toBeCloseTo(wanted, 3)
	);
	it('solves its equation, lies at or below the dry one, and rises with both', () => {
		fc.assert(
			fc.property(between(-20, 49), between(0, 96), between(700, 1050), (t, rh, p) => {
				const wet = wetBulb(t, rh, p)!;
				return wet <= t && wetBulb(t + 1, rh, p)! > wet && wetBulb(t, rh + 4, p)! > wet;
			})
		);
	});
	it('agrees with another way of telling it where that one is good', () => {
		fc.assert(fc.property(between(1, 45), between(20, 95), (t, rh) => Math.abs(wetBulb(t, rh)! - stull(t, rh)) < 1.1));
	});
	it('is none outside of its range, and Delta-T never below 0', () => {
		expect([wetBulb(51, 50), wetBulb(-21, 50), wetBulb(20, -0.1), wetBulb(20, 100.1)]).toEqual([
			null,
			null,
			null,
			null
		]);
		fc.assert(fc.property(between(-20, 50), between(0, 100), (t, rh) => deltaT(t, rh)! >= 0));
	});
	it('needs less air the higher it is', () => {
		expect(airPressure(0)).toBe(1013.25);
		expect(airPressure(1000)).toBeCloseTo(898.7, 1);
	});
});

const fair: Weather = {
	from: 270,
	wind: 2,
	gust: 3,
	height: 2,
	temperature: 20,
	humidity: 50,
	pressure: 1013.25,
	sky: 'partly',
	dew: false,
	smoke: null,
	sinceRain: 20,
	untilRain: 12,
	inversionHours: false
};
const found = (change: Partial<Weather>, limits = usualLimits, sides: readonly string[] = []) =>
	judgeWeather(
		{ ...fair, ...change },
		limits,
		sides.map((side) => ({ what: 'houses' as const, side: side as 'N', note: '' }))
	)
		.filter((f) => f.state !== 'good')
		.map((f) => `${f.rule} ${f.state} ${f.why}`);
const kmh = 1 / 3.6;

describe('the rules of the weather', () => {
	it('say nothing of a fair day', () => expect(found({})).toEqual([]));
	it.each([
		[{ wind: 4.2 }, ['wind stop strong']],
		[{ wind: 15 * kmh }, []],
		[{ wind: 0.5 }, ['wind look still', 'inversion look still']],
		[{ gust: 6 }, ['gust look strong']],
		[{ humidity: 95 }, ['delta-t look wet-air']],
		[{ humidity: 100 }, ['delta-t look wet-air']],
		[{ temperature: 30, humidity: 42 }, ['delta-t look dry-air']],
		[{ temperature: 34, humidity: 25 }, ['delta-t stop very-dry-air']],
		[{ temperature: 34, humidity: 3 }, ['delta-t stop very-dry-air']],
		[{ temperature: -1 }, ['delta-t unknown no-verdict']],
		[{ dew: true }, ['dew look dew']],
		[{ wind: null }, ['wind unknown unknown', 'inversion unknown unknown']],
		[
			{ gust: null, dew: null, humidity: null },
			['gust unknown unknown', 'delta-t unknown unknown', 'dew unknown unknown']
		]
	])('%o', (change, wanted) => expect(found(change)).toEqual(wanted));

	it('never say of an hour of an inversion that it holds, until smoke or cloud or wind does', () => {
		const night = { inversionHours: true } as const;
		const clear = { ...night, sky: 'clear' } as const;
		expect(found({ ...clear, wind: 2 * kmh })).toEqual(['wind look still', 'inversion stop inversion-hours']);
		expect(found({ ...clear, wind: 3.6 * kmh })).toEqual(['inversion stop inversion-hours']);
		expect(found({ ...night, sky: 'partly', wind: 10.9 * kmh })).toEqual(['inversion stop inversion-hours']);
		expect(found({ ...night, sky: null, wind: 0.7 * kmh })).toEqual(['wind look still', 'inversion unknown unknown']);
		expect(found({ ...clear, wind: 11 * kmh })).toEqual([]);
		expect(found({ ...night, sky: 'overcast', wind: 5 * kmh })).toEqual([]);
		expect(found({ ...clear, wind: 5 * kmh, smoke: 'mixes' })).toEqual([]);
		expect(found({ wind: 2, smoke: 'hangs' })).toEqual(['inversion stop smoke-hangs']);
	});
	it('do not know an inversion where nobody knows the place', () => {
		expect(found({ inversionHours: null })).toEqual(['inversion unknown unknown']);
		expect(found({ inversionHours: null, wind: 3.2 })).toEqual([]);
	});
	it('hold for every weather: not known never fits', () => {
		const maybe = <T>(one: fc.Arbitrary<T>) => fc.option(one, { nil: null });
		fc.assert(
			fc.property(
				fc.record({
					wind: maybe(between(0, 8)),
					gust: maybe(between(0, 12)),
					temperature: maybe(between(-5, 40)),
					humidity: maybe(between(0, 100)),
					sky: fc.constantFrom(null, 'clear' as const, 'partly' as const, 'overcast' as const),
					inversionHours: fc.constantFrom(null, true, false),
					from: maybe(between(0, 359))
				}),
				(change) => {
					const all = judgeWeather({ ...fair, ...change }, usualLimits, [{ what: 'water', side: 'N', note: '' }]);
					if (!weatherFits(all)) return true;
					const { wind, gust, temperature, humidity, from, sky, inversionHours: hours } = change;
					const known = [wind, gust, temperature, humidity, from].every((v) => v !== null);
					const mixes = wind! >= 11 * kmh - 1e-6 || hours === false || sky === 'overcast';
					return known && mixes && wind! <= 15 * kmh + 1e-6;
				}
			),
			{ numRuns: 3000 }
		);
	});

	it('take a label before the farm: gusts, least wind, temperature, humidity, what lies downwind', () => {
		const label = { ...usualLimits, windHigh: 10 * kmh, windByLabel: true, windLeast: 5 * kmh };
		expect(found({ wind: 6 * kmh, gust: 20 * kmh }, label)).toEqual(['gust stop strong']);
		expect(found({ wind: 4.9 * kmh }, label)).toEqual(['wind stop under-least', 'gust stop strong']);
		expect(found({ gust: 2 }, { ...usualLimits, temperature: { low: null, high: 19.9 } })).toEqual([
			'temperature stop high'
		]);
		expect(
			found({}, { ...usualLimits, temperature: { low: 20, high: 25 }, humidity: { low: 51, high: null } })
		).toEqual(['humidity stop low']);
		expect(found({ humidity: null }, { ...usualLimits, humidity: { low: null, high: 80 } })).toEqual([
			'delta-t unknown unknown',
			'humidity unknown unknown'
		]);
		expect(found({}, { ...usualLimits, forbidden: ['houses'] }, ['E'])).toEqual(['drift stop forbidden']);
		expect(found({}, { ...usualLimits, forbidden: ['water'] }, ['E'])).toEqual(['drift look toward']);
	});
	it('hold a forecast’s wind at 10 m against limits that are meant at 2 m', () => {
		expect(found({ wind: 20 * kmh, gust: 20 * kmh, height: 10 })).toEqual([]);
		expect(found({ wind: 4 * kmh, gust: 4 * kmh, height: 10 })).toEqual(['wind look still', 'inversion look still']);
		expect(found({ wind: 20 * kmh, gust: 2, height: 10 }, { ...usualLimits, windHeight: 10 })).toEqual([
			'wind stop strong'
		]);
	});

	it('hold the rain against the longest rain-free time of a label', () => {
		const limits = { ...usualLimits, rainFree: 4 };
		expect(found({ untilRain: 3 }, limits)).toEqual(['rain stop rain-coming']);
		expect(found({ untilRain: 4 }, limits)).toEqual([]);
		expect(found({ untilRain: null }, limits)).toEqual(['rain unknown unknown']);
		expect(found({ untilRain: null })).toEqual([]);
	});

	it('name what lies downwind, whatever way the compass turns', () => {
		expect(found({ from: 270 }, usualLimits, ['E'])).toEqual(['drift look toward']);
		expect(found({ from: 270 }, usualLimits, ['W', 'N'])).toEqual([]);
		expect(found({ from: 350 }, usualLimits, ['S', 'SE'])).toEqual(['drift look toward']);
		// A side up to 67.5° off the wind's own way is downwind: NE (45°) of a wind that goes to 112.5° is, at 113° it is not.
		expect(found({ from: 292.5 }, usualLimits, ['NE'])).toEqual(['drift look toward']);
		expect(found({ from: 293 }, usualLimits, ['NE'])).toEqual([]);
		expect(found({ from: null }, usualLimits, ['S'])).toEqual(['drift unknown unknown']);
		fc.assert(
			fc.property(between(0, 359), fc.integer({ min: 0, max: 7 }), (from, turn) => {
				const sides = ['N', 'NE', 'E', 'SE', 'S', 'SW', 'W', 'NW'];
				const one = found({ from }, usualLimits, [sides[turn]!]);
				// Turned by an eighth of the compass, wind and side both, it says the same.
				return one.join() === found({ from: (from + 45) % 360 }, usualLimits, [sides[(turn + 1) % 8]!]).join();
			})
		);
	});

	it('are told by the gravest of them', () => {
		expect(worstState([])).toBe('good');
		expect(worstState([{ state: 'look' }, { state: 'stop' }, { state: 'unknown' }])).toBe('stop');
		expect(worstState([{ state: 'look' }, { state: 'unknown' }])).toBe('unknown');
	});
});

describe('start times', () => {
	it('are the same as by looking at every minute of the work', () => {
		const stretch = fc.record({ length: fc.integer({ min: 1, max: 6 }), holds: fc.boolean() });
		fc.assert(
			fc.property(
				fc.array(stretch, { minLength: 1, maxLength: 30 }),
				fc.integer({ min: 1, max: 12 }),
				(made, quarters) => {
					let at = 0;
					const stretches = made.map(({ length, holds }) => {
						const one = { at, holds };
						at += length * 900;
						return one;
					});
					const lasts = quarters * 900;
					const holdsAt = (time: number) => time < at && stretches.filter((s) => s.at <= time).at(-1)!.holds;
					return weatherWindows(stretches, at, 900, lasts).every((start) => {
						let fits = true;
						for (let time = start.at; time < start.at + lasts; time += 60) fits &&= holdsAt(time);
						return fits === start.fits;
					});
				}
			),
			{ numRuns: 1000 }
		);
	});
	it('are none without a forecast', () => expect(weatherWindows([], 0, 900, 3600)).toEqual([]));
});

describe('a temperature', () => {
	const read = (text: string, unit = 'C', comma = false) => {
		const typed: Typed = { text, unit, gallon: 'US', comma };
		const made = readTemperature(typed, 'temperature');
		return made.ok ? made.value : made.issues[0]!.code;
	};
	it('is read in either scale, with a minus and the farm’s decimal sign', () => {
		expect([read('18'), read('18 °C'), read('−3.5'), read('50 F'), read('50', 'F'), read('18,5', 'C', true)]).toEqual([
			18, 18, -3.5, 10, 10, 18.5
		]);
	});
	it('is refused where it cannot be', () => {
		expect([read(''), read('warm'), read('64'), read('-30'), read('18 K')]).toEqual([
			'empty',
			'unreadable',
			'too-large',
			'too-small',
			'unreadable'
		]);
	});
});
