import type { Rated } from '../calibration/sheet';
import type { Entered } from '../quantity/entered';
import { mayEnter } from '../quantity/entered';
import type { Field } from '../quantity/fields';
import { fields, readField } from '../quantity/fields';
import type { Issue, Result } from '../quantity/issue';
import { bad, good } from '../quantity/issue';
import type { Typed } from '../quantity/typed';
import type { Kind, Quantity } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import { enteredBand } from '../calibration-log/entered-band';
import type { TypedSprayer, SprayerNumbers, TypedRated } from './sprayer';
import { mostNozzles } from './sprayer';

/**
 * Reads a sprayer into quantities. Errors: those of its fields; `not-whole`/`too-large` for the number of nozzles;
 * `sections-mismatch` where the sections do not add up; `missing` for what its kind cannot do without; `count-mismatch`
 * where the groups are not one for each nozzle, or the names not one for each section; `stacked` where the nozzles of a section do not make whole places; `upside-down` for a range whose low end is above its high one.
 */
export function readSprayer(sprayer: TypedSprayer): Result<SprayerNumbers> {
	const r = new SprayerReader();
	const tank = r.read(fields.tank, sprayer.tank, 'tank');
	const places = r.may(fields.spacing, sprayer.spacing, 'spacing');
	const stacked = sprayer.stacked ?? 1;
	const spacing = places === null ? null : si<'length'>(places / stacked);
	(sprayer.tips ?? []).forEach((tip, i) => void (tip.rated && r.rated(tip.rated, `tips.${i}`)));
	const rated = sprayer.rated ? r.rated(sprayer.rated, 'rated') : null;
	r.issues.push(...countIssues(sprayer));
	r.may(fields.tank, sprayer.agitation, 'agitation');
	const dead = r.may(fields.tank, sprayer.dead, 'dead');
	const rowSpacing = r.keep(fields.swath, sprayer.rowSpacing, 'rowSpacing');
	const makerSwath = r.keep(fields.swath, sprayer.makerSwath, 'makerSwath');
	if (sprayer.band) {
		r.read(fields.swath, sprayer.band.band, 'band.band');
		r.read(fields.swath, sprayer.band.rowSpacing, 'band.rowSpacing');
	}
	const pressures = r.range(fields.pressure, sprayer.pressures, 'pressures');
	const pump = r.may(fields.pump, sprayer.pump, 'pump');
	const stir = r.may(fields.pump, sprayer.stir, 'stir');
	const speeds = r.range(fields.dial, sprayer.speeds, 'speeds');
	const makerHeights = r.range(fields.height, sprayer.makerHeights, 'makerHeights');
	const height = sprayer.fan ? r.read(fields.height, sprayer.fan.height, 'fan.height') : null;
	if (sprayer.fan && !(sprayer.fan.angle >= 15 && sprayer.fan.angle <= 170))
		r.issues.push({ code: 'angle', path: 'fan.angle', text: `${sprayer.fan.angle}`, bound: '15 to 170' });
	const ratings: Record<string, Rated> = {};
	for (const [group, typed] of Object.entries(sprayer.ratings ?? {})) {
		const read = r.rated(typed, `ratings.${group}`);
		if (read) ratings[group] = read;
	}
	if (r.issues.length > 0 || tank === null) return bad(...r.issues);
	return good({
		kind: sprayer.kind,
		uncounted: sprayer.uncounted === true,
		groundDriven: sprayer.drive === 'ground',
		carrier: sprayer.carrier ?? null,
		tank,
		nozzles: sprayer.nozzles,
		sections: sprayer.sections,
		rated,
		spacing,
		stacked,
		groups: sprayer.groups ?? null,
		ratings: sprayer.ratings ? ratings : null,
		pressures,
		fan: sprayer.fan && height !== null ? { angle: sprayer.fan.angle, height } : null,
		band: sprayer.band ? enteredBand(sprayer.band) : null,
		rowSpacing,
		makerSwath,
		makerHeights,
		dead,
		pump,
		stir,
		speeds
	});
}
/** Reads a sprayer's fields one after the other and gathers what is wrong. */
export class SprayerReader {
	readonly issues: Issue[] = [];

	read<K extends Kind>(field: Field<K>, typed: Typed, path: string): Quantity<K> | null {
		const read = readField(field, typed, path);
		if (read.ok) return read.value.value;
		this.issues.push(...read.issues);
		return null;
	}

	may<K extends Kind>(field: Field<K>, typed: Typed | undefined, path: string): Quantity<K> | null {
		return typed === undefined ? null : this.read(field, typed, path);
	}

	/** Read, and kept as it was typed: it can be typed over in a calibration. */
	keep<K extends Kind>(field: Field<K>, typed: Typed | undefined, path: string): Entered<K> | null {
		const reading = mayEnter(field, typed);
		if (reading && !reading.read.ok) this.issues.push(...reading.read.issues.map((issue) => ({ ...issue, path })));
		return reading;
	}

	rated(typed: TypedRated, path: string): Rated | null {
		const flow = this.read(fields.nozzleFlow, typed.flow, `${path}.flow`);
		const at = this.read(fields.pressure, typed.at, `${path}.at`);
		return flow !== null && at !== null ? { flow, at } : null;
	}

	range<K extends Kind>(field: Field<K>, typed: { low: Typed; high: Typed } | undefined, path: string) {
		if (!typed) return null;
		const low = this.read(field, typed.low, `${path}.low`);
		const high = this.read(field, typed.high, `${path}.high`);
		if (low === null || high === null) return null;
		if (low >= high)
			this.issues.push({ code: 'upside-down', path: `${path}.low`, text: typed.low.text, bound: typed.high.text });
		return { low, high };
	}
}

export function countIssues(sprayer: TypedSprayer): Issue[] {
	const issues: Issue[] = [];
	const count = { path: 'nozzles', text: `${sprayer.nozzles}`, wanted: 'nozzles' };
	if (!Number.isInteger(sprayer.nozzles) || sprayer.nozzles < 1) issues.push({ code: 'not-whole', ...count });
	else if (sprayer.nozzles > mostNozzles) issues.push({ code: 'too-large', ...count, bound: `${mostNozzles}` });
	const sum = sprayer.sections.reduce((s, n) => s + n, 0);
	if (sum !== sprayer.nozzles || sprayer.sections.some((n) => !Number.isInteger(n) || n < 1))
		issues.push({
			code: 'sections-mismatch',
			path: 'sections',
			text: sprayer.sections.join(', '),
			bound: `${sprayer.nozzles}`
		});
	const { stacked = 1, sectionNames } = sprayer;
	if (stacked !== 1 && (!Number.isInteger(stacked) || stacked < 1 || sprayer.sections.some((n) => n % stacked !== 0)))
		issues.push({ code: 'stacked', path: 'stacked', text: `${stacked}`, bound: sprayer.sections.join(', ') });
	if (sectionNames && sectionNames.length !== sprayer.sections.length)
		issues.push({
			code: 'count-mismatch',
			path: 'sectionNames',
			text: `${sectionNames.length}`,
			bound: `${sprayer.sections.length}`
		});
	if (sprayer.groups && sprayer.groups.length !== sprayer.nozzles)
		issues.push({
			code: 'count-mismatch',
			path: 'groups',
			text: `${sprayer.groups.length}`,
			bound: `${sprayer.nozzles}`
		});
	return issues;
}
