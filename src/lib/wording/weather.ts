import type { RuleFinding, Sky, WeatherLimits, WeatherRule } from '../../core';
import { inUnit, showDecimals, si } from '../../core';
import type { FarmSettings } from '../formats/farm-settings';
import { fieldUnits } from '../formats/field-units';
import { compassWords, neighbourWords } from './ground';

export const ruleNames: Readonly<Record<WeatherRule, string>> = {
	wind: 'Wind',
	gust: 'Gusts',
	'delta-t': 'Delta-T',
	inversion: 'Inversion',
	rain: 'Rain',
	drift: 'Downwind',
	dew: 'Dew'
};

export const skyWords: Readonly<Record<Sky, string>> = { clear: 'Clear', partly: 'Part cloud', overcast: 'Overcast' };

const hours = (h: number, comma: boolean) => `${showDecimals(h, h < 10 && h % 1 !== 0 ? 1 : 0, comma)} h`;

/** One rule in words: its figure, and what it means. */
export function wordRule(
	f: RuleFinding,
	limits: WeatherLimits,
	settings: FarmSettings
): { readonly figure: string; readonly text: string } {
	const comma = settings.decimalComma;
	const unit = fieldUnits(settings).speed;
	const speed = (v: number) => `${showDecimals(inUnit('speed', si<'speed'>(v), unit), 1, comma)} ${unit}`;
	const figure =
		f.figure === null
			? ''
			: f.rule === 'wind' || f.rule === 'gust'
				? speed(f.figure)
				: f.rule === 'delta-t'
					? `${showDecimals(f.figure, 1, comma)} °C`
					: f.rule === 'rain'
						? f.figure >= 96
							? 'none in sight'
							: `in ${hours(f.figure, comma)}`
						: '';
	const whose = f.byLabel ? 'the label’s' : 'the';
	const text = ((): string => {
		switch (f.why) {
			case 'unknown':
				return 'Not known. Look, and type it.';
			case 'strong':
				return f.rule === 'gust'
					? `Gusts pass ${whose} limit of ${speed(limits.windHigh)}.`
					: `Over ${whose} limit of ${speed(limits.windHigh)}: stop.`;
			case 'still':
				return `Under ${speed(limits.windLow)}: drops can hang and wander. Test with smoke.`;
			case 'clear-and-still':
				return f.state === 'stop'
					? 'Still, clear, and near dawn or dusk: suspect an inversion. Wait until smoke rises and mixes.'
					: f.rule === 'inversion' && f.figure !== null && f.figure >= limits.windLow
						? 'Clear, near dawn or dusk: an inversion can form as the wind drops. Test with smoke.'
						: 'Still under a clear sky: suspect an inversion. Test with smoke.';
			case 'wet-air':
				return `Under ${limits.deltaLow} °C: drops hardly dry, they stay fine and afloat.`;
			case 'dry-air':
				return `Over ${limits.deltaHigh} °C: drops dry fast. Coarser drops, more water, or wait.`;
			case 'very-dry-air':
				return `Over ${limits.deltaMost} °C: poor. Wait for cooler or damper air.`;
			case 'rain-coming':
				return `The label asks for ${hours(limits.rainFree, comma)} without rain.`;
			case 'toward':
				return `It blows toward ${f.toward
					.map(
						(n) =>
							`${neighbourWords[n.what].toLowerCase()} in the ${compassWords[n.side]}${n.note ? ` (${n.note})` : ''}`
					)
					.join(', ')}.`;
			case 'away':
				return 'It blows toward nothing that was noted.';
			case 'dew':
				return 'Leaves are wet: spray can run off, or be thinned.';
			case 'within':
				return f.rule === 'rain' && limits.rainFree > 0
					? `${hours(limits.rainFree, comma)} without rain are asked for.`
					: f.rule === 'delta-t'
						? 'Good.'
						: 'Within the limits.';
		}
	})();
	return { figure, text };
}
