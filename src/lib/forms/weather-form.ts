import { m } from '$words';
import type { FarmWeather } from '../../core/index';
import { fields, readField, readNumber, usualLimits } from '../../core/index';
import { wordIssue } from '../wording/issues';
import type { FarmSettings } from '../settings/farm-settings';
import { fieldUnits, typed } from '../settings/field-units';
import { typedText } from '../settings/typed-text';

type Limits = Pick<FarmSettings, 'windLow' | 'windHigh' | 'deltaLow' | 'deltaHigh'> &
	Partial<Pick<FarmSettings, 'windHeight'>>;
type WeatherField = 'windLow' | 'windHigh' | 'deltaLow' | 'deltaHigh';

/** The farm's own limits of the weather as the core takes them: m/s and °C; null is as usual. */
export function farmWeather({ windLow, windHigh, windHeight, deltaLow, deltaHigh }: Limits): FarmWeather {
	const wind = (t: Limits['windLow']) => {
		const read = t ? readField(fields.wind, t, 'wind') : null;
		return read?.ok ? read.value.value : null;
	};
	return { low: wind(windLow), high: wind(windHigh), height: windHeight, deltaLow, deltaHigh };
}

export function weatherTexts(limits: Limits & Pick<FarmSettings, 'decimalComma'>): Record<WeatherField, string> {
	const number = (n: number | null) => (n === null ? '' : limits.decimalComma ? `${n}`.replace('.', ',') : `${n}`);
	return {
		windLow: limits.windLow ? typedText(limits.windLow) : '',
		windHigh: limits.windHigh ? typedText(limits.windHigh) : '',
		deltaLow: number(limits.deltaLow),
		deltaHigh: number(limits.deltaHigh)
	};
}

/** No air is drier than this where anybody sprays, °C. */
const mostDelta = 25;

/** Reads the farm's limits of the weather: empty is as usual; the least has to be under the most. */
export function readWeatherForm(
	text: (name: WeatherField) => string,
	settings: FarmSettings
): { readonly limits: Limits; readonly problems: Record<string, string> } {
	const problems: Record<string, string> = {};
	const wind = (name: 'windLow' | 'windHigh') => {
		if (text(name).trim() === '') return null;
		const told = typed(text(name), fieldUnits(settings).speed, settings);
		const read = readField(fields.wind, told, name);
		if (!read.ok) problems[name] = wordIssue(read.issues[0]!);
		return { told, value: read.ok ? read.value.value : null };
	};
	const delta = (name: 'deltaLow' | 'deltaHigh'): number | null => {
		const told = text(name).trim();
		if (told === '') return null;
		const value = readNumber(told, settings.decimalComma);
		if (typeof value !== 'number') problems[name] = m.is_no_number_of_c_write({ told });
		else if (value < 0 || value > mostDelta) problems[name] = m.has_to_be_from_0_to({ told, mostDelta });
		else return value;
		return null;
	};
	const upsideDown = (low: string, high: string, path: string) =>
		(problems[path] ??= wordIssue({ code: 'upside-down', path, text: low, bound: high }));
	const [low, high] = [wind('windLow'), wind('windHigh')];
	if (low?.value != null && high?.value != null && low.value >= high.value)
		upsideDown(low.told.text, high.told.text, 'windHigh');
	const [deltaLow, deltaHigh] = [delta('deltaLow'), delta('deltaHigh')];
	const [least, most] = [deltaLow ?? usualLimits.deltaLow, deltaHigh ?? usualLimits.deltaHigh];
	if (least >= most) upsideDown(`${least}`, `${most}`, deltaHigh === null ? 'deltaLow' : 'deltaHigh');
	return {
		limits: {
			windLow: (low?.told ?? null) as Limits['windLow'],
			windHigh: (high?.told ?? null) as Limits['windHigh'],
			deltaLow,
			deltaHigh
		},
		problems
	};
}
