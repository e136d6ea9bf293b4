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
		label: value === 'oz' ? 'oz weighed' : thing === 'rate' ? longUnit(value) : shortUnit(value)
	}));
}
