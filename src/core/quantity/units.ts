import type { Kind, Quantity } from './quantity';
import { si } from './quantity';

/** Which gallon (and so pint, quart and fluid ounce) a bare word means. */
export type Gallon = 'US' | 'Imperial';

const foot = 0.3048;
const inch = 0.0254;
const squareFoot = foot * foot;
const acre = 4046.8564224;
const hectare = 10_000;
const pound = 0.45359237;
const ounce = pound / 16;
const litre = 1e-3;
const usGallon = 3.785411784e-3;
const impGallon = 4.54609e-3;
const minute = 60;
const hour = 3600;

const liquid = {
	ml: 1e-6,
	L: litre,
	hL: 100 * litre,
	'US fl oz': usGallon / 128,
	'US pt': usGallon / 8,
	'US qt': usGallon / 4,
	'US gal': usGallon,
	'Imp fl oz': impGallon / 160,
	'Imp pt': impGallon / 8,
	'Imp qt': impGallon / 4,
	'Imp gal': impGallon
} as const;

const weight = { g: 1e-3, kg: 1, oz: ounce, lb: pound } as const;

const ground = {
	m2: 1,
	'100 m2': 100,
	ft2: squareFoot,
	'1000 ft2': 1000 * squareFoot,
	ac: acre,
	ha: hectare
} as const;

/** Every unit of a numerator over every unit of ground, written as people write it: `L/ha`, `US fl oz/1000 ft2`. */
function per<N extends string, D extends string>(
	above: Readonly<Record<N, number>>,
	below: Readonly<Record<D, number>>
): Record<`${N}/${D}`, number> {
	const out: Record<string, number> = {};
	for (const n of Object.keys(above) as N[])
		for (const d of Object.keys(below) as D[]) out[`${n}/${d}`] = above[n] / below[d];
	return out as Record<`${N}/${D}`, number>;
}

/** Exact SI factor of each unit, by kind. */
export const units = {
	length: { m: 1, cm: 0.01, mm: 0.001, km: 1000, ft: foot, in: inch, yd: 0.9144, mi: 1609.344 },
	area: ground,
	volume: liquid,
	time: { s: 1, min: minute, h: hour },
	mass: weight,
	speed: { 'm/s': 1, 'km/h': 1 / 3.6, mph: 0.44704, 'ft/s': foot },
	pressure: { psi: (pound * 9.80665) / (inch * inch), bar: 100_000, kPa: 1000 },
	flow: per(liquid, { s: 1, min: minute, h: hour }),
	volumePerArea: per(liquid, ground),
	massPerArea: per(weight, ground),
	workRate: { 'ha/h': hectare / hour, 'ac/h': acre / hour }
} as const satisfies Record<Kind, Record<string, number>>;

export type UnitOf<K extends Kind> = Extract<keyof (typeof units)[K], string>;
export type UnitSymbol = { [K in Kind]: UnitOf<K> }[Kind];

/** SI value of one `unit`. Throws on a unit that is not of the kind: that is a bug, not something a person typed. */
export function factor<K extends Kind>(kind: K, unit: string): number {
	const f = (units[kind] as Record<string, number>)[unit];
	if (f === undefined) throw new Error(`no unit ${unit} of kind ${kind}`);
	return f;
}

export const isUnit = (kind: Kind, unit: string): boolean => Object.hasOwn(units[kind], unit);

/**
 * A quantity from a bare number and its unit.
 * @example
 * of('length', 20, 'ft') // => 6.096
 */
export const of = <K extends Kind>(kind: K, value: number, unit: UnitOf<K>): Quantity<K> =>
	si<K>(value * factor(kind, unit));

/**
 * The bare number of a quantity in a unit, for showing.
 * @example
 * inUnit('volumePerArea', of('volumePerArea', 20, 'US gal/ac'), 'L/ha') // => 187.07912446304678
 */
export const inUnit = <K extends Kind>(kind: K, quantity: Quantity<K>, unit: UnitOf<K>): number =>
	quantity / factor(kind, unit);
