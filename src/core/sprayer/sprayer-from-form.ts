import type { Issue } from '../quantity/issue';
import type { Typed } from '../quantity/typed';
import type { TypedBand } from '../calibration-log/entered-parts';
import type { Carried, Carrier, Drive, TypedSprayer, SprayerKind, TypedRated } from './sprayer';
import { readSprayer } from './read-sprayer';

/** The texts of a sprayer's form. What a kind does not ask for is left empty. */
export const sprayerTexts = [
	'name',
	'tank',
	'agitation',
	'dead',
	'pressureLow',
	'pressureHigh',
	'nozzles',
	'spacing',
	'sections',
	'sectionNames',
	'stacked',
	'tips',
	'nozzle',
	'ratedFlow',
	'ratedAt',
	'fanAngle',
	'fanHeight',
	'band',
	'bands',
	'bandRowSpacing',
	'bandRows',
	'makerSwath',
	'makerLow',
	'makerHigh',
	'perSide',
	'rowSpacing',
	'groups',
	'ratings',
	'pump',
	'stir',
	'speedLow',
	'speedHigh'
] as const;
export type SprayerText = (typeof sprayerTexts)[number];

/** A sprayer's form as it was typed: what it is, then all text. */
export type SprayerFormText = Readonly<Record<SprayerText, string>> & {
	readonly kind: SprayerKind;
	readonly drive: Drive | '';
	readonly carrier: Carrier | '';
	readonly carried: Carried | '';
};

/** How the form's bare numbers are read. */
export interface SprayerFormReading {
	readonly tank: (text: string) => Typed;
	readonly spacing: (text: string) => Typed;
	readonly length: (text: string) => Typed;
	readonly flow: (text: string) => Typed;
	readonly pressure: (text: string) => Typed;
	readonly speed: (text: string) => Typed;
}

/** Names parted by commas, or by semicolons where a name has a comma in it: `1,0; 1,5`. */
const list = (text: string) =>
	text
		.trim()
		.split(text.includes(';') ? /\s*;\s*/ : /[\s,+/]+/)
		.filter((name) => name !== '');
/** Names that may hold a blank: parted by commas, semicolons or lines. */
const names = (text: string) =>
	text
		.split(/\s*[,;\n]\s*/)
		.map((name) => name.trim())
		.filter((name) => name !== '');
const may = <T>(text: string, read: (text: string) => T): T | undefined =>
	text.trim() === '' ? undefined : read(text);

/** Where an issue of the sprayer stands on the form. */
const formPlaces: Record<string, SprayerText> = {
	'rated.flow': 'ratedFlow',
	'rated.at': 'ratedAt',
	'pressures.low': 'pressureLow',
	'pressures.high': 'pressureHigh',
	'fan.angle': 'fanAngle',
	'fan.height': 'fanHeight',
	'band.band': 'band',
	'band.bands': 'bands',
	'band.rowSpacing': 'bandRowSpacing',
	'band.rows': 'bandRows',
	'makerHeights.low': 'makerLow',
	'makerHeights.high': 'makerHigh',
	'speeds.low': 'speedLow',
	'speeds.high': 'speedHigh',
	tips: 'tips'
};

/** Nozzles and sections: an arc is told by one side, all else by the whole. */
function counted(form: SprayerFormText): { nozzles: number; sections: number[]; uncounted?: true } {
	if (form.kind === 'airblast') {
		if (form.perSide.trim() === '') return { nozzles: 2, sections: [1, 1], uncounted: true };
		const side = Number(form.perSide.trim());
		return { nozzles: side * 2, sections: [side, side] };
	}
	if (form.kind !== 'knapsack' && form.nozzles.trim() === '') return { nozzles: 1, sections: [1], uncounted: true };
	const nozzles = form.kind === 'knapsack' && form.nozzles.trim() === '' ? 1 : Number(form.nozzles.trim());
	const written = form.sections.trim();
	return { nozzles, sections: written === '' || form.kind === 'knapsack' ? [nozzles] : list(written).map(Number) };
}

/** `1.0 = 1.02 L/min`, a size a line, all at one pressure. A line that is none of that is told. */
function ratingsOf(form: SprayerFormText, reading: SprayerFormReading) {
	const ratings: Record<string, TypedRated> = {};
	const issues: Issue[] = [];
	for (const { line, name, flow } of ratedLines(form.ratings)) {
		if (name === '' || flow === '') issues.push({ code: 'unreadable', path: 'ratings', text: line, wanted: 'rating' });
		else ratings[name] = { flow: reading.flow(flow), at: reading.pressure(form.ratedAt) };
	}
	return { ratings: Object.keys(ratings).length > 0 ? ratings : undefined, issues };
}

/** Names with what stands after their `=`, a line each. */
const ratedLines = (text: string) =>
	text
		.split(/[\n;]+/)
		.map((line) => line.trim())
		.filter((line) => line !== '')
		.map((line) => {
			const [name = '', flow = ''] = line.split('=').map((part) => part.trim());
			return { line, name, flow };
		});

/** Tips that a nozzle body holds, a line each; one whose flow is not known is told by its name alone. */
const tipsOf = (form: SprayerFormText, reading: SprayerFormReading): TypedSprayer['tips'] => {
	const tips = ratedLines(form.tips).map(({ name, flow }) => ({
		name,
		rated: flow === '' ? null : { flow: reading.flow(flow), at: reading.pressure(form.ratedAt) }
	}));
	return tips.length > 0 ? tips : undefined;
};

function bandOf(form: SprayerFormText, reading: SprayerFormReading): TypedBand | undefined {
	if ([form.band, form.bands, form.bandRowSpacing, form.bandRows].every((t) => t.trim() === '')) return undefined;
	return {
		band: reading.spacing(form.band),
		bands: Number(form.bands.trim()),
		rowSpacing: reading.spacing(form.bandRowSpacing),
		rows: Number(form.bandRows.trim())
	};
}

const range = (low: string, high: string, read: (text: string) => Typed) =>
	low.trim() === '' && high.trim() === '' ? undefined : { low: read(low), high: read(high) };

const chosen = <T extends string>(value: T | ''): T | undefined => (value === '' ? undefined : value);

/** What all but a carried sprayer have: groups of nozzles, sizes with their flows, a pump and what stirs. */
const mounted = (form: SprayerFormText, reading: SprayerFormReading): Partial<TypedSprayer> => ({
	sectionNames: may(form.sectionNames, names),
	stacked: may(form.stacked, (text) => Number(text.trim())),
	tips: tipsOf(form, reading),
	// Which nozzle is which is told once they are counted.
	groups: counted(form).uncounted ? undefined : may(form.groups, list),
	ratings: ratingsOf(form, reading).ratings,
	pump: may(form.pump, reading.flow),
	stir: may(form.stir, reading.flow)
});

const ofKind: Readonly<
	Record<SprayerKind, (form: SprayerFormText, reading: SprayerFormReading) => Partial<TypedSprayer>>
> = {
	boom: (form, reading) => ({
		...mounted(form, reading),
		spacing: may(form.spacing, reading.spacing),
		carrier: chosen(form.carrier),
		fan: may(form.fanAngle, (angle) => ({
			angle: Number(angle.replace('°', '').trim()),
			height: reading.spacing(form.fanHeight)
		})),
		band: bandOf(form, reading)
	}),
	boomless: (form, reading) => ({
		...mounted(form, reading),
		carrier: chosen(form.carrier),
		makerSwath: may(form.makerSwath, reading.length),
		makerHeights: range(form.makerLow, form.makerHigh, reading.spacing)
	}),
	airblast: (form, reading) => {
		const { groups: side, ...all } = mounted(form, reading);
		return { ...all, groups: side && [...side, ...side], rowSpacing: may(form.rowSpacing, reading.length) };
	},
	knapsack: (form) => ({ carried: chosen(form.carried) })
};

/** Leaves out what is undefined, so that a kept sprayer holds only what somebody said. */
const said = <T extends object>(sprayer: T): T =>
	Object.fromEntries(Object.entries(sprayer).filter(([, value]) => value !== undefined)) as T;

/**
 * A sprayer from what was typed, with everything that is wrong with it. The issues' paths are the form's own: `nozzles`,
 * `sections`, `ratedAt`. A sprayer comes back even where there are issues, for drawing as far as it goes.
 */
export function sprayerFromForm(
	form: SprayerFormText,
	reading: SprayerFormReading
): { readonly rig: TypedSprayer; readonly issues: readonly Issue[] } {
	const { nozzles, sections, uncounted } = counted(form);
	const bothEmpty = form.ratedFlow.trim() === '' && (form.ratedAt.trim() === '' || form.ratings.trim() !== '');
	const sprayer: TypedSprayer = said<TypedSprayer>({
		kind: form.kind,
		name: form.name.trim(),
		tank: reading.tank(form.tank),
		nozzles,
		sections,
		uncounted,
		nozzle: form.nozzle.trim(),
		rated: bothEmpty ? null : { flow: reading.flow(form.ratedFlow), at: reading.pressure(form.ratedAt) },
		drive: chosen(form.drive),
		agitation: may(form.agitation, reading.tank),
		dead: may(form.dead, reading.tank),
		pressures: range(form.pressureLow, form.pressureHigh, reading.pressure),
		speeds: range(form.speedLow, form.speedHigh, reading.speed),
		...ofKind[form.kind](form, reading)
	});
	const { band } = sprayer;
	const { issues: unread } = ratingsOf(form, reading);
	const read = readSprayer(sprayer);
	const issues: Issue[] = [...(read.ok ? [] : read.issues), ...unread];
	if (sprayer.name === '') issues.unshift({ code: 'empty', path: 'name' });
	if (band)
		for (const n of ['bands', 'rows'] as const)
			if (!(Number.isInteger(band[n]) && band[n] > 0))
				issues.push({ code: 'not-whole', path: `band.${n}`, text: form[n === 'bands' ? 'bands' : 'bandRows'] });
	return { rig: sprayer, issues: onForm(form, issues) };
}

/** The issues with the form's own places and texts; one trouble is told once, not its echo too. */
function onForm(form: SprayerFormText, issues: readonly Issue[]): Issue[] {
	const count: SprayerText = form.kind === 'airblast' ? 'perSide' : 'nozzles';
	const counts = issues.some((i) => i.path === 'nozzles');
	return issues
		.filter((i) => !(counts && (i.path === 'sections' || i.path === 'groups')))
		.map((i): Issue => {
			const place = i.path.startsWith('ratings.')
				? i.path.endsWith('.at')
					? 'ratedAt'
					: 'ratings'
				: i.path === 'nozzles'
					? count
					: (formPlaces[i.path] ?? i.path);
			const whole = place === count || place === 'sections';
			const text = whole ? form[place as SprayerText] : i.text;
			return { ...i, path: place, text, ...(text === '' && place === count ? { code: 'empty' as const } : {}) };
		});
}
