import { describe, expect, it } from 'vitest';
import { deltaT } from './delta-t';
import { readTemperature } from './read-temperature';
import type { TypedWeather } from './typed-weather';
import { readWeather, windName } from './typed-weather';
import type { Weather, WeatherLimits } from './weather';
import { usualLimits } from './weather';
import { judgeWeather, mixingWind } from './weather-rules';
import { weatherFits } from './weather-fits';
import { worstState } from './worst-state';
import { weatherWindows } from './weather-windows';
import { windAt } from './wind-at';

const fair: Weather = {
	from: 0,
	wind: 3,
	gust: 3,
	height: 2,
	temperature: 20,
	humidity: 50,
	pressure: 1013.25,
	sky: 'clear',
	dew: false,
	smoke: null,
	sinceRain: 9,
	untilRain: 12,
	inversionHours: false
};
const limits: WeatherLimits = {
	...usualLimits,
	windLow: 1,
	windHigh: 4,
	windByLabel: true,
	windHeight: 2,
	deltaLow: 2,
	deltaHigh: 8,
	deltaMost: 10,
	rainFree: 4,
	temperature: { low: 5, high: 25 },
	humidity: { low: 30, high: 90 }
};
const rule = (
	name: string,
	weather: Partial<Weather>,
	change: Partial<WeatherLimits> = {},
	beside: Parameters<typeof judgeWeather>[2] = []
) => {
	const found = judgeWeather({ ...fair, ...weather }, { ...limits, ...change }, beside).find((f) => f.rule === name);
	return found && [found.state, found.why, found.byLabel, found.figure];
};

describe('a limit that is met exactly is not passed; a hair beyond it is', () => {
	const hair = 1e-6;
	it('of the wind', () => {
		expect(rule('wind', { wind: 4 })).toEqual(['good', 'within', false, 4]);
		expect(rule('wind', { wind: 4 + hair })).toEqual(['stop', 'strong', true, 4 + hair]);
		expect(rule('wind', { wind: 4 + hair }, { windByLabel: false })).toEqual(['stop', 'strong', false, 4 + hair]);
		expect(rule('wind', { wind: 1 })).toEqual(['good', 'within', false, 1]);
		expect(rule('wind', { wind: 1 - hair })).toEqual(['look', 'still', false, 1 - hair]);
		expect(rule('wind', { wind: 2 }, { windLeast: 2 })).toEqual(['good', 'within', false, 2]);
		expect(rule('wind', { wind: 2 - hair }, { windLeast: 2 })).toEqual(['stop', 'under-least', true, 2 - hair]);
		expect(rule('wind', { wind: null })).toEqual(['unknown', 'unknown', false, null]);
	});
	it('of gusts: a label’s stops the work, the farm’s wants a look', () => {
		expect(rule('gust', { gust: 4 })).toEqual(['good', 'within', false, 4]);
		expect(rule('gust', { gust: 4 + hair })).toEqual(['stop', 'strong', true, 4 + hair]);
		expect(rule('gust', { gust: 5 }, { windByLabel: false })).toEqual(['look', 'strong', false, 5]);
		expect(rule('gust', { gust: null })).toEqual(['unknown', 'unknown', false, null]);
	});
	it('of Delta-T, both ends and the one at which the work stops', () => {
		const at = deltaT(20, 50)!;
		const delta = (change: Partial<WeatherLimits>) => rule('delta-t', {}, change)!.slice(0, 2);
		expect(delta({ deltaLow: at })).toEqual(['good', 'within']);
		expect(delta({ deltaLow: at + hair })).toEqual(['look', 'wet-air']);
		expect(delta({ deltaHigh: at })).toEqual(['good', 'within']);
		expect(delta({ deltaHigh: at - hair })).toEqual(['look', 'dry-air']);
		expect(delta({ deltaHigh: at - 2, deltaMost: at })).toEqual(['look', 'dry-air']);
		expect(delta({ deltaHigh: at - 2, deltaMost: at - hair })).toEqual(['stop', 'very-dry-air']);
		expect(rule('delta-t', { temperature: 0 })![0]).toBe('good');
		expect(rule('delta-t', { temperature: -0.1 })!.slice(0, 2)).toEqual(['unknown', 'no-verdict']);
		for (const gone of [{ temperature: null }, { humidity: null }])
			expect(rule('delta-t', gone)).toEqual(['unknown', 'unknown', false, null]);
	});
	it('of temperature and humidity where a label has them, and of nothing where it has none', () => {
		expect(rule('temperature', { temperature: 5 })).toEqual(['good', 'within', false, 5]);
		expect(rule('temperature', { temperature: 25 })).toEqual(['good', 'within', false, 25]);
		expect(rule('temperature', { temperature: 4.999 })).toEqual(['stop', 'low', true, 4.999]);
		expect(rule('temperature', { temperature: 25.001 })).toEqual(['stop', 'high', true, 25.001]);
		expect(rule('temperature', { temperature: -5 }, { temperature: { low: null, high: 25 } })![0]).toBe('good');
		expect(rule('temperature', { temperature: 40 }, { temperature: { low: 5, high: null } })![0]).toBe('good');
		expect(rule('temperature', { temperature: 4 }, { temperature: { low: 5, high: null } })![0]).toBe('stop');
		expect(rule('temperature', { temperature: null })).toEqual(['unknown', 'unknown', false, null]);
		expect(rule('temperature', {}, { temperature: { low: null, high: null } })).toBeUndefined();
		expect(rule('humidity', { humidity: 91 })).toEqual(['stop', 'high', true, 91]);
	});
	it('of rain', () => {
		expect(rule('rain', { untilRain: 4 })).toEqual(['good', 'within', false, 4]);
		expect(rule('rain', { untilRain: 3.9 })).toEqual(['stop', 'rain-coming', true, 3.9]);
		expect(rule('rain', { untilRain: null })).toEqual(['unknown', 'unknown', false, null]);
		expect(rule('rain', { untilRain: null }, { rainFree: 0 })).toEqual(['good', 'within', false, null]);
	});
	it('dew wants a look, and not knowing of it is said', () => {
		expect(rule('dew', { dew: true })).toEqual(['look', 'dew', false, null]);
		expect(rule('dew', { dew: false })).toEqual(['good', 'within', false, null]);
		expect(rule('dew', { dew: null })).toEqual(['unknown', 'unknown', false, null]);
	});
});

describe('an inversion', () => {
	const night = { inversionHours: true, wind: 2 };
	it('is decided by smoke, then by the wind that mixes, then by the hours and the sky', () => {
		expect(rule('inversion', { ...night, smoke: 'mixes' })).toEqual(['good', 'smoke-mixes', false, 2]);
		expect(rule('inversion', { wind: 5, smoke: 'hangs' })).toEqual(['stop', 'smoke-hangs', false, 5]);
		expect(rule('inversion', { ...night, wind: mixingWind })).toEqual(['good', 'within', false, mixingWind]);
		expect(rule('inversion', { ...night, wind: mixingWind - 1e-6 })!.slice(0, 2)).toEqual(['stop', 'inversion-hours']);
		expect(rule('inversion', { ...night, wind: null })).toEqual(['unknown', 'unknown', false, null]);
		expect(rule('inversion', { ...night, inversionHours: null })).toEqual(['unknown', 'unknown', false, 2]);
		expect(rule('inversion', { ...night, sky: null })).toEqual(['unknown', 'unknown', false, 2]);
	});
	it('out of its hours and under cloud only still air wants a look', () => {
		for (const air of [{ inversionHours: false }, { inversionHours: true, sky: 'overcast' as const }]) {
			expect(rule('inversion', { ...air, wind: 1 })).toEqual(['good', 'within', false, 1]);
			expect(rule('inversion', { ...air, wind: 0.9 })).toEqual(['look', 'still', false, 0.9]);
		}
	});
});

describe('drift', () => {
	const water = { what: 'water', side: 'E', note: '' } as const;
	const people = { what: 'houses', side: 'E', note: '' } as const;
	it('goes toward what lies downwind, and what a label forbids there stops the work', () => {
		expect(rule('drift', { from: null })).toEqual(['good', 'away', false, null]);
		expect(rule('drift', { from: null }, {}, [water])).toEqual(['unknown', 'unknown', false, null]);
		expect(rule('drift', { from: 270 }, {}, [water])).toEqual(['look', 'toward', false, 270]);
		expect(rule('drift', { from: 90 }, {}, [water])).toEqual(['good', 'away', false, 90]);
		expect(rule('drift', { from: 270 }, { forbidden: ['water'] }, [people, water])).toEqual([
			'stop',
			'forbidden',
			true,
			270
		]);
		const west = { ...water, side: 'W' } as const;
		expect(rule('drift', { from: 90 }, {}, [west])![0]).toBe('look');
		expect(rule('drift', { from: 45 }, {}, [{ ...water, side: 'N' }])![0]).toBe('good');
		expect(rule('drift', { from: 180 }, {}, [{ ...water, side: 'NW' }])![0]).toBe('look');
	});
});

const drift = (from: number, side: 'N' | 'E' | 'S' | 'W') =>
	judgeWeather({ ...fair, from }, usualLimits, [{ what: 'water', side, note: '' }]).find((f) => f.rule === 'drift')!
		.state;

describe('downwind', () => {
	it('is a side within 67.5° of where the wind goes, the limit included', () => {
		// From the north it goes south.
		expect(drift(0, 'S')).toBe('look');
		expect(drift(67.5, 'S')).toBe('look');
		expect(drift(68, 'S')).toBe('good');
		expect(drift(292.5, 'S')).toBe('look');
		expect(drift(292, 'S')).toBe('good');
		expect(drift(0, 'E')).toBe('good');
		expect(drift(0, 'N')).toBe('good');
	});
});

describe('several findings together', () => {
	const of = (...states: ('good' | 'look' | 'unknown' | 'stop')[]) =>
		states.map((state) => ({ rule: 'wind', state }) as const);
	it('are as grave as the gravest', () => {
		expect(worstState([])).toBe('good');
		expect(worstState(of('good', 'look'))).toBe('look');
		expect(worstState(of('unknown', 'look'))).toBe('unknown');
		expect(worstState(of('stop', 'unknown'))).toBe('stop');
	});
	it('fit the work where none stops it and none but dew is not known', () => {
		expect(weatherFits(of('good'))).toBe(true);
		expect(weatherFits(of('good', 'look'))).toBe(true);
		expect(weatherFits([{ rule: 'dew', state: 'stop' }])).toBe(false);
		expect(weatherFits([{ rule: 'dew', state: 'unknown' }])).toBe(true);
		expect(weatherFits(of('unknown'))).toBe(false);
	});
});

describe('weather as it is typed', () => {
	const told: TypedWeather = {
		from: '',
		wind: null,
		gust: null,
		temperature: null,
		humidity: '',
		sky: null,
		dew: null,
		lastRain: ''
	};
	const text = (t: string, unit: string) => ({ text: t, unit, gallon: 'US' as const });
	const read = (change: Partial<TypedWeather>) => {
		const got = readWeather({ ...told, ...change });
		return got.ok ? got.value : got.issues.map((i) => [i.code, i.path, i.text, i.wanted, i.bound]);
	};
	it('is nothing where nothing was told', () => {
		expect(read({})).toEqual({
			from: null,
			wind: null,
			gust: null,
			temperature: null,
			humidity: null,
			sky: null,
			dew: null,
			smoke: null,
			sinceRain: null
		});
	});
	it('has winds by name or by degrees, and signs that may stand or not', () => {
		expect(read({ from: ' n ' })).toMatchObject({ from: 0 });
		expect(read({ from: 'nnw' })).toMatchObject({ from: 337.5 });
		expect(read({ from: '360°' })).toMatchObject({ from: 360 });
		expect(read({ humidity: '100 %', lastRain: '6 h', smoke: 'mixes' })).toMatchObject({
			humidity: 100,
			sinceRain: 6,
			smoke: 'mixes'
		});
		expect(
			read({ humidity: '55%', wind: text('2', 'm/s'), gust: text('3', 'm/s'), temperature: text('18', 'C') })
		).toMatchObject({ humidity: 55, wind: 2, gust: 3, temperature: 18 });
	});
	it('says what is wrong, where, and what it may be', () => {
		expect(read({ from: '361' })).toEqual([['too-large', 'from', '361', 'degrees', '360']]);
		expect(read({ from: 'up' })).toEqual([['unreadable', 'from', 'up', 'degrees', undefined]]);
		expect(read({ humidity: '101 %' })).toEqual([['too-large', 'humidity', '101 %', 'humidity', '100']]);
		expect(read({ humidity: '5 % 5' })).toEqual([['unreadable', 'humidity', '5 % 5', 'humidity', undefined]]);
		expect(read({ humidity: '1,5' })).toEqual([['unreadable', 'humidity', '1,5', 'humidity', undefined]]);
		expect(read({ lastRain: '20000' })).toEqual([['too-large', 'lastRain', '20000', 'interval', '10000']]);
		expect(read({ wind: text('x', 'm/s') })).toEqual([['unreadable', 'wind', 'x', 'speed', undefined]]);
		expect(read({ gust: text('x', 'm/s') })).toEqual([['unreadable', 'gust', 'x', 'speed', undefined]]);
		expect(read({ temperature: text('99', 'C') })).toEqual([
			['too-large', 'temperature', '99', 'temperature', '50 °C']
		]);
	});
	it('names a wind by its eighth of the compass', () => {
		expect([0, 22, 23, 90, 202, 337, 338, 359, 360, 720, -90, -45].map(windName)).toEqual([
			'N',
			'N',
			'NE',
			'E',
			'S',
			'NW',
			'N',
			'N',
			'N',
			'N',
			'W',
			'NW'
		]);
	});
	it('is told of the height that it is wanted at', () => {
		expect(windAt(14, 10, 2)).toBeCloseTo(10, 12);
		expect(windAt(10, 2, 10)).toBeCloseTo(14, 12);
		expect([windAt(3, 10, 10), windAt(3, 2, 2)]).toEqual([3, 3]);
	});
});

describe('a temperature as it is typed', () => {
	const read = (text: string, unit = 'C', comma?: boolean) => {
		const got = readTemperature({ text, unit, gallon: 'US', ...(comma === undefined ? {} : { comma }) }, 'air');
		return got.ok ? got.value : got.issues.map((i) => [i.code, i.path, i.text, i.wanted, i.bound]);
	};
	it('is read in °C and °F, with its word, its sign and its decimal sign', () => {
		expect([
			read('18'),
			read('18 °C'),
			read('18 degrees c'),
			read('18 deg C'),
			read('18 degree C'),
			read('18 celsius')
		]).toEqual([18, 18, 18, 18, 18, 18]);
		expect([read('50', 'F'), read('50 Fahrenheit'), read('10 C', 'F'), read('−4'), read('- 4')]).toEqual([
			10, 10, 10, -4, -4
		]);
		expect([read('18.5'), read('18,5', 'C', true)]).toEqual([18.5, 18.5]);
		expect([read('-20'), read('50')]).toEqual([-20, 50]);
	});
	it('says what is wrong, with a bound in the unit that was typed', () => {
		expect(read('')).toEqual([['empty', 'air', undefined, 'temperature', undefined]]);
		expect(read('about 18')).toEqual([['unreadable', 'air', 'about 18', 'temperature', undefined]]);
		expect(read('18 or so')).toEqual([['unreadable', 'air', '18 or so', 'temperature', undefined]]);
		expect(read('18,5')).toEqual([['comma', 'air', '18,5', 'temperature', undefined]]);
		expect(read('-21')).toEqual([['too-small', 'air', '-21', 'temperature', '-20 °C']]);
		expect(read('51')).toEqual([['too-large', 'air', '51', 'temperature', '50 °C']]);
		expect(read('123 F')).toEqual([['too-large', 'air', '123 F', 'temperature', '122 °F']]);
		expect(read('-5 F')).toEqual([['too-small', 'air', '-5 F', 'temperature', '-4 °F']]);
	});
});

describe('start times', () => {
	it('there are none without a forecast, and the first stretch may begin at nought', () => {
		expect(weatherWindows([], 3600, 600, 600)).toEqual([]);
		const [first, ...others] = weatherWindows([{ at: 0, holds: true }], 1800, 600, 1200);
		expect(first).toEqual({ at: 0, fits: true, runs: 1800 });
		expect(others.map((o) => [o.at, o.fits, o.runs])).toEqual([
			[600, true, 1200],
			[1200, false, 600]
		]);
	});
});
