import type { Amount, Load, PlanSheet, PlannedProduct, Poured, Typed, TypedJob } from '../../core/index';
import { factor, isUnit, pourAmount, showDecimals, showFigure } from '../../core/index';
import type { FarmSettings } from '../settings/farm-settings';
import { shortUnit } from '../settings/field-units';
import { farmMeasures } from '../forms/measures';
import { typedText } from '../settings/typed-text';
import type { Shown } from './show';
import { amountOf, amountUnit, shownIn } from './show';

/** Decimals that a mark of so much needs to be told exactly: 2 for 0.25, 3 for 0.025. */
function decimalsOf(mark: number): number {
	for (let d = 0; d < 4; d += 1) if (Math.abs(mark * 10 ** d - Math.round(mark * 10 ** d)) < 1e-6) return d;
	return 4;
}

/** As many as the marks have; more where whole containers beside the jug lie between its marks, so that the sum is not told as another. */
function decimalsFor(value: number, mark: number): number {
	const least = decimalsOf(mark);
	for (let d = least; d < least + 3; d += 1)
		if (Math.abs(Number(value.toFixed(d)) - value) <= Math.abs(value) * 5e-4) return d;
	return least + 3;
}

/** The unit of gallons and pounds on a scale of ounces. */
const whole = { 'US fl oz': 'US gal', 'Imp fl oz': 'Imp gal', oz: 'lb' } as const;

/** A figure without the noughts that a sight gauge or a mark has not got. */
export function tidyFigure(value: number, digits: number, comma: boolean): string {
	const text = showFigure(Number(value.toPrecision(digits)), 4, comma);
	return text.includes(comma ? ',' : '.') ? text.replace(/[.,]?0+$/, '') : text;
}

interface Mark {
	readonly mark: number;
	readonly unit?: string | undefined;
}

/** An amount at the marks of a jug or a scale: in its unit, with as many decimals as the marks have. Without one, to three figures. */
export function atMark(amount: Amount, measure: Mark | null, settings: FarmSettings, dose?: Typed | null): Shown {
	const { kind } = amount;
	const comma = settings.decimalComma;
	if (measure === null) {
		const unit = amountUnit(amount, settings, dose);
		return shownIn(tidyFigure(amount.amount / factor(kind, unit), 3, comma), unit);
	}
	const own = measure.unit !== undefined && isUnit(kind, measure.unit) ? measure.unit : null;
	const small = own ?? amountUnit(amountOf(kind, 0), settings);
	const large = whole[small as keyof typeof whole] as string | undefined;
	if (large && amount.amount >= 2 * factor(kind, large)) {
		// Gallons and pounds have no marks on a jug: the ounces over them are told too.
		const count = Math.floor(amount.amount / factor(kind, large) + 1e-9);
		const rest = Math.abs(amount.amount - count * factor(kind, large)) / factor(kind, small);
		// Of the whole, so that an ounce over two gallons is not told to its thousandth.
		const decimals = decimalsFor(amount.amount / factor(kind, small), measure.mark / factor(kind, small));
		const over = showDecimals(rest, decimals, comma);
		const ounces = small === 'oz' ? 'oz' : shortUnit(small);
		const figure = `${count} ${shortUnit(large)} ${over}`;
		return { figure, unit: ounces, text: `${figure} ${ounces}` };
	}
	const unit = metricSize(kind, small, amount);
	const value = amount.amount / factor(kind, unit);
	return shownIn(showDecimals(value, decimalsFor(value, measure.mark / factor(kind, unit)), comma), unit);
}

/** Litres and kilograms from one on; what is not metric stays. */
function metricSize(kind: Amount['kind'], unit: string, { amount }: Amount): string {
	if (!['ml', 'L', 'g', 'kg'].includes(unit)) return unit;
	const [small, large] = kind === 'mass' ? (['g', 'kg'] as const) : (['ml', 'L'] as const);
	return amount < factor(kind, large) * (1 - 1e-9) ? small : large;
}

export interface Pack {
	readonly amount: number;
	/** As its label tells it. */
	readonly text: string;
}

/** Containers of a product that its label names, of the kind of its dose. */
export const packsOf = (product: Pick<PlannedProduct, 'packs'> | undefined, kind: Amount['kind']): Pack[] =>
	(product?.packs ?? []).flatMap(({ typed, holds }) =>
		holds.kind === kind ? [{ amount: holds.amount, text: typedText(typed) }] : []
	);

/** Most of a product that the label allows on the ground of a load. */
function mostOf(sheet: PlanSheet, load: Load, last: boolean, index: number): number {
	const cap = sheet.products[index]?.max;
	if (!cap) return Infinity;
	const share = sheet.sprayedShare ?? 1;
	const dead = last ? (sheet.dead ?? 0) : 0;
	const perGround = load.area > 0 ? (load.mix - dead) / load.area : sheet.rate * share;
	return (cap.perArea * load.mix) / perGround;
}

export interface LoadProduct {
	readonly sheet: PlanSheet;
	readonly load: Load;
	/** The job's last load: what cannot be sprayed out is in it. */
	readonly last: boolean;
	readonly index: number;
	/** Share of the product that goes in at once. */
	readonly part: number;
	readonly packs: readonly Pack[];
}

/** How a product of a load is brought together at the tank: the one place from which the plan, the paper and the mixing tell it. */
export function pourOf({ sheet, load, last, index, part, packs }: LoadProduct, settings: FarmSettings) {
	const { kind, amount } = load.products[index]!;
	const wanted = amountOf(kind, amount * part);
	const most = mostOf(sheet, load, last, index) * part;
	const made: Poured = pourAmount(
		wanted,
		packs.map((p) => p.amount),
		farmMeasures(settings),
		most
	);
	return { wanted, most, made, mark: made.rest?.measure ?? null };
}

/** What is poured, to be kept: exact, in a unit of the jug or of the farm. */
export function pouredTyped(amount: Amount, measure: Mark | null, settings: FarmSettings, dose?: Typed | null): Typed {
	const { kind } = amount;
	const own = measure?.unit !== undefined && isUnit(kind, measure.unit) ? measure.unit : null;
	const unit = own ?? amountUnit(amount, settings, dose);
	const value = Number((amount.amount / factor(kind, unit)).toPrecision(9));
	return { text: value < 1e-6 ? value.toFixed(9) : `${value}`, unit, gallon: settings.gallon };
}

/** Of nothing else than what the label says: in one go, or the half of it at half of the water. */
export const partsOf = (fill: TypedJob['products'][number]['label']['fill'] | undefined): readonly number[] =>
	fill === 'half-product' ? [0.5, 0.5] : [1];

/** What goes in of a product of a load at the marks; null where that is the exact amount as it is shown. */
export function loadAtMark(
	product: Omit<LoadProduct, 'part'>,
	parts: readonly number[],
	settings: FarmSettings,
	dose?: Typed | null
): { readonly text: string; readonly coarse: boolean } | null {
	if (farmMeasures(settings).length === 0) return null;
	const all = parts.map((part) => pourOf({ ...product, part }, settings));
	if (all.some((p) => p.made.tooCoarse !== null)) return { text: '', coarse: true };
	const { kind } = all[0]!.wanted;
	const sum = all.reduce((s, p) => s + p.made.amount, 0);
	if (all.every((p) => p.mark === null)) return null;
	return { text: atMark(amountOf(kind, sum), all[0]!.mark, settings, dose).text, coarse: false };
}
