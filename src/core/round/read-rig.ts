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
import { enteredBand } from './entered-band';
import type { Rig, RigNumbers, TypedRated } from './rig';
import { mostNozzles } from './rig';

/**
 * Reads a rig into quantities. Errors: those of its fields; `not-whole`/`too-large` for the number of nozzles;
 * `sections-mismatch` where the sections do not add up; `missing` for what its kind cannot do without; `count-mismatch`
 * where the groups are not one for each nozzle, or the names not one for each section; `stacked` where the nozzles of a section do not make whole places; `upside-down` for a range whose low end is above its high one.
 */
export function readRig(rig: Rig): Result<RigNumbers> {
	const r = new RigReader();
	const tank = r.read(fields.tank, rig.tank, 'tank');
	const places = r.may(fields.spacing, rig.spacing, 'spacing');
	const stacked = rig.stacked ?? 1;
	const spacing = places === null ? null : si<'length'>(places / stacked);
	(rig.tips ?? []).forEach((tip, i) => void (tip.rated && r.rated(tip.rated, `tips.${i}`)));
	const rated = rig.rated ? r.rated(rig.rated, 'rated') : null;
	r.issues.push(...countIssues(rig));
	r.may(fields.tank, rig.agitation, 'agitation');
	const dead = r.may(fields.tank, rig.dead, 'dead');
	const rowSpacing = r.keep(fields.swath, rig.rowSpacing, 'rowSpacing');
	const makerSwath = r.keep(fields.swath, rig.makerSwath, 'makerSwath');
	if (rig.band) {
		r.read(fields.swath, rig.band.band, 'band.band');
		r.read(fields.swath, rig.band.rowSpacing, 'band.rowSpacing');
	}
	const pressures = r.range(fields.pressure, rig.pressures, 'pressures');
	const pump = r.may(fields.pump, rig.pump, 'pump');
	const stir = r.may(fields.pump, rig.stir, 'stir');
	const speeds = r.range(fields.dial, rig.speeds, 'speeds');
	const makerHeights = r.range(fields.height, rig.makerHeights, 'makerHeights');
	const height = rig.fan ? r.read(fields.height, rig.fan.height, 'fan.height') : null;
	if (rig.fan && !(rig.fan.angle >= 15 && rig.fan.angle <= 170))
		r.issues.push({ code: 'angle', path: 'fan.angle', text: `${rig.fan.angle}`, bound: '15 to 170' });
	const ratings: Record<string, Rated> = {};
	for (const [group, typed] of Object.entries(rig.ratings ?? {})) {
		const read = r.rated(typed, `ratings.${group}`);
		if (read) ratings[group] = read;
	}
	if (r.issues.length > 0 || tank === null) return bad(...r.issues);
	return good({
		kind: rig.kind,
		uncounted: rig.uncounted === true,
		groundDriven: rig.drive === 'ground',
		carrier: rig.carrier ?? null,
		tank,
		nozzles: rig.nozzles,
		sections: rig.sections,
		rated,
		spacing,
		stacked,
		groups: rig.groups ?? null,
		ratings: rig.ratings ? ratings : null,
		pressures,
		fan: rig.fan && height !== null ? { angle: rig.fan.angle, height } : null,
		band: rig.band ? enteredBand(rig.band) : null,
		rowSpacing,
		makerSwath,
		makerHeights,
		dead,
		pump,
		stir,
		speeds
	});
}
/** Reads a rig's fields one after the other and gathers what is wrong. */
export class RigReader {
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

export function countIssues(rig: Rig): Issue[] {
	const issues: Issue[] = [];
	const count = { path: 'nozzles', text: `${rig.nozzles}`, wanted: 'nozzles' };
	if (!Number.isInteger(rig.nozzles) || rig.nozzles < 1) issues.push({ code: 'not-whole', ...count });
	else if (rig.nozzles > mostNozzles) issues.push({ code: 'too-large', ...count, bound: `${mostNozzles}` });
	const sum = rig.sections.reduce((s, n) => s + n, 0);
	if (sum !== rig.nozzles || rig.sections.some((n) => !Number.isInteger(n) || n < 1))
		issues.push({
			code: 'sections-mismatch',
			path: 'sections',
			text: rig.sections.join(', '),
			bound: `${rig.nozzles}`
		});
	const { stacked = 1, sectionNames } = rig;
	if (stacked !== 1 && (!Number.isInteger(stacked) || stacked < 1 || rig.sections.some((n) => n % stacked !== 0)))
		issues.push({ code: 'stacked', path: 'stacked', text: `${stacked}`, bound: rig.sections.join(', ') });
	if (sectionNames && sectionNames.length !== rig.sections.length)
		issues.push({
			code: 'count-mismatch',
			path: 'sectionNames',
			text: `${sectionNames.length}`,
			bound: `${rig.sections.length}`
		});
	if (rig.groups && rig.groups.length !== rig.nozzles)
		issues.push({
			code: 'count-mismatch',
			path: 'groups',
			text: `${rig.groups.length}`,
			bound: `${rig.nozzles}`
		});
	return issues;
}
