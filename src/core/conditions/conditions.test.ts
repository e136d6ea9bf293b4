import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Typed } from '../quantity/typed';
import { deltaT } from './delta-t';
import { readTemperature } from './read-temperature';
import type { Weather } from './weather';
import { usualLimits } from './weather';
import { judgeWeather, worstState } from './weather-rules';
import { weatherWindows } from './weather-windows';
import { wetBulb } from './wet-bulb';

const between = (min: number, max: number) => fc.double({ min, max, noNaN: true });

describe('the wet bulb', () => {
	it('lies below the dry one by no more than its own error, and rises with both where one sprays', () => {
		fc.assert(
			fc.property(between(0, 45), between(20, 95), (t, rh) => {
				const wet = wetBulb(t, rh)!;
				return wet <= t + 1 && wetBulb(t + 1, rh)! > wet && wetBulb(t, rh + 4)! > wet - 1e-9;
			})
		);
	});
	it('is none outside of its range, and Delta-T never below 0', () => {
		expect([wetBulb(51, 50), wetBulb(-21, 50), wetBulb(20, 4.9), wetBulb(20, 100)]).toEqual([null, null, null, null]);
		fc.assert(fc.property(between(-20, 50), between(5, 99), (t, rh) => deltaT(t, rh)! >= 0));
	});
});

const fair: Weather = {
	from: 270,
	wind: 2,
	gust: 3,
	temperature: 20,
	humidity: 50,
	sky: 'partly',
	dew: false,
	sinceRain: 20,
	untilRain: 12,
	toSun: 5
};
const found = (change: Partial<Weather>, limits = usualLimits, sides: readonly string[] = []) =>
	judgeWeather(
		{ ...fair, ...change },
		limits,
		sides.map((side) => ({ what: 'houses' as const, side: side as 'N', note: '' }))
	)
		.filter((f) => f.state !== 'good')
		.map((f) => `${f.rule} ${f.state} ${f.why}`);

describe('the rules of the weather', () => {
	it('say nothing of a fair day', () => expect(found({})).toEqual([]));
	it.each([
		[{ wind: 4.2 }, ['wind stop strong']],
		[{ wind: 4.16 }, []],
		[{ wind: 0.5 }, ['wind look still']],
		[{ gust: 6 }, ['gust look strong']],
		[{ humidity: 95 }, ['delta-t look wet-air']],
		[{ temperature: 30, humidity: 42 }, ['delta-t look dry-air']],
		[{ temperature: 34, humidity: 25 }, ['delta-t stop very-dry-air']],
		[{ wind: 0.5, sky: 'clear' as const, toSun: 1 }, ['wind look still', 'inversion stop clear-and-still']],
		[{ sky: 'clear' as const, toSun: -1 }, ['inversion look clear-and-still']],
		[{ wind: 0.5, sky: 'clear' as const }, ['wind look still', 'inversion look clear-and-still']],
		[{ dew: true }, ['dew look dew']],
		[{ wind: null }, ['wind unknown unknown', 'inversion unknown unknown']],
		[
			{ gust: null, dew: null, humidity: null },
			['gust unknown unknown', 'delta-t unknown unknown', 'dew unknown unknown']
		]
	])('%o', (change, wanted) => expect(found(change)).toEqual(wanted));

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
		expect(worstState([{ state: 'good' }, { state: 'unknown' }])).toBe('unknown');
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
