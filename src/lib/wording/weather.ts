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
	return { figure: figureOf(f, { speed, degrees, comma }), text: textOf(f, limits, { speed, degrees, comma }) };
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

function textOf(f: RuleFinding, limits: WeatherLimits, { speed, degrees, comma }: Shows): string {
	const whose = f.byLabel ? 'the label’s' : 'the farm’s';
	const ends = (low: number | null, high: number | null, shown: (v: number) => string) =>
		low === null ? `up to ${shown(high!)}` : high === null ? `from ${shown(low)}` : `${shown(low)} to ${shown(high)}`;
	const named = f.toward
		.map((n) => `${neighbourWords[n.what].toLowerCase()} in the ${compassWords[n.side]}${n.note ? ` (${n.note})` : ''}`)
		.join(', ');
	switch (f.why) {
		case 'unknown':
			return f.rule === 'inversion'
				? 'Not known: it takes the wind, the sky and the place. Look, or make a smoke test.'
				: 'Not known. Look, and enter it.';
		case 'strong':
			return `Over ${whose} limit of ${speed(limits.windHigh)}: ${f.state === 'stop' ? 'stop' : 'look again'}.`;
		case 'under-least':
			return `Under the label’s least wind of ${speed(limits.windLeast)}: stop.`;
		case 'still':
			return `Under ${speed(limits.windLow)}: drops can hang and wander. Make a smoke test.`;
		case 'inversion-hours':
			return `From ${hours(1.5, comma)} before sunset to 2 h after sunrise, little wind, no closed cloud: cold air may lie on the ground. Stop until a smoke test is written down.`;
		case 'smoke-hangs':
			return 'Smoke hangs or drifts in a layer: an inversion. Stop and wait.';
		case 'smoke-mixes':
			return 'The smoke test says that the air mixes.';
		case 'wet-air':
			return `Under ${difference(limits.deltaLow, comma)}: drops hardly dry, they stay fine and afloat.`;
		case 'dry-air':
			return `Over ${difference(limits.deltaHigh, comma)}: drops dry fast. Coarser drops, more water, or wait.`;
		case 'very-dry-air':
			return `Over ${difference(limits.deltaMost, comma)}: poor. Wait for cooler or damper air.`;
		case 'no-verdict':
			return 'Below freezing no rule tells what it means. The label decides.';
		case 'low':
		case 'high':
			return f.rule === 'humidity'
				? `The label allows ${ends(limits.humidity.low, limits.humidity.high, (v) => `${tenths(v, comma)} %`)}: stop.`
				: `The label allows ${ends(limits.temperature.low, limits.temperature.high, degrees)}: stop.`;
		case 'rain-coming':
			return `The label asks for ${hours(limits.rainFree, comma)} without rain: stop.`;
		case 'toward':
			return `The wind blows toward ${named}.`;
		case 'forbidden':
			return `The wind blows toward ${named}. A label of this job forbids that: stop.`;
		case 'away':
			return 'The wind blows toward nothing that was noted.';
		case 'dew':
			return 'Leaves are wet: spray can run off, or be thinned.';
		case 'within':
			return f.rule === 'rain' && limits.rainFree > 0
				? `The label asks for ${hours(limits.rainFree, comma)} without rain.`
				: f.rule === 'delta-t'
					? 'Good.'
					: f.rule === 'inversion'
						? 'The air mixes.'
						: 'Within the limits.';
	}
}
