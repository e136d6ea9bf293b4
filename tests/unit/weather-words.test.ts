import { describe, expect, it } from 'vitest';
import type { RuleFinding, WeatherLimits } from '../../src/core';
import { si, usualLimits } from '../../src/core';
import { defaultSettings } from '../../src/lib/settings/farm-settings';
import { wordRule } from '../../src/lib/wording/weather';

const whys = [
	'within',
	'still',
	'under-least',
	'strong',
	'wet-air',
	'dry-air',
	'very-dry-air',
	'no-verdict',
	'inversion-hours',
	'smoke-mixes',
	'smoke-hangs',
	'low',
	'high',
	'rain-coming',
	'toward',
	'forbidden',
	'away',
	'dew',
	'unknown'
] as const satisfies readonly RuleFinding['why'][];
const rules = ['wind', 'gust', 'delta-t', 'temperature', 'humidity', 'rain'] as const;
const limits: WeatherLimits = {
	...usualLimits,
	deltaLow: 2.5,
	deltaHigh: 8.5,
	deltaMost: 10.5,
	rainFree: 2.5,
	temperature: { low: 5.5, high: 27.5 },
	humidity: { low: 42.5, high: 87.5 },
	windLeast: si<'speed'>(0.7)
};
const found = (rule: RuleFinding['rule'], why: RuleFinding['why'], figure: number): RuleFinding => ({
	rule,
	why,
	figure,
	state: 'look',
	toward: [],
	byLabel: false
});

describe('the weather in words', () => {
	it.each(['L/ha', 'US gal/ac'] as const)('has the decimal sign of a farm in %s', (rateUnit) => {
		const settings = { ...defaultSettings, rateUnit, decimalComma: true };
		const said = rules.flatMap((rule) =>
			whys.map((why) => {
				const { figure, text } = wordRule(found(rule, why, 2.45), limits, settings);
				return `${figure} ${text}`;
			})
		);
		expect(said.filter((words) => /\d\.\d/.test(words))).toEqual([]);
		expect(said.join(' ')).toContain('From 1,5 h before sunset');
		expect(said.join(' ')).toContain('Under 2,5 °C');
		// A limit is told as it was set, and not rounded to another one.
		if (rateUnit === 'L/ha') expect(said.join(' ')).toContain('The label allows 5,5 °C to 27,5 °C');
		expect(said.join(' ')).toContain('The label allows 42,5 % to 87,5 %');
	});
});
