import type { Amount, Dose, Load, MixingStep, PlanSheet, Poured, Typed, TypedJob } from '../../core';
import { factor, inUnit, pourAmount, readLabel, readTyped, showDecimals, showFigure, si } from '../../core';
import type { FarmSettings } from '../formats/farm-settings';
import { fieldUnits, longUnit, measuresOf, shortUnit } from '../formats/field-units';
import { farmMeasures } from '../formats/measures';
import { typedText } from '../formats/typed-text';
import { fillWords, mixingWords } from '../wording/products';

/** One step at the tank, in words and figures. */
export interface MixingLine {
	readonly figure: string;
	readonly unit: string;
	readonly text: string;
	readonly why: string;
	/** With what it is measured, and how exact that is; empty for water. */
	readonly how: readonly string[];
	/** What to look out for: a dose held down, an amount too small to measure. */
	readonly look: string;
	/** What a tick of it keeps. */
	readonly poured: Typed | null;
	/** Words on the button that ticks it. */
	readonly done: string;
	/** Level in the tank after it, as a share of the load. */
	readonly level: number;
}

/** Decimals that a mark of so much can show. */
const decimalsOf = (mark: number) => Math.min(4, Math.max(0, Math.ceil(-Math.log10(mark) - 1e-9)));

/** An amount at its marks: as many decimals as the marks have. */
function atMark(kind: Amount['kind'], amount: number, mark: number | null, settings: FarmSettings) {
	const measures = measuresOf(settings);
	const g = measures === 'Imperial' ? 'Imp' : 'US';
	const [small, large, step] =
		measures === 'metric'
			? kind === 'mass'
				? (['g', 'kg', 1] as const)
				: (['ml', 'L', 0.001] as const)
			: kind === 'mass'
				? (['oz', 'lb', 32 * factor('mass', 'oz')] as const)
				: ([`${g} fl oz`, `${g} gal`, 2 * factor('volume', `${g} gal` as 'US gal')] as const);
	const unit = amount < step ? small : large;
	const size = factor(kind, unit as never);
	const value = amount / size;
	// Gallons and pounds have no marks on a jug: the ounces over them are told too.
	if (mark !== null && unit === large && measures !== 'metric') {
		const whole = Math.floor(value + 1e-9);
		const rest = (amount - whole * size) / factor(kind, small as never);
		const over = showDecimals(Math.abs(rest), decimalsOf(mark / factor(kind, small as never)), settings.decimalComma);
		return { figure: `${whole} ${shortUnit(large)} ${over}`, unit: small === 'oz' ? 'oz' : shortUnit(small) };
	}
	const decimals = mark === null ? null : decimalsOf(mark / size);
	return {
		figure:
			decimals === null
				? tidyFigure(value, 3, settings.decimalComma)
				: showDecimals(value, decimals, settings.decimalComma),
		unit: unit === 'oz' ? 'oz (weight)' : shortUnit(unit)
	};
}

/** A figure without the noughts that a sight gauge or a mark has not got. */
function tidyFigure(value: number, digits: number, comma: boolean): string {
	const text = showFigure(Number(value.toPrecision(digits)), 4, comma);
	return text.includes(comma ? ',' : '.') ? text.replace(/[.,]?0+$/, '') : text;
}

const told = (parts: { figure: string; unit: string }) => `${parts.figure} ${parts.unit}`;

/** What was poured, to be kept: exact, in a unit of the farm. */
function pouredTyped(kind: Amount['kind'], amount: number, settings: FarmSettings): Typed {
	const metric = measuresOf(settings) === 'metric';
	const g = measuresOf(settings) === 'Imperial' ? 'Imp' : 'US';
	const unit = kind === 'mass' ? (metric ? 'kg' : 'lb') : metric ? 'L' : `${g} fl oz`;
	const value = Number((amount / factor(kind, unit as never)).toPrecision(9));
	return { text: value < 1e-6 ? value.toFixed(9) : `${value}`, unit, gallon: settings.gallon };
}

/** A dose per area that became what the jug could show, in the unit that its label tells it in. */
function trueDose(dose: Dose, typedDose: Typed, ratio: number, settings: FarmSettings): string {
	if (dose.basis === 'shareLiquid' || dose.basis === 'shareDry')
		return `${showFigure((dose.basis === 'shareLiquid' ? dose.share * 100 : dose.perVolume / 10) * ratio, 4, settings.decimalComma)} %`;
	const kind = dose.basis === 'dryPerArea' ? 'massPerArea' : 'volumePerArea';
	const units = fieldUnits(settings);
	// The unit that the dose was told in, where it was told per area.
	const read = readTyped(typedDose, [kind], '');
	const unit = read.ok ? read.value.unit : kind === 'massPerArea' ? units.dryDose : units.dose;
	return `${showFigure(inUnit(kind, dose.dose as never, unit as never) * ratio, 4, settings.decimalComma)} ${longUnit(unit)}`;
}

/** Most of a product that the label allows on the ground of a load. */
function mostOf(sheet: PlanSheet, load: Load, last: boolean, index: number): number {
	const cap = sheet.products[index]?.max;
	if (!cap) return Infinity;
	const share = sheet.sprayedShare ?? 1;
	const dead = last ? (sheet.dead ?? 0) : 0;
	const perGround = load.area > 0 ? (load.mix - dead) / load.area : sheet.rate * share;
	return (cap.perArea * load.mix) / perGround;
}

interface Pack {
	readonly amount: number;
	/** As its label tells it. */
	readonly text: string;
}

/** Containers of a product that its label names, of the kind of its dose. */
function packsOf(job: TypedJob, index: number, kind: Amount['kind']): Pack[] {
	const { label } = job.products[index]!;
	const read = readLabel(label);
	if (!read.ok) return [];
	return read.value.packs.flatMap((p, i) =>
		p.kind === kind ? [{ amount: p.amount, text: typedText(label.packs[i]!) }] : []
	);
}

/** What to measure it with, in words: whole containers, the jug, how exact that is. */
function howOf(
	made: Poured,
	packs: readonly Pack[],
	wanted: number,
	kind: Amount['kind'],
	settings: FarmSettings
): string[] {
	const { rest } = made;
	const text = packs.find((p) => p.amount === made.pack)?.text ?? '';
	const containers = made.packs > 0 ? `${made.packs} × ${text}` : '';
	if (!rest) return [`${containers}, all of ${made.packs === 1 ? 'it' : 'them'}`];
	const { measure, shown, fills } = rest;
	const jug = measure ? `by the ${measure.name}${fills > 1 ? `, filled ${fills} times` : ''}` : '';
	const amount = told(atMark(kind, shown.amount, measure?.mark ?? null, settings));
	const exact = measure
		? `exact ${told(atMark(kind, wanted, measure.mark / 10, settings))}, marks ${told(atMark(kind, measure.mark, null, settings))}`
		: '';
	return [containers ? `${containers}, then ${[amount, jug].filter(Boolean).join(' ')}` : jug, exact].filter(Boolean);
}

/** One load, step by step in the order of mixing: what goes in, how much, with what, and why then. */
export function mixingLines(
	{ load, steps, last }: { readonly load: Load; readonly steps: readonly MixingStep[]; readonly last: boolean },
	job: TypedJob,
	sheet: PlanSheet,
	settings: FarmSettings
): MixingLine[] {
	const units = fieldUnits(settings);
	const volume = (v: number, digits = 4) =>
		tidyFigure(inUnit('volume', v as never, units.tank), digits, settings.decimalComma);
	const tank = shortUnit(units.tank);
	const measures = farmMeasures(settings);
	const plain = { how: [], look: '', poured: null };
	return steps.map((step, i): MixingLine => {
		if (step.do !== 'product') {
			const top = step.do === 'top-up';
			// A half and nine tenths are no exact marks; the line is.
			const level = volume(step.to, top ? 4 : 3);
			return {
				...plain,
				figure: level,
				unit: tank,
				text: top ? 'Water up to the mark' : i === 0 ? 'Water to this mark first' : 'Water to this mark',
				why: top
					? 'Stop at the line, lid on. Never leave a filling tank.'
					: i === 0
						? 'Agitation on before anything goes in. Never dry, never product first.'
						: 'Let it turn over before what foams goes in.',
				done: top ? 'At the mark, lid on' : `Water is at ${level} ${tank}`,
				level: step.to / load.mix
			};
		}
		const { label, dose } = job.products[step.product]!;
		const whole = load.products[step.product]!;
		const { kind } = whole;
		const wanted = (whole.amount as number) * step.part;
		const most = mostOf(sheet, load, last, step.product) * step.part;
		const amount = { kind, amount: si<typeof kind>(wanted) } as Amount;
		const packs = packsOf(job, step.product, kind);
		const made = pourAmount(
			amount,
			packs.map((p) => p.amount),
			measures,
			most
		);
		const mark = made.rest?.measure?.mark ?? null;
		const planned = sheet.products[step.product]!.dose;
		const gives = Math.abs(made.ratio - 1) > 5e-4 ? `gives ${trueDose(planned, dose, made.ratio, settings)}` : '';
		return {
			...(made.amount > 0 ? atMark(kind, made.amount, mark, settings) : atMark(kind, wanted, null, settings)),
			text: step.part < 1 ? `${label.name}, half of it` : label.name,
			why: [mixingWords[label.mixes], label.fill === 'half-product' ? fillWords[label.fill].toLowerCase() : '']
				.filter(Boolean)
				.join(', '),
			how: [...howOf(made, packs, wanted, kind, settings), gives].filter(Boolean),
			look: made.rest?.small
				? `${label.name} is too little to measure well. Mix a bigger batch, take a finer measure, or make a pre-mix.`
				: made.amount + (mark ?? 0) > most
					? `Do not round ${label.name} up: the next mark would be over its label’s most.`
					: '',
			poured: pouredTyped(kind, made.amount > 0 ? made.amount : wanted, settings),
			done: `${label.name} is in, rinse done`,
			level: step.in / load.mix
		};
	});
}
