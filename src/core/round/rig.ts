import type { Rated, Side } from '../calibration/sheet';
import type { Issue, Result } from '../quantity/issue';
import { bad, good } from '../quantity/issue';
import type { Flow, Kind, Length, Pressure, Quantity, Speed, Volume } from '../quantity/quantity';
import type { Typed } from '../quantity/typed';
import type { Entered } from '../quantity/entered';
import { mayEnter } from '../quantity/entered';
import type { Field } from '../quantity/fields';
import { fields, readField } from '../quantity/fields';
import type { EnteredBand, TypedBand } from './entered-parts';
import { enteredBand } from './entered-parts';

export const sprayerKinds = ['boom', 'boomless', 'airblast', 'knapsack'] as const;
export type SprayerKind = (typeof sprayerKinds)[number];

/** What turns the pump. */
export const drives = ['pto', 'engine', 'ground', 'battery', 'hand'] as const;
export type Drive = (typeof drives)[number];

/** What carries a boom or a boomless set, for judging its speed. */
export const carriers = ['tractor', 'self-propelled', 'atv'] as const;
export type Carrier = (typeof carriers)[number];

/** What a person carries: pumped all the while, pumped up before, by battery, or a motor-driven mist blower. */
export const carried = ['lever', 'compressed', 'battery', 'mist'] as const;
export type Carried = (typeof carried)[number];

export interface TypedRated {
	readonly flow: Typed;
	readonly at: Typed;
}

/**
 * A sprayer as its owner typed it. A round keeps the rig as it was when the round began. What a kind has no use for is
 * left out.
 */
export interface Rig {
	readonly kind: SprayerKind;
	readonly name: string;
	readonly tank: Typed;
	/** All nozzles: along the boom from left to right; on an arc the left side from the bottom up, then the right. */
	readonly nozzles: number;
	/** Nozzles in each section that can be shut, in the same order; they add up to `nozzles`. An arc has its two sides. */
	readonly sections: readonly number[];
	/** What is stamped on the nozzle, as the owner calls it: `110-03`. */
	readonly nozzle: string;
	readonly rated: TypedRated | null;
	/** Boom: nozzle to nozzle. */
	readonly spacing?: Typed | undefined;
	/** Group of each nozzle, where they differ on purpose. */
	readonly groups?: readonly string[] | undefined;
	/** Rated flow of each group, at one pressure. */
	readonly ratings?: Readonly<Record<string, TypedRated>> | undefined;
	readonly drive?: Drive | undefined;
	readonly carrier?: Carrier | undefined;
	readonly carried?: Carried | undefined;
	/** Least that the agitation can stir. */
	readonly agitation?: Typed | undefined;
	/** What cannot be sprayed out. */
	readonly dead?: Typed | undefined;
	readonly pressures?: { readonly low: Typed; readonly high: Typed } | undefined;
	/** Boom: angle of the fans, degrees, and their height above the target. */
	readonly fan?: { readonly angle: number; readonly height: Typed } | undefined;
	readonly band?: TypedBand | undefined;
	/** Airblast: row to row. */
	readonly rowSpacing?: Typed | undefined;
	/** Boomless: the maker's swath and the nozzle heights that it goes with. */
	readonly makerSwath?: Typed | undefined;
	readonly makerHeights?: { readonly low: Typed; readonly high: Typed } | undefined;
	/** What the pump gives at its rpm, and what the agitation takes of it. */
	readonly pump?: Typed | undefined;
	readonly stir?: Typed | undefined;
	/** Slowest and fastest that it can be driven while it sprays. */
	readonly speeds?: { readonly low: Typed; readonly high: Typed } | undefined;
}

/** The same, read into quantities. */
export interface RigNumbers {
	readonly kind: SprayerKind;
	/** The pump turns with the wheels: nothing comes while parked. */
	readonly groundDriven: boolean;
	readonly carrier: Carrier | null;
	readonly tank: Volume;
	readonly nozzles: number;
	readonly sections: readonly number[];
	readonly rated: Rated | null;
	readonly spacing: Length | null;
	readonly groups: readonly string[] | null;
	readonly ratings: Readonly<Record<string, Rated>> | null;
	readonly pressures: { readonly low: Pressure; readonly high: Pressure } | null;
	readonly fan: { readonly angle: number; readonly height: Length } | null;
	readonly band: EnteredBand | null;
	readonly rowSpacing: Entered<'length'> | null;
	readonly makerSwath: Entered<'length'> | null;
	readonly makerHeights: { readonly low: Length; readonly high: Length } | null;
	readonly dead: Volume | null;
	readonly pump: Flow | null;
	readonly stir: Flow | null;
	readonly speeds: { readonly low: Speed; readonly high: Speed } | null;
}

export const mostNozzles = 144;

/** Reads a rig's fields one after the other and gathers what is wrong. */
class RigReader {
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

/**
 * Reads a rig into quantities. Errors: those of its fields; `not-whole`/`too-large` for the number of nozzles;
 * `sections-mismatch` where the sections do not add up; `missing` for what its kind cannot do without; `count-mismatch`
 * where the groups are not one for each nozzle; `upside-down` for a range whose low end is above its high one.
 */
export function readRig(rig: Rig): Result<RigNumbers> {
	const r = new RigReader();
	const tank = r.read(fields.tank, rig.tank, 'tank');
	const spacing = r.may(fields.spacing, rig.spacing, 'spacing');
	if (rig.kind === 'boom' && rig.spacing === undefined) r.issues.push({ code: 'missing', path: 'spacing' });
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
		groundDriven: rig.drive === 'ground',
		carrier: rig.carrier ?? null,
		tank,
		nozzles: rig.nozzles,
		sections: rig.sections,
		rated,
		spacing,
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

function countIssues(rig: Rig): Issue[] {
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
	if (rig.groups && rig.groups.length !== rig.nozzles)
		issues.push({
			code: 'count-mismatch',
			path: 'groups',
			text: `${rig.groups.length}`,
			bound: `${rig.nozzles}`
		});
	return issues;
}

/** Section (from 0) of every nozzle, in the order of the rig. */
export const sectionOfNozzles = (sections: readonly number[]): number[] =>
	sections.flatMap((size, section) => Array.from({ length: size }, () => section));

/** Whether the rig sprays to two sides that are compared with each other: an arc, or a boomless set in two halves. */
export const twoSided = (rig: Pick<RigNumbers, 'kind' | 'sections'>): boolean =>
	(rig.kind === 'airblast' || rig.kind === 'boomless') && rig.sections.length === 2;

/** Side of every nozzle on a two-sided rig; undefined on others. */
export const sidesOfNozzles = (rig: Pick<RigNumbers, 'kind' | 'sections'>): Side[] | undefined =>
	twoSided(rig) ? sectionOfNozzles(rig.sections).map((s) => (s === 0 ? 'left' : 'right')) : undefined;

/** Whether a person carries it: then its calibration belongs to the person too. */
export const isCarried = (rig: { readonly kind: SprayerKind }): boolean => rig.kind === 'knapsack';
