import type { Flow, Pressure } from '../quantity/quantity';

/** What a nozzle is, by how it makes its drops. */
export const nozzleKinds = [
	'flat-fan',
	'pre-orifice',
	'air-induction',
	'hollow-cone',
	'full-cone',
	'off-centre',
	'disc-core'
] as const;
export type NozzleKind = (typeof nozzleKinds)[number];

/** Classes of drop size of ISO 25358, finest first. */
export const dropletClasses = [
	'extremely-fine',
	'very-fine',
	'fine',
	'medium',
	'coarse',
	'very-coarse',
	'extremely-coarse',
	'ultra-coarse'
] as const;
export type DropletClass = (typeof dropletClasses)[number];

/** What a nozzle passes at one pressure. */
export interface FlowPoint {
	readonly pressure: Pressure;
	readonly flow: Flow;
}

export interface ClassPoint {
	readonly pressure: Pressure;
	readonly drops: DropletClass;
}

/** A nozzle of the farm's table, read into quantities. */
export interface Nozzle {
	readonly key: string;
	readonly name: string;
	readonly kind: NozzleKind;
	/** Size code of ISO 10625 (`03`), or empty. */
	readonly size: string;
	/** Angle of the fan, degrees. */
	readonly angle: number | null;
	/** From the lowest pressure up; at least one. */
	readonly points: readonly FlowPoint[];
	/** Pressures that it is made for. */
	readonly low: Pressure;
	readonly high: Pressure;
	/** The range is the usual one of its kind, not this maker's. */
	readonly typical: boolean;
	/** Drop size by pressure where the maker's sheet gives it, from the lowest pressure up. */
	readonly classes: readonly ClassPoint[];
	/** It lies in the shed. */
	readonly shed: boolean;
}
