import { m } from '$words';
import type { Typed } from '../../core/index';
import { isBareNumber } from '../../core/index';
import type { FarmSettings } from './farm-settings';
import { fieldUnits, measuresOf, shortUnit, typed } from './field-units';

/** A unit that a dose is picked in, and what it says of the product. */
export interface DoseUnit {
	readonly value: string;
	readonly label: string;
	readonly state: 'liquid' | 'dry';
	/** Per volume of mix: such a unit is part of the text, since it is no unit of a quantity. */
	readonly inText: boolean;
}

const perGround = (unit: string, state: DoseUnit['state']): DoseUnit => ({
	value: unit,
	label: unit === 'oz/ac' ? m.oz_ac_weight() : shortUnit(unit),
	state,
	inText: false
});
const perMix = (unit: string, label: string, state: DoseUnit['state']): DoseUnit => ({
	value: unit,
	label,
	state,
	inText: true
});

/** Units in which labels of the farm's measures tell doses, the usual first. */
export function doseUnits(settings: FarmSettings): readonly DoseUnit[] {
	const measures = measuresOf(settings);
	if (measures === 'metric')
		return [
			perGround('L/ha', 'liquid'),
			perGround('ml/ha', 'liquid'),
			perGround('kg/ha', 'dry'),
			perGround('g/ha', 'dry'),
			perMix('% v/v', m.per_cent_of_a_liquid(), 'liquid'),
			perMix('ml/100 L', 'ml/100 L', 'liquid'),
			perMix('g/100 L', 'g/100 L', 'dry')
		];
	const g = measures === 'US' ? 'US' : 'Imp';
	return [
		perGround(`${g} fl oz/ac`, 'liquid'),
		perGround(`${g} pt/ac`, 'liquid'),
		perGround(`${g} qt/ac`, 'liquid'),
		perGround(`${g} gal/ac`, 'liquid'),
		perGround('oz/ac', 'dry'),
		perGround('lb/ac', 'dry'),
		perGround(`${g} fl oz/1000 ft2`, 'liquid'),
		perMix('% v/v', m.per_cent_of_a_liquid(), 'liquid'),
		perMix(`${g} fl oz/100 ${g} gal`, 'fl oz/100 gal', 'liquid'),
		perMix(`lb/100 ${g} gal`, 'lb/100 gal', 'dry')
	];
}

/** A dose as it was typed beside a picked unit: a unit per volume of mix stands in the text, since it is no unit of a quantity. */
export function typedDose(text: string, unit: DoseUnit, settings: FarmSettings): Typed {
	const units = fieldUnits(settings);
	const bare = isBareNumber(text.trim());
	const inUnit = unit.inText ? (unit.state === 'dry' ? units.dryDose : units.dose) : unit.value;
	return typed(bare && unit.inText ? `${text.trim()} ${unit.value}` : text, inUnit, settings);
}
