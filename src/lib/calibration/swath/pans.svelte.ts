import { m } from '$words';
import type { PanSwath, SwathSchool } from '$core';
import {
	fields,
	overlapCv,
	panSwath,
	schoolOf,
	showDecimals,
	showFigure,
	usualShare,
	quantityOf,
	entered
} from '$core';
import { typed } from '$lib/settings/field-units';
import { typedText } from '$lib/settings/typed-text';
import type { CalibrationState } from '$lib/calibration/calibration.svelte';

/** One school's answer for the swath, for showing beside the others. */
export interface SchoolAnswer {
	readonly school: SwathSchool;
	readonly name: string;
	/** m; null while something is missing. */
	readonly width: number | null;
	readonly note: string;
}

/** What the swath of a boomless sprayer is by each school, from one wetted width, a row of pans, and the maker's figure. */
export class BoomlessSwath {
	readonly #calibration: CalibrationState;
	/** Pan at hand, from 1. */
	at = $state(1);
	drafts = $state<Record<number, string>>({});

	constructor(calibration: CalibrationState) {
		this.#calibration = calibration;
	}

	school: SwathSchool | null = $derived.by(() => schoolOf(this.#calibration.entered));
	wetted: number | null = $derived.by(() => quantityOf(this.#calibration.entered.wetted));
	spacing: number | null = $derived.by(() => quantityOf(this.#calibration.entered.pans?.spacing));
	/** Catch of each pan, m³; null is not read. */
	catches: readonly (number | null)[] = $derived.by(() => {
		const count = this.#calibration.entered.pans?.count ?? 0;
		return Array.from({ length: count }, (_, i) => {
			const kept = this.#calibration.entered.panCatches.get(i + 1);
			const draft = this.drafts[i + 1];
			return quantityOf(
				draft === undefined ? kept : entered(fields.pan, typed(draft, this.unit, this.#calibration.settings))
			) as number | null;
		});
	});
	/** Unit of the next pan: that of the last one read. */
	unit: string = $derived.by(() => [...this.#calibration.entered.panCatches.values()].at(-1)?.typed.unit ?? 'ml');
	/** Swath from the pans, once all are read. */
	result: PanSwath | null = $derived.by(() => {
		const pans = this.#calibration.entered.pans;
		if (!pans || this.catches.length === 0 || this.catches.some((c) => c === null)) return null;
		return panSwath(this.catches as number[], pans.driving === 'back-and-forth', pans.maxCv);
	});
	/** Distance between passes that is shown on the pans, in pan spacings. */
	shown: number | null = $derived.by(() => {
		if (this.#calibration.width === null || this.spacing === null) return this.result?.best?.spacings ?? null;
		return this.#calibration.width / this.spacing;
	});
	/** CV at the width in use, by the nearest whole number of spacings. */
	cv: number | null = $derived.by(() => {
		const pans = this.#calibration.entered.pans;
		if (!pans || !this.result || this.shown === null) return null;
		const swath = Math.max(1, Math.round(this.shown));
		return overlapCv(this.catches as number[], swath, pans.driving === 'back-and-forth');
	});
	fills: readonly (number | null)[] = $derived.by(() => {
		const most = Math.max(0, ...this.catches.map((c) => c ?? 0));
		return this.catches.map((c) => (c === null ? null : most > 0 ? c / most : 0));
	});
	/** What the ground gets across the pans where passes lie beside each other, over its mean. */
	laid: readonly number[] = $derived.by(() => {
		const pans = this.#calibration.entered.pans;
		if (!pans || !this.result || this.shown === null) return [];
		return layPasses(this.catches as number[], Math.max(1, Math.round(this.shown)), pans.driving === 'back-and-forth');
	});

	/** Every school's answer side by side; the one in use decides. */
	answers: readonly SchoolAnswer[] = $derived.by(() => {
		const { entered: calibration, sprayer, settings } = this.#calibration;
		const comma = settings.decimalComma;
		const { school, share, length } = calibration.school ?? { school: null, share: undefined, length: undefined };
		const typedLength = (of: SwathSchool) => (school === of ? (quantityOf(length) as number | null) : null);
		const edge = typedLength('edges');
		const usable = school === 'share' && share !== undefined ? share : usualShare;
		const best = this.result?.best;
		const w = this.wetted;
		return [
			{
				school: 'pans',
				name: m.pans(),
				width: best && this.spacing !== null ? best.spacings * this.spacing : null,
				note: best
					? m.widest_with_cv({
							showFigure: showFigure((calibration.pans?.maxCv ?? 0.15) * 100, 3, comma),
							figure: showDecimals(best.cv * 100, 1, comma)
						})
					: this.result
						? m.no_width_is_even_enough_inline()
						: m.a_row_of_equal_pans_across()
			},
			{
				school: 'share',
				name: m.usable_share_title(),
				width: w === null ? null : w * usable,
				note: m.of_the_wetted_width({ figure: showFigure(usable * 100, 3, comma) })
			},
			{
				school: 'edges',
				name: m.edges_off(),
				width: w === null || edge === null || w <= 2 * edge ? null : w - 2 * edge,
				note:
					edge === null
						? m.wetted_less_an_overlap_at_each()
						: m.wetted_less_at_each_edge({ typed: typedText(length!.typed) })
			},
			{ school: 'full', name: m.full_width(), width: w, note: m.all_that_is_wetted() },
			{
				school: 'maker',
				name: m.maker(),
				width: typedLength('maker') ?? (quantityOf(sprayer.makerSwath) as number | null),
				note: m.the_sheets_figure_at_its_height()
			},
			{ school: 'asked', name: m.as_i_drive_it(), width: typedLength('asked'), note: m.a_width_that_you_set() }
		];
	});

	/** Keeps a pan and goes to the next that is open. Answers with what is wrong, or ''. */
	async enter(pan: number): Promise<boolean> {
		const text = this.drafts[pan]?.trim();
		if (text === undefined || text === '') {
			delete this.drafts[pan];
			this.at = this.#next(pan);
			return true;
		}
		const issues = await this.#calibration.add({
			kind: 'pan',
			pan,
			amount: typed(text, this.unit, this.#calibration.settings)
		});
		if (issues.length > 0) return false;
		delete this.drafts[pan];
		this.at = this.#next(pan);
		return true;
	}

	#next(pan: number): number {
		const open = this.catches.flatMap((c, i) => (c === null && i + 1 !== pan ? [i + 1] : []));
		return open.find((n) => n > pan) ?? open[0] ?? Math.min(pan + 1, this.catches.length);
	}

	/** A pasted column fills the pans in order from one on. */
	async paste(pan: number, text: string): Promise<number> {
		const figures = text
			.trim()
			.split(/[\t\r\n;]+/)
			.filter((f) => f.trim() !== '');
		if (figures.length < 2) return 0;
		const room = figures.slice(0, this.catches.length - pan + 1);
		for (const [i, figure] of room.entries()) {
			this.drafts[pan + i] = figure.trim();
			if (!(await this.enter(pan + i))) return i;
		}
		return room.length;
	}
}

/** Pans of neighbouring passes laid over each other, across one width of the pans, over their mean. */
export function layPasses(pans: readonly number[], swath: number, mirrored: boolean): number[] {
	const n = pans.length;
	const sums = new Array<number>(n).fill(0);
	const reach = Math.ceil(n / swath) + 1;
	for (let pass = -reach; pass <= reach; pass += 1) {
		const turned = mirrored && pass % 2 !== 0;
		for (let i = 0; i < n; i += 1) {
			const cell = pass * swath + i;
			if (cell >= 0 && cell < n) sums[cell]! += pans[turned ? n - 1 - i : i]!;
		}
	}
	const mean = sums.reduce((s, v) => s + v, 0) / n;
	return mean > 0 ? sums.map((s) => s / mean) : sums;
}
