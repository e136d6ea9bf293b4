/**
 * A number that knows what it measures. The value is always in SI (m, m², m³, s, kg, Pa and their quotients), so
 * that no formula in the core ever holds a conversion factor; units exist only where text is read and shown.
 */
export const kinds = [
	'length',
	'area',
	'volume',
	'time',
	'mass',
	'speed',
	'pressure',
	'flow',
	'volumePerArea',
	'massPerArea',
	'workRate'
] as const;

export type Kind = (typeof kinds)[number];

declare const kindOf: unique symbol;

/** `Quantity<'length'>` is metres, `Quantity<'flow'>` is m³/s, `Quantity<'volumePerArea'>` is m³/m², and so on. */
export type Quantity<K extends Kind = Kind> = number & { readonly [kindOf]: K };

export type Length = Quantity<'length'>;
export type Area = Quantity<'area'>;
export type Volume = Quantity<'volume'>;
export type Time = Quantity<'time'>;
export type Mass = Quantity<'mass'>;
export type Speed = Quantity<'speed'>;
export type Pressure = Quantity<'pressure'>;
export type Flow = Quantity<'flow'>;
export type VolumePerArea = Quantity<'volumePerArea'>;
export type MassPerArea = Quantity<'massPerArea'>;
export type WorkRate = Quantity<'workRate'>;

/** Marks a bare SI number as a quantity of kind K. Used at the edges and at the end of a formula, nowhere between. */
export const si = <K extends Kind>(value: number): Quantity<K> => value as Quantity<K>;
