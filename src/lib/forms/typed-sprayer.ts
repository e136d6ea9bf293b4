import type { TypedSprayer, SprayerFormText } from '../../core/index';
import { sprayerFromForm } from '../../core/index';
import type { FarmSettings } from '../settings/farm-settings';
import { fieldUnits, typed } from '../settings/field-units';
import { typedText } from '../settings/typed-text';

/** Reads a sprayer's form in the farm's own units. */
export function readSprayerForm(form: SprayerFormText, settings: FarmSettings) {
	const units = fieldUnits(settings);
	return sprayerFromForm(form, {
		tank: (text) => typed(text, units.tank, settings),
		spacing: (text) => typed(text, units.spacing, settings),
		length: (text) => typed(text, units.course, settings),
		flow: (text) => typed(text, units.flow, settings),
		pressure: (text) => typed(text, units.pressure, settings),
		speed: (text) => typed(text, units.speed, settings)
	});
}

const text = (typed: TypedSprayer['spacing']) => (typed ? typedText(typed) : '');

/** Names in a row; parted by semicolons where one has a comma in it, and one alone is closed by one, so that it stays one. */
const listed = (names: readonly string[]) =>
	names.some((name) => name.includes(',')) ? names.join('; ') + (names.length === 1 ? ';' : '') : names.join(', ');

/** A kept sprayer back into its form. */
export function formOfSprayer(sprayer: TypedSprayer): SprayerFormText {
	const arc = sprayer.kind === 'airblast';
	const ratings = Object.entries(sprayer.ratings ?? {});
	const groups = sprayer.groups ? (arc ? sprayer.groups.slice(0, sprayer.groups.length / 2) : sprayer.groups) : [];
	return {
		kind: sprayer.kind,
		drive: sprayer.drive ?? '',
		carrier: sprayer.carrier ?? '',
		carried: sprayer.carried ?? '',
		name: sprayer.name,
		tank: text(sprayer.tank),
		agitation: text(sprayer.agitation),
		dead: text(sprayer.dead),
		pressureLow: text(sprayer.pressures?.low),
		pressureHigh: text(sprayer.pressures?.high),
		nozzles: sprayer.uncounted ? '' : String(sprayer.nozzles),
		spacing: text(sprayer.spacing),
		sections: sprayer.sections.length > 1 && !sprayer.uncounted ? sprayer.sections.join(', ') : '',
		sectionNames: (sprayer.sectionNames ?? []).join(', '),
		stacked: sprayer.stacked ? String(sprayer.stacked) : '',
		tips: (sprayer.tips ?? []).map((t) => (t.rated ? `${t.name} = ${typedText(t.rated.flow)}` : t.name)).join('\n'),
		nozzle: sprayer.nozzle,
		ratedFlow: text(sprayer.rated?.flow),
		ratedAt: text(sprayer.rated?.at ?? ratings[0]?.[1].at ?? sprayer.tips?.find((t) => t.rated)?.rated?.at),
		fanAngle: sprayer.fan ? String(sprayer.fan.angle) : '',
		fanHeight: text(sprayer.fan?.height),
		band: text(sprayer.band?.band),
		bands: sprayer.band ? String(sprayer.band.bands) : '',
		bandRowSpacing: text(sprayer.band?.rowSpacing),
		bandRows: sprayer.band ? String(sprayer.band.rows) : '',
		makerSwath: text(sprayer.makerSwath),
		makerLow: text(sprayer.makerHeights?.low),
		makerHigh: text(sprayer.makerHeights?.high),
		perSide: arc && !sprayer.uncounted ? String(sprayer.nozzles / 2) : '',
		rowSpacing: text(sprayer.rowSpacing),
		groups: listed(groups),
		ratings: ratings.map(([name, rated]) => `${name} = ${typedText(rated.flow)}`).join('\n'),
		pump: text(sprayer.pump),
		stir: text(sprayer.stir),
		speedLow: text(sprayer.speeds?.low),
		speedHigh: text(sprayer.speeds?.high)
	};
}
