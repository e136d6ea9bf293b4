import { m } from '$words';
import type { FarmSettings } from './farm-settings';
import { fieldUnits, measuresOf, longUnit, shortUnit } from './field-units';

export interface UnitChoice {
	readonly value: string;
	readonly label: string;
}

/** What is typed in a unit that can be picked. */
export type UnitThing = 'rate' | 'speed' | 'width' | 'spacing' | 'flow' | 'pressure' | 'catch' | 'tank';

const metric: Record<UnitThing, readonly string[]> = {
	rate: ['L/ha', 'L/100 m2', 'ml/m2'],
	speed: ['km/h', 'm/s'],
	width: ['m', 'cm'],
	spacing: ['cm', 'm', 'mm'],
	flow: ['L/min', 'ml/min'],
	pressure: ['bar', 'kPa'],
	catch: ['ml', 'L', 'g', 'kg'],
	tank: ['L']
};
const english = (g: 'US' | 'Imp'): Record<UnitThing, readonly string[]> => ({
	rate: [`${g} gal/ac`, `${g} pt/ac`, `${g} qt/ac`, `${g} fl oz/1000 ft2`],
	speed: ['mph', 'ft/s'],
	width: ['ft', 'in', 'yd'],
	spacing: ['in', 'ft'],
	flow: [`${g} gal/min`, `${g} fl oz/min`, `${g} pt/min`, `${g} qt/min`],
	pressure: ['psi'],
	catch: [`${g} fl oz`, `${g} pt`, `${g} qt`, `${g} gal`, 'oz', 'lb'],
	tank: [`${g} gal`]
});

/** The units of the trade for a thing: the farm's own first, the rest of its system, then those of the other. */
export function unitChoices(thing: UnitThing, settings: FarmSettings): readonly UnitChoice[] {
	const measures = measuresOf(settings);
	const own = measures === 'metric' ? metric : english(measures === 'US' ? 'US' : 'Imp');
	const other = measures === 'metric' ? english(settings.gallon === 'US' ? 'US' : 'Imp') : metric;
	const units = fieldUnits(settings);
	const first = { ...units, rate: settings.rateUnit, width: units.side, catch: units.catch, tank: units.tank }[thing];
	const values = [...new Set([first, ...own[thing], ...other[thing]])];
	return values.map((value) => ({
		value,
		label: value === 'oz' ? m.oz_weighed() : thing === 'rate' ? longUnit(value) : shortUnit(value)
	}));
}

/** Other units that a field of a unit can be typed in: those of its own system, then of the other; itself first. */
const like: readonly (readonly string[])[] = [
	['L', 'ml', 'US gal', 'US qt', 'US pt', 'US fl oz'],
	['US gal', 'US qt', 'US pt', 'US fl oz', 'L', 'ml'],
	['Imp gal', 'Imp qt', 'Imp pt', 'Imp fl oz', 'L', 'ml'],
	['ml', 'L', 'g', 'kg', 'US fl oz', 'US gal'],
	['US fl oz', 'US pt', 'US qt', 'US gal', 'oz', 'lb', 'ml', 'L'],
	['Imp fl oz', 'Imp pt', 'Imp qt', 'Imp gal', 'oz', 'lb', 'ml', 'L'],
	['g', 'kg', 'oz', 'lb'],
	['kg', 'g', 'lb', 'oz'],
	['oz', 'lb', 'g', 'kg'],
	['lb', 'oz', 'kg', 'g'],
	['m', 'cm', 'ft', 'in', 'yd'],
	['ft', 'in', 'yd', 'm', 'cm'],
	['cm', 'm', 'in', 'ft'],
	['in', 'ft', 'cm', 'm'],
	['km/h', 'm/s', 'mph'],
	['mph', 'ft/s', 'km/h'],
	['bar', 'kPa', 'psi'],
	['psi', 'bar', 'kPa'],
	['s', 'min'],
	['ha', 'm2', 'ac', 'ft2'],
	['ac', 'ft2', 'ha', 'm2']
];
const labelOf = (value: string): string => (value === 'oz' ? m.oz_weighed() : shortUnit(value));

/** The units that a field of this unit offers; it alone where no other is usual. */
export const unitsLike = (unit: string): readonly UnitChoice[] =>
	(like.find(([own]) => own === unit) ?? [unit]).map((value) => ({ value, label: labelOf(value) }));

/** The unit of a figure as it is shown, among those of its field: litres where the jug is marked in millilitres. */
export const pouredIn = (units: readonly UnitChoice[], own: string, shown: string): string =>
	labelOf(own) === shown ? own : (units.find((u) => u.label === shown)?.value ?? own);
