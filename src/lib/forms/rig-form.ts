import type { Rig, RigForm } from '../../core/index';
import { rigFromForm } from '../../core/index';
import type { FarmSettings } from '../settings/farm-settings';
import { fieldUnits, typed } from '../settings/field-units';
import { typedText } from '../settings/typed-text';

/** Reads a sprayer's form in the farm's own units. */
export function readRigForm(form: RigForm, settings: FarmSettings) {
	const units = fieldUnits(settings);
	return rigFromForm(form, {
		tank: (text) => typed(text, units.tank, settings),
		spacing: (text) => typed(text, units.spacing, settings),
		length: (text) => typed(text, units.course, settings),
		flow: (text) => typed(text, units.flow, settings),
		pressure: (text) => typed(text, units.pressure, settings),
		speed: (text) => typed(text, units.speed, settings)
	});
}

const text = (typed: Rig['spacing']) => (typed ? typedText(typed) : '');

/** Names in a row; parted by semicolons where one has a comma in it, and one alone is closed by one, so that it stays one. */
const listed = (names: readonly string[]) =>
	names.some((name) => name.includes(',')) ? names.join('; ') + (names.length === 1 ? ';' : '') : names.join(', ');

/** A kept rig back into its form. */
export function formOfRig(rig: Rig): RigForm {
	const arc = rig.kind === 'airblast';
	const ratings = Object.entries(rig.ratings ?? {});
	const groups = rig.groups ? (arc ? rig.groups.slice(0, rig.groups.length / 2) : rig.groups) : [];
	return {
		kind: rig.kind,
		drive: rig.drive ?? '',
		carrier: rig.carrier ?? '',
		carried: rig.carried ?? '',
		name: rig.name,
		tank: text(rig.tank),
		agitation: text(rig.agitation),
		dead: text(rig.dead),
		pressureLow: text(rig.pressures?.low),
		pressureHigh: text(rig.pressures?.high),
		nozzles: rig.uncounted ? '' : String(rig.nozzles),
		spacing: text(rig.spacing),
		sections: rig.sections.length > 1 && !rig.uncounted ? rig.sections.join(', ') : '',
		sectionNames: (rig.sectionNames ?? []).join(', '),
		stacked: rig.stacked ? String(rig.stacked) : '',
		tips: (rig.tips ?? []).map((t) => (t.rated ? `${t.name} = ${typedText(t.rated.flow)}` : t.name)).join('\n'),
		nozzle: rig.nozzle,
		ratedFlow: text(rig.rated?.flow),
		ratedAt: text(rig.rated?.at ?? ratings[0]?.[1].at ?? rig.tips?.find((t) => t.rated)?.rated?.at),
		fanAngle: rig.fan ? String(rig.fan.angle) : '',
		fanHeight: text(rig.fan?.height),
		band: text(rig.band?.band),
		bands: rig.band ? String(rig.band.bands) : '',
		bandRowSpacing: text(rig.band?.rowSpacing),
		bandRows: rig.band ? String(rig.band.rows) : '',
		makerSwath: text(rig.makerSwath),
		makerLow: text(rig.makerHeights?.low),
		makerHigh: text(rig.makerHeights?.high),
		perSide: arc && !rig.uncounted ? String(rig.nozzles / 2) : '',
		rowSpacing: text(rig.rowSpacing),
		groups: listed(groups),
		ratings: ratings.map(([name, rated]) => `${name} = ${typedText(rated.flow)}`).join('\n'),
		pump: text(rig.pump),
		stir: text(rig.stir),
		speedLow: text(rig.speeds?.low),
		speedHigh: text(rig.speeds?.high)
	};
}
