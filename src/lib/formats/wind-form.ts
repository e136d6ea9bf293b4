import { fields, readField } from '../../core';
import { wordIssue } from '../wording/issues';
import type { FarmSettings } from './farm-settings';
import { fieldUnits, typed } from './field-units';
import { typedText } from './typed-text';

type Wind = Pick<FarmSettings, 'windLow' | 'windHigh'>;

/** The farm's own limits of the wind, m/s; null is as usual. */
export function farmWind({ windLow, windHigh }: Wind): { readonly low: number | null; readonly high: number | null } {
	const wind = (t: Wind['windLow']) => {
		const read = t ? readField(fields.wind, t, 'wind') : null;
		return read?.ok ? read.value.value : null;
	};
	return { low: wind(windLow), high: wind(windHigh) };
}

export const windTexts = ({ windLow, windHigh }: Wind): { windLow: string; windHigh: string } => ({
	windLow: windLow ? typedText(windLow) : '',
	windHigh: windHigh ? typedText(windHigh) : ''
});

/** Reads the farm's limits of the wind: empty is as usual; the least has to be under the most. */
export function readWindForm(
	text: (name: 'windLow' | 'windHigh') => string,
	settings: FarmSettings
): { readonly limits: Wind; readonly problems: Record<string, string> } {
	const problems: Record<string, string> = {};
	const one = (name: 'windLow' | 'windHigh') => {
		if (text(name).trim() === '') return null;
		const told = typed(text(name), fieldUnits(settings).speed, settings);
		const read = readField(fields.wind, told, name);
		if (!read.ok) problems[name] = wordIssue(read.issues[0]!);
		return { told, value: read.ok ? read.value.value : null };
	};
	const [low, high] = [one('windLow'), one('windHigh')];
	if (low?.value != null && high?.value != null && low.value >= high.value)
		problems.windHigh = wordIssue({
			code: 'upside-down',
			path: 'windHigh',
			text: low.told.text,
			bound: high.told.text
		});
	return {
		limits: { windLow: (low?.told ?? null) as Wind['windLow'], windHigh: (high?.told ?? null) as Wind['windHigh'] },
		problems
	};
}
