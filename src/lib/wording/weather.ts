import type { RuleFinding, Sky, SmokeTest, WeatherLimits, WeatherRule } from '../../core';
import { inUnit, showDecimals, si } from '../../core';
import type { FarmSettings } from '../settings/farm-settings';
import { fieldUnits } from '../settings/field-units';
import { compassWords, neighbourWords } from './ground';

export const ruleNames: Readonly<Record<WeatherRule, string>> = {
	wind: 'Wind',
	gust: 'Gusts',
	inversion: 'Inversion',
	drift: 'Downwind',
	'delta-t': 'Delta-T',
	temperature: 'Air',
	humidity: 'Humidity',
	rain: 'Rain',
	dew: 'Dew'
};

export const skyWords: Readonly<Record<Sky, string>> = { clear: 'Clear', partly: 'Part cloud', overcast: 'Overcast' };

export const smokeWords: Readonly<Record<SmokeTest, string>> = {
	mixes: 'Smoke mixes',
	hangs: 'Smoke hangs'
};

/** To a tenth, where it has one: a limit is told as it was set. */
const tenths = (v: number, comma: boolean) => showDecimals(v, Math.round(v * 10) % 10 === 0 ? 0 : 1, comma);
const hours = (h: number, comma: boolean) => `${showDecimals(h, h < 10 && h % 1 !== 0 ? 1 : 0, comma)} h`;
/** A difference of temperatures, as a farm sets its limits. */
const difference = (v: number, comma: boolean) => `${tenths(v, comma)} °C`;

/** One rule in words: its figure, and what it means. */
export function wordRule(
	f: RuleFinding,
	limits: WeatherLimits,
	settings: FarmSettings
): { readonly figure: string; readonly text: string } {
	const comma = settings.decimalComma;
	const unit = fieldUnits(settings).speed;
	const speed = (v: number) => `${showDecimals(inUnit('speed', si<'speed'>(v), unit), 1, comma)} ${unit}`;
	const degrees = (v: number) => (unit === 'mph' ? `${tenths((v * 9) / 5 + 32, comma)} °F` : `${tenths(v, comma)} °C`);
	return { figure: figureOf(f, { speed, degrees, comma }), text: texts[f.why](f, limits, { speed, degrees, comma }) };
}

interface Shows {
	readonly speed: (v: number) => string;
	readonly degrees: (v: number) => string;
	readonly comma: boolean;
}

function figureOf({ rule, figure }: RuleFinding, { speed, degrees, comma }: Shows): string {
	if (figure === null) return '';
	switch (rule) {
		case 'wind':
		case 'gust':
			return speed(figure);
		case 'delta-t':
			return `${showDecimals(figure, 1, comma)} °C`;
		case 'temperature':
			return degrees(figure);
		case 'humidity':
			return `${showDecimals(figure, 0, comma)} %`;
		case 'rain':
			return figure >= 96 ? 'none in sight' : `in ${hours(figure, comma)}`;
		case 'inversion':
		case 'drift':
		case 'dew':
			return '';
	}
}

const ends = (low: number | null, high: number | null, shown: (v: number) => string) =>
	low === null ? `up to ${shown(high!)}` : high === null ? `from ${shown(low)}` : `${shown(low)} to ${shown(high)}`;
const named = ({ toward }: RuleFinding) =>
	toward
		.map((n) => `${neighbourWords[n.what].toLowerCase()} in the ${compassWords[n.side]}${n.note ? ` (${n.note})` : ''}`)
		.join(', ');

type Words = (f: RuleFinding, limits: WeatherLimits, shows: Shows) => string;
const outside: Words = ({ rule }, { humidity, temperature }, { degrees, comma }) =>
	rule === 'humidity'
		? `The label allows ${ends(humidity.low, humidity.high, (v) => `${tenths(v, comma)} %`)}: stop.`
		: `The label allows ${ends(temperature.low, temperature.high, degrees)}: stop.`;

/** What is good about a rule that holds, where it is more than that it lies within the limits. */
const holds: Partial<Record<WeatherRule, Words>> = {
	'delta-t': () => 'Good.',
	inversion: () => 'The air mixes.',
	rain: (_, { rainFree }, { comma }) =>
		rainFree > 0 ? `The label asks for ${hours(rainFree, comma)} without rain.` : 'Within the limits.'
};

const texts: Readonly<Record<RuleFinding['why'], Words>> = {
	unknown: ({ rule }) =>
		rule === 'inversion'
			? 'Not known: it takes the wind, the sky and the place. Look, or make a smoke test.'
			: 'Not known. Look, and enter it.',
	strong: ({ byLabel, state }, { windHigh }, { speed }) =>
		`Over ${byLabel ? 'the label’s' : 'the farm’s'} limit of ${speed(windHigh)}: ${state === 'stop' ? 'stop' : 'look again'}.`,
	'under-least': (_, { windLeast }, { speed }) => `Under the label’s least wind of ${speed(windLeast)}: stop.`,
	still: (_, { windLow }, { speed }) => `Under ${speed(windLow)}: drops can hang and wander. Make a smoke test.`,
	'inversion-hours': (_, __, { comma }) =>
		`From ${hours(1.5, comma)} before sunset to 2 h after sunrise, little wind, no closed cloud: cold air may lie on the ground. Stop until a smoke test is written down.`,
	'smoke-hangs': () => 'Smoke hangs or drifts in a layer: an inversion. Stop and wait.',
	'smoke-mixes': () => 'The smoke test says that the air mixes.',
	'wet-air': (_, { deltaLow }, { comma }) =>
		`Under ${difference(deltaLow, comma)}: drops hardly dry, they stay fine and afloat.`,
	'dry-air': (_, { deltaHigh }, { comma }) =>
		`Over ${difference(deltaHigh, comma)}: drops dry fast. Coarser drops, more water, or wait.`,
	'very-dry-air': (_, { deltaMost }, { comma }) =>
		`Over ${difference(deltaMost, comma)}: poor. Wait for cooler or damper air.`,
	'no-verdict': () => 'Below freezing no rule tells what it means. The label decides.',
	low: outside,
	high: outside,
	'rain-coming': (_, { rainFree }, { comma }) => `The label asks for ${hours(rainFree, comma)} without rain: stop.`,
	toward: (f) => `The wind blows toward ${named(f)}.`,
	forbidden: (f) => `The wind blows toward ${named(f)}. A label of this job forbids that: stop.`,
	away: () => 'The wind blows toward nothing that was noted.',
	dew: () => 'Leaves are wet: spray can run off, or be thinned.',
	within: (...all) => holds[all[0].rule]?.(...all) ?? 'Within the limits.'
};
