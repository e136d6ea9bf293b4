import { m } from '$words';
import type { Amount, Kind, Typed, UnitOf } from '../../core/index';
import { factor, isUnit, readTyped, showFigure, showWithInterval } from '../../core/index';
import type { FarmSettings } from '../settings/farm-settings';
import type { FieldUnits } from '../settings/field-units';
import { fieldUnits, longUnit, measuresOf, shortUnit } from '../settings/field-units';

/** A figure, its unit as it is shown, and both as one text. */
export interface Shown {
	readonly figure: string;
	readonly unit: string;
	readonly text: string;
}

/** A figure that was measured, with digits that follow its ±. */
export interface ShownSure extends Shown {
	/** Half of the 95 % interval, in the same unit. */
	readonly interval: string;
}

export interface ShowAs {
	/** Significant digits. */
	readonly digits?: number;
	/** How sure it is: half of its 95 % interval as a share of it. The digits then follow it. */
	readonly u95?: number | undefined;
	/** What somebody typed and this follows from: told in its unit, whatever the farm's. */
	readonly typed?: Typed | null | undefined;
}

interface Thing<K extends Kind> {
	readonly kind: K;
	/** The farm's unit of it, by its size in SI. */
	readonly unit: (value: number, settings: FarmSettings, units: FieldUnits) => string;
	/** A spray volume and a dose say whose gallon it is; all else is plain without. */
	readonly long?: boolean;
}
const thing = <K extends Kind>(kind: K, unit: Thing<K>['unit'], long = false): Thing<K> => ({ kind, unit, long });

const acre = factor('area', 'ac');
/** Small things are told in the small unit: ground under these, m², and liquids under these, m³. */
const smallGround = { metric: 0.1 * factor('area', 'ha'), other: acre };
const smallLiquid = { L: 100 * factor('volume', 'ml'), other: factor('volume', 'US pt') / 2 };

/** Liquid in a tank: in its own unit, under half a pint or 100 ml in the small one. */
const ofTank: Thing<'volume'>['unit'] = (value, _, { tank }) =>
	tank === 'L' ? (value < smallLiquid.L ? 'ml' : 'L') : value < smallLiquid.other ? tank.replace('gal', 'fl oz') : tank;

const things = {
	/** Spray volume per ground. */
	rate: thing('volumePerArea', (_, s) => s.rateUnit, true),
	/** A liquid product per ground. */
	dose: thing('volumePerArea', (_, _s, u) => u.dose, true),
	dryDose: thing('massPerArea', (_, _s, u) => u.dryDose),
	area: thing('area', (value, s, u) => {
		const metric = measuresOf(s) === 'metric';
		// A boundary of its own, so that an acre is one.
		const small = Math.abs(value) < (metric ? smallGround.metric : smallGround.other) * (1 - 1e-9);
		return small ? (metric ? 'm2' : 'ft2') : u.area;
	}),
	/** A course, a swath, a side. */
	length: thing('length', (_, _s, u) => u.course),
	/** A spacing or a height. */
	spacing: thing('length', (_, _s, u) => u.spacing),
	tank: thing('volume', ofTank),
	/** Water in a jug. */
	catch: thing('volume', (_, _s, u) => u.catch),
	speed: thing('speed', (_, _s, u) => u.speed),
	pressure: thing('pressure', (_, _s, u) => u.pressure),
	flow: thing('flow', (_, _s, u) => u.flow)
} as const;

/** The unit that a reading was typed in; null where it is not of that kind. */
function unitOf<K extends Kind>(kind: K, typed: Typed | null | undefined): string | null {
	if (!typed) return null;
	const read = readTyped(typed, [kind], '');
	return read.ok ? read.value.unit : null;
}

/** Fifty millilitres are 50, binary arithmetic notwithstanding. */
const tidy = (value: number) => Number(value.toPrecision(12));

/** A figure in a unit as people write it. */
export const shownIn = (figure: string, unit: string, long = false): Shown => {
	const word = unit === 'oz' ? m.oz_weight() : long ? longUnit(unit) : shortUnit(unit);
	return { figure, unit: word, text: `${figure} ${word}` };
};

/**
 * The one way a quantity is shown: in the unit that it was typed in, else in the farm's measures and the unit of its size,
 * in the farm's decimal sign.
 *
 * value: SI. With `u95` its digits follow its ±, which is told beside it.
 */
export function show(
	what: keyof typeof things,
	value: number,
	settings: FarmSettings,
	as?: ShowAs & { readonly u95?: undefined }
): Shown;
export function show(
	what: keyof typeof things,
	value: number,
	settings: FarmSettings,
	as: ShowAs & { readonly u95: number }
): ShownSure;
export function show(
	what: keyof typeof things,
	value: number,
	settings: FarmSettings,
	{ digits = 3, typed, u95 }: ShowAs = {}
): Shown | ShownSure {
	const { kind, unit: usual, long }: Thing<Kind> = things[what];
	const unit = unitOf(kind, typed) ?? usual(value, settings, fieldUnits(settings));
	const figure = tidy(value / factor(kind, unit));
	if (u95 === undefined) return shownIn(showFigure(figure, digits, settings.decimalComma), unit, long);
	return shownSure(figure, u95, settings.decimalComma, unit, long);
}

/** A figure in a unit with its ±: the digits of both follow the ±. */
export function shownSure(figure: number, u95: number, comma: boolean, unit: string, long = false): ShownSure {
	const sure = showWithInterval(figure, figure * u95, comma);
	const shown = shownIn(sure.value, unit, long);
	return { ...shown, interval: sure.interval, text: `${shown.figure} ± ${sure.interval} ${shown.unit}` };
}

/** The large unit of a small one, from how many of the large one on. */
const larger: Readonly<Record<string, readonly [unit: string, from: number]>> = {
	ml: ['L', 1],
	g: ['kg', 1],
	oz: ['lb', 2],
	'US fl oz': ['US gal', 2],
	'Imp fl oz': ['Imp gal', 2]
};
/** The small unit of a large one, under how many of the large one. */
const smaller: Readonly<Record<string, readonly [unit: string, under: number]>> = {
	L: ['ml', 1],
	kg: ['g', 1],
	lb: ['oz', 1],
	'US gal': ['US fl oz', 1],
	'Imp gal': ['Imp fl oz', 1],
	'US qt': ['US fl oz', 0.5],
	'Imp qt': ['Imp fl oz', 0.5],
	'US pt': ['US fl oz', 0.5],
	'Imp pt': ['Imp fl oz', 0.5]
};

/** The unit of an amount of product that a dose is told in: the quart of `2 qt/ac`. */
function doseUnit(kind: Amount['kind'], dose: Typed | null | undefined): string | null {
	const unit = unitOf(kind === 'mass' ? 'massPerArea' : 'volumePerArea', dose)?.split('/')[0];
	return unit !== undefined && isUnit(kind, unit) ? unit : null;
}

/**
 * The unit to tell an amount of product in: the one of its dose, else the farm's small one, or the large one of the same measures
 * where the amount is of its size.
 */
export function amountUnit(
	{ kind, amount }: Amount,
	settings: FarmSettings,
	dose?: Typed | null
): UnitOf<'volume'> | UnitOf<'mass'> {
	const measures = measuresOf(settings);
	const usual =
		kind === 'mass'
			? measures === 'metric'
				? 'g'
				: 'oz'
			: measures === 'metric'
				? 'ml'
				: (`${measures === 'US' ? 'US' : 'Imp'} fl oz` as const);
	const told = doseUnit(kind, dose) ?? usual;
	const least = (large: string, of: number) => amount >= of * factor(kind, large) * (1 - 1e-9);
	const up = larger[told];
	const down = smaller[told];
	const unit = up && least(...up) ? up[0] : down && !least(told, down[1]) ? down[0] : told;
	return unit as UnitOf<'volume'> | UnitOf<'mass'>;
}

/** An amount of product, in the unit of its dose and of its size. */
export function showAmount(amount: Amount, settings: FarmSettings, dose?: Typed | null, digits = 4): Shown {
	const unit = amountUnit(amount, settings, dose);
	return shownIn(showFigure(tidy(amount.amount / factor(amount.kind, unit)), digits, settings.decimalComma), unit);
}

/** An amount of product from a kind and a bare number, as records and totals keep it. */
export const amountOf = (kind: Amount['kind'], amount: number): Amount => ({ kind, amount }) as Amount;
