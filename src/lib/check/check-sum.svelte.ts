import { m } from '$words';
import type { CheckedSum, Kind, Sum } from '$core';
import { checkSum, factor, readQuantity, readWorking, showFigure, writtenStep } from '$core';
import type { FarmSettings } from '$lib/settings/farm-settings';
import { fieldUnits, longUnit, shortUnit } from '$lib/settings/field-units';
import type { SumUnits } from '$core';
import { slipWords } from '$lib/wording/slips';
import { wordIssue } from '$lib/wording/issues';

/** The units that a person of the farm works a sum in. */
export function sumUnits(settings: FarmSettings): SumUnits {
	const u = fieldUnits(settings);
	return { catch: u.catch, length: u.course, speed: u.speed, tank: u.tank, area: u.area };
}

export interface SumSource {
	/** What it is a sum of, as a label has it: `Spray volume`. */
	readonly name: string;
	readonly sum: Sum;
	/** The unit of a bare number, and of the answer that is shown beside it. */
	readonly unit: string;
}

/** An operator's own answer beside Fallow's. */
export class CheckSumState {
	readonly #source: () => SumSource;
	readonly #settings: FarmSettings;
	mine = $state('');
	/** How it was worked out, where somebody types that too. */
	own = $state('');

	constructor(source: () => SumSource, settings: FarmSettings) {
		this.#source = source;
		this.#settings = settings;
	}
	get source(): SumSource {
		return this.#source();
	}

	#read = $derived.by(() => {
		const { sum, unit } = this.#source();
		return readQuantity(
			this.mine,
			{
				kinds: [sum.kind],
				gallon: this.#settings.gallon,
				oz: sum.kind === 'mass' ? 'weight' : 'fluid',
				decimalComma: this.#settings.decimalComma,
				unit
			},
			'mine'
		);
	});
	problem: string | undefined = $derived.by(() =>
		this.mine.trim() === '' || this.#read.ok ? undefined : wordIssue(this.#read.issues[0]!)
	);
	checked: CheckedSum | null = $derived.by(() => {
		if (this.mine.trim() === '' || !this.#read.ok || !(this.#read.value.value > 0)) return null;
		return checkSum(this.#source().sum, this.#read.value.value, writtenStep(this.mine, this.#settings.decimalComma));
	});
	#own = $derived.by(() => (this.own.trim() === '' ? null : readWorking(this.own, this.#settings.decimalComma)));
	ownProblem: string | undefined = $derived.by(() =>
		this.#own && !this.#own.ok ? wordIssue(this.#own.issues[0]!) : undefined
	);
	/** What the operator's working comes to, to stand above Fallow's; empty while there is none that reads. */
	ownCame: string = $derived.by(() =>
		this.#own?.ok ? showFigure(this.#own.value, 4, this.#settings.decimalComma) : ''
	);
	/** The working comes to another figure than the answer that was typed: the slip is in working it out. */
	ownDiffers: boolean = $derived.by(() => {
		if (!this.#own?.ok || !this.checked || !this.#read.ok) return false;
		const { sum, unit } = this.#source();
		const typed = this.#read.value.value / factor(sum.kind satisfies Kind, unit);
		return Math.abs(this.#own.value / typed - 1) > writtenStep(this.mine, this.#settings.decimalComma) + 1e-9;
	});
	/** What stands beside the operator's answer. */
	answer: string = $derived.by(() => {
		const { sum, unit } = this.#source();
		return `${showFigure(sum.answer / factor(sum.kind satisfies Kind, unit), 4, this.#settings.decimalComma)} ${longUnit(unit)}`;
	});
	/** What Fallow multiplied and divided, to hold beside one's own working. */
	working: string = $derived.by(() => {
		const comma = this.#settings.decimalComma;
		const { sum } = this.#source();
		const ratio = sum.aside?.pressureRatio;
		return sum.parts
			.map(({ kind, unit, value, power, name }, i) => {
				const figure =
					kind === 'count'
						? `${value} ${name}`
						: `${showFigure(value / factor(kind, unit), 5, comma)} ${shortUnit(unit)}`;
				return `${power > 0 ? (i === 0 ? '' : '× ') : '÷ '}${figure}`;
			})
			.join(' ')
			.concat(ratio === undefined ? '' : ` × √${showFigure(ratio, 5, comma).replace(/0+$/, '')}`);
	});
	#gap = $derived.by(() =>
		this.checked ? `${showFigure(Math.abs(this.checked.gap) * 100, 2, this.#settings.decimalComma)} %` : ''
	);
	words: string = $derived.by(() => {
		const { checked } = this;
		if (!checked) return '';
		const side = checked.gap > 0 ? m.above() : m.below();
		const comma = this.#settings.decimalComma;
		const wide = this.#source().sum.relativeU95;
		if (checked.verdict === 'agrees')
			return wide > 0
				? m.it_agrees_within_the({ gap: this.#gap, side, figure: showFigure(wide * 100, 2, comma) })
				: m.it_agrees();
		const far = m.your_answer_is_fallows({ gap: this.#gap, side });
		if (checked.verdict === 'no-slip') return m.no_known_slip_explains_it_compare({ far });
		return m.it_looks_as_if({ far, list: checked.slips.map((s) => slipWords(s, comma)).join(m.and()) });
	});
}
