import type { Gallon, Measures, Typed } from '../../core/index';
import type { FarmSettings } from './farm-settings';
import type { RateUnit } from './rate-units';

/** The unit that a bare number means in each field, by the measures that the farm thinks in. */
export interface FieldUnits {
	readonly course: 'm' | 'ft';
	readonly time: 's';
	readonly speed: 'km/h' | 'mph';
	readonly spacing: 'cm' | 'in';
	readonly catch: 'ml' | 'US fl oz' | 'Imp fl oz';
	readonly tank: 'L' | 'US gal' | 'Imp gal';
	readonly pressure: 'bar' | 'psi';
	readonly flow: 'L/min' | 'US gal/min' | 'Imp gal/min';
	readonly area: 'ha' | 'ac';
	readonly side: 'm' | 'ft';
	readonly dose: string;
	readonly dryDose: string;
}

export const isMetric = (rateUnit: RateUnit): boolean => rateUnit === 'L/ha' || rateUnit === 'L/100 m2';

export const measuresOf = (settings: FarmSettings): Measures => {
	if (isMetric(settings.rateUnit)) return 'metric';
	return settings.rateUnit.startsWith('Imp') ? 'Imperial' : 'US';
};

export function fieldUnits(settings: FarmSettings): FieldUnits {
	const measures = measuresOf(settings);
	if (measures === 'metric')
		return {
			course: 'm',
			time: 's',
			speed: 'km/h',
			spacing: 'cm',
			catch: 'ml',
			tank: 'L',
			pressure: 'bar',
			flow: 'L/min',
			area: 'ha',
			side: 'm',
			dose: 'L/ha',
			dryDose: 'kg/ha'
		};
	const g = measures === 'US' ? 'US' : 'Imp';
	return {
		course: 'ft',
		time: 's',
		speed: 'mph',
		spacing: 'in',
		catch: `${g} fl oz`,
		tank: `${g} gal`,
		pressure: 'psi',
		flow: `${g} gal/min`,
		area: 'ac',
		side: 'ft',
		dose: `${g} fl oz/ac`,
		dryDose: 'oz/ac'
	};
}

/** What was typed, with what it takes to read it again the same way. */
export const typed = (text: string, unit: string, settings: FarmSettings): Typed => ({
	text: text.trim(),
	unit,
	gallon: settings.gallon as Gallon,
	...(settings.decimalComma ? { comma: true } : {})
});

/** A unit as it is shown where whose gallon is plain: `fl oz`, not `US fl oz`. */
export const shortUnit = (unit: string): string =>
	unit
		.replace(/^(US|Imp) /, '')
		.replace('m2', 'm²')
		.replace('ft2', 'ft²');

/** The same, whose gallon kept: for answers. */
export const longUnit = (unit: string): string => unit.replace('m2', 'm²').replace('ft2', 'ft²');
