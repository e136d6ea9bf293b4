import type { Load, TypedJob } from '$core';
import { inUnit, mixingOrder, showFigure } from '$core';
import type { FarmSettings } from '$lib/formats/farm-settings';
import { fieldUnits, shortUnit } from '$lib/formats/field-units';
import { mixingWords } from '$lib/wording/products';
import { shownAmount } from './shown-plan';

export interface MixingLine {
	readonly figure: string;
	readonly unit: string;
	readonly text: string;
	readonly why: string;
}

/** One load, step by step in the order of mixing: what goes in, how much, and why then. */
export function mixingLines(load: Load, job: TypedJob, settings: FarmSettings): MixingLine[] {
	const units = fieldUnits(settings);
	const volume = (v: number) => showFigure(inUnit('volume', v as never, units.tank), 4, settings.decimalComma);
	const tank = shortUnit(units.tank);
	const products = job.products.map(({ label }, i) => ({
		mixes: label.mixes,
		takesUp: load.products[i]?.kind === 'volume' ? load.products[i].amount : 0
	}));
	return mixingOrder(load.mix, products).map((step): MixingLine => {
		if (step.do === 'water')
			return {
				figure: volume(step.to),
				unit: tank,
				text: 'Water to this mark, agitation running',
				why: 'Never dry, never product first.'
			};
		if (step.do === 'top-up')
			return { figure: volume(step.to), unit: tank, text: 'Water up to the mark', why: 'Never leave a filling tank.' };
		const { label } = job.products[step.product]!;
		const amount = shownAmount(load.products[step.product]!, settings);
		return { figure: amount.value, unit: amount.unit, text: label.name, why: mixingWords[label.mixes] };
	});
}
