import { m } from '$words';
import type { TypedGround } from '$core';
import { keptText } from '$lib/settings/typed-text';
import { bounds, fields, readField, readShare, showFigure, factor, quantityOf } from '$core';
import { measuresOf, typed } from '$lib/settings/field-units';
import { asWritten } from '$lib/wording/as-written';
import type { CalibrationState } from '$lib/calibration/calibration.svelte';

/** A plot whose reading is easily turned into an answer. */
export interface UsualPlot {
	readonly name: string;
	/** m². */
	readonly area: number;
	readonly why: string;
}

const acre = factor('area', 'ac');
const foot2 = factor('area', 'ft2');

/** Plots of the trade, those of the farm's own measures first. */
export function usualPlots(measures: 'metric' | 'US' | 'Imperial', comma: boolean): UsualPlot[] {
	const metric: UsualPlot[] = [
		{ name: '10 m²', area: 10, why: m.amount_read_as_rate({ amount: 'ml', rate: 'L/ha' }) },
		{ name: '100 m²', area: 100, why: m.amount_read_as_rate({ amount: '100 ml', rate: '10 L/ha' }) }
	];
	const imperial: UsualPlot[] = [
		{ name: m.n1_128_ac(), area: acre / 128, why: m.amount_read_as_rate({ amount: 'US fl oz', rate: 'gal/ac' }) },
		{ name: m.n1_160_ac(), area: acre / 160, why: m.amount_read_as_rate({ amount: 'Imp fl oz', rate: 'gal/ac' }) },
		{ name: asWritten(m.n1_000_ft(), comma), area: 1000 * foot2, why: m.for_turf_labels() }
	];
	return measures === 'metric' ? [...metric, ...imperial] : [...imperial, ...metric];
}

/** The ground that is sprayed for the measure, as it is laid out: an area wanted, one side given, the other worked out. */
export class PlotStepState {
	readonly #calibration: CalibrationState;
	by = $state<TypedGround['by']>('sides');
	/** The plot that is wanted, m²; null is any sides. */
	wanted = $state<number | null>(null);

	constructor(calibration: CalibrationState) {
		this.#calibration = calibration;
		const kept = calibration.entered.plot;
		this.by = kept?.by ?? (calibration.sprayer.kind === 'airblast' ? 'row' : 'sides');
		if (!kept && calibration.method === 'plot-catch') this.wanted = this.plots[0]!.area;
	}

	plots = $derived.by(() =>
		usualPlots(measuresOf(this.#calibration.settings), this.#calibration.settings.decimalComma)
	);
	ground = $derived.by(() => this.#calibration.entered.plot);
	sides = $derived.by(() => {
		const ground = this.ground;
		if (ground?.by !== 'sides') return { length: null, width: null };
		return { length: quantityOf(ground.length) as number | null, width: quantityOf(ground.width) as number | null };
	});

	/** Both sides are there: a plot that nobody laid out is picked by nobody. */
	laidOut = $derived.by(() => this.sides.length !== null && this.sides.width !== null);

	/** What the other side comes to, in the field's unit, for a plot of the wanted area. */
	otherSide(metres: number): string {
		if (this.wanted === null) return '';
		const other = this.wanted / metres;
		if (!(other >= bounds.side.min && other <= bounds.side.max)) return '';
		return showFigure(
			other / factor('length', this.#calibration.units.side),
			4,
			this.#calibration.settings.decimalComma
		);
	}

	/** The square of the wanted area: its side in words, and it is laid out at once. */
	async pick(area: number): Promise<void> {
		this.wanted = area;
		this.by = 'sides';
		const side = this.otherSide(Math.sqrt(area));
		await this.setSides(side, side);
	}

	/** One side typed. With an area wanted, the other follows; with none, it stays. */
	async setSide(which: 'length' | 'width', text: string) {
		const { settings, units } = this.#calibration;
		const read = readField(fields.side, typed(text, units.side, settings), which);
		if (!read.ok) return read.issues;
		const kept = this.ground?.by === 'sides' ? this.ground : null;
		const across = which === 'length' ? 'width' : 'length';
		const waiting = this.half?.which === across ? this.half.text : undefined;
		const other = this.otherSide(read.value.value) || (waiting ?? keptText(kept?.[across].typed, units.side, settings));
		if (other === '') {
			this.half = { which, text };
			return [];
		}
		return which === 'length' ? this.setSides(text, other) : this.setSides(other, text);
	}

	/** One side of a plot of any sides, while the other is not there yet. */
	half = $state<{ which: 'length' | 'width'; text: string } | null>(null);

	setSides(length: string, width: string) {
		const { settings, units } = this.#calibration;
		this.half = null;
		return this.#calibration.add({
			kind: 'plot',
			ground: {
				by: 'sides',
				length: typed(length, units.side, settings),
				width: typed(width, units.side, settings)
			}
		});
	}

	setArea(text: string) {
		const unit = this.#calibration.units.area;
		return this.#calibration.add({
			kind: 'plot',
			ground: { by: 'area', area: typed(text, unit, this.#calibration.settings) }
		});
	}

	setRow(text: string) {
		return this.#calibration.add({
			kind: 'plot',
			ground: { by: 'row', row: typed(text, this.#calibration.units.side, this.#calibration.settings) }
		});
	}

	setBlock(text: string, percent: string) {
		const share = readShare(percent);
		return this.#calibration.add({
			kind: 'plot',
			ground: { by: 'block', block: typed(text, this.#calibration.units.area, this.#calibration.settings), share }
		});
	}
}
