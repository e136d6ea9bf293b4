import { m } from '$words';
import type { Amount, Dose, Measure, MixingStep, Poured, RunLoad, Typed, TypedJob } from '../../core/index';
import { factor, showFigure } from '../../core/index';
import type { FarmSettings } from '../settings/farm-settings';
import { fieldUnits, shortUnit } from '../settings/field-units';
import { fillWords, mixingWords } from '../wording/products';
import type { Pack } from './at-mark';
import { atMark, packsOf, pouredTyped, pourOf, tidyFigure } from './at-mark';
import { amountOf, show, showAmount } from './show';

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

/** A dose per area that became what the jug could show, in the unit that its label tells it in. */
function trueDose(dose: Dose, typed: Typed, ratio: number, settings: FarmSettings): string {
	if (dose.basis === 'shareLiquid' || dose.basis === 'shareDry')
		return `${showFigure((dose.basis === 'shareLiquid' ? dose.share * 100 : dose.perVolume / 10) * ratio, 4, settings.decimalComma)} %`;
	return show(dose.basis === 'dryPerArea' ? 'dryDose' : 'dose', dose.dose * ratio, settings, { typed, digits: 4 }).text;
}

/** What to measure it with, in words: whole containers, the jug, how exact that is. */
function howOf(made: Poured, packs: readonly Pack[], wanted: Amount, settings: FarmSettings, dose: Typed): string[] {
	const { rest } = made;
	const text = packs.find((p) => p.amount === made.pack)?.text ?? '';
	const containers = made.packs > 0 ? `${made.packs} × ${text}` : '';
	if (!rest) return [m.all_of_them_containers({ containers, packs: made.packs })];
	const { measure, shown, fills } = rest;
	const coarse = made.tooCoarse !== null;
	const jug =
		measure && !coarse ? m.by_the({ name: measure.name, which: fills > 1 ? m.filled_times({ fills }) : '' }) : '';
	const left = amountOf(wanted.kind, coarse ? wanted.amount - made.packs * made.pack : shown.amount);
	const amount = (coarse ? showAmount(left, settings, dose) : atMark(left, measure, settings, dose)).text;
	const exact = measure
		? coarse
			? m.the_exact_amount()
			: m.exact_marks({
					text: atMark(wanted, { ...measure, mark: measure.mark / 10 }, settings, dose).text,
					measure: markText(measure, settings)
				})
		: '';
	return [containers ? m.then_word({ containers, list: [amount, jug].filter(Boolean).join(' ') }) : jug, exact].filter(
		Boolean
	);
}

const markText = (measure: Measure, settings: FarmSettings): string =>
	atMark(amountOf(measure.kind, measure.mark), measure, settings).text;

/** What to look out for at the tank; empty where there is nothing. */
function lookOf(name: string, { made, mark, most }: ReturnType<typeof pourOf>, settings: FarmSettings): string {
	const better = m.take_a_finer_measure_mix_a();
	if (made.tooCoarse !== null && mark) {
		const off = tidyFigure(Math.abs(made.tooCoarse - 1) * 100, 2, settings.decimalComma);
		return made.tooCoarse === 0
			? m.is_less_than_the_first_mark({ name, name2: mark.name, mark: markText(mark, settings), better })
			: m.the_marks_of_the_would_give({
					name: mark.name,
					mark: markText(mark, settings),
					off,
					which: made.tooCoarse > 1 ? m.more() : m.less(),
					name2: name,
					better
				});
	}
	if (made.rest?.small) return m.is_too_little_to_measure_well({ name, better });
	return made.amount + (mark?.mark ?? 0) > most ? m.do_not_round_up_the_next({ name }) : '';
}

/** A load as it stands at the tank: with the plan and the doses that it follows. */
export interface LoadAtTank extends Pick<RunLoad, 'load' | 'sheet' | 'doses'> {
	readonly steps: readonly MixingStep[];
	readonly last: boolean;
}

/** One load, step by step in the order of mixing: what goes in, how much, with what, and why then. */
export function mixingLines(
	{ load, steps, last, sheet, doses }: LoadAtTank,
	job: TypedJob,
	settings: FarmSettings
): MixingLine[] {
	const units = fieldUnits(settings);
	const volume = (v: number, digits = 4) => tidyFigure(v / factor('volume', units.tank), digits, settings.decimalComma);
	const tank = shortUnit(units.tank);
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
				text: top ? m.water_up_to_the_mark() : i === 0 ? m.water_to_this_mark_first() : m.water_to_this_mark(),
				why: top
					? m.stop_at_the_line_lid_on()
					: i === 0
						? m.agitation_on_before_anything_goes_in()
						: m.let_it_turn_over_before_what(),
				done: top ? m.at_the_mark_lid_on() : m.water_is_at({ level, tank }),
				level: step.to / load.mix
			};
		}
		const { label, dose: asPlanned } = job.products[step.product]!;
		const dose = doses[step.product] ?? asPlanned;
		const { kind } = load.products[step.product]!;
		const packs = packsOf(sheet.products[step.product], kind);
		const pour = pourOf({ sheet, load, last, index: step.product, part: step.part, packs }, settings);
		const { made, mark, wanted } = pour;
		const amount = amountOf(kind, made.amount);
		const planned = sheet.products[step.product]!.dose;
		const gives =
			Math.abs(made.ratio - 1) > 5e-4 ? m.gives({ planned: trueDose(planned, dose, made.ratio, settings) }) : '';
		const exact = made.tooCoarse !== null;
		const { figure, unit } = exact ? showAmount(amount, settings, dose) : atMark(amount, mark, settings, dose);
		return {
			figure,
			unit,
			text: step.part < 1 ? m.half_of_it({ name: label.name }) : label.name,
			why: [mixingWords[label.mixes], label.fill === 'half-product' ? fillWords[label.fill].toLowerCase() : '']
				.filter(Boolean)
				.join(', '),
			how: [...howOf(made, packs, wanted, settings, dose), gives].filter(Boolean),
			look: lookOf(label.name, pour, settings),
			poured: pouredTyped(amount, exact ? null : mark, settings, dose),
			done: m.is_in_rinse_done({ name: label.name }),
			level: step.in / load.mix
		};
	});
}
