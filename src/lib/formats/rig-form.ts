import type { Rig, RigForm } from '../../core';
import { rigFromForm } from '../../core';
import type { FarmSettings } from './farm-settings';
import { fieldUnits, typed } from './field-units';
import { typedText } from './typed-text';

/** Reads a sprayer's form in the farm's own units. */
export function readRigForm(form: RigForm, settings: FarmSettings) {
	const units = fieldUnits(settings);
	return rigFromForm(form, {
		tank: (text) => typed(text, units.tank, settings),
		spacing: (text) => typed(text, units.spacing, settings),
		flow: (text) => typed(text, units.flow, settings),
		pressure: (text) => typed(text, units.pressure, settings)
	});
}

/** A kept rig back into its form. */
export const formOfRig = (rig: Rig): RigForm => ({
	name: rig.name,
	tank: typedText(rig.tank),
	nozzles: String(rig.nozzles),
	spacing: typedText(rig.spacing),
	sections: rig.sections.length > 1 ? rig.sections.join(', ') : '',
	nozzle: rig.nozzle,
	ratedFlow: rig.rated ? typedText(rig.rated.flow) : '',
	ratedAt: rig.rated ? typedText(rig.rated.at) : ''
});
