import { z } from 'zod';
import type { PlanSheet, PlannedProduct, Result } from '../../core';
import { bad, bounds, good, readDose, si, within } from '../../core';
import { QuantityReader, gallonWord, quantityText } from './quantity-text';

const product = z.strictObject({
	name: z.string().min(1).max(120),
	dose: z.string().max(80),
	state: z.enum(['liquid', 'dry']).optional()
});

/** `fallow-plan/1`: loads for an area at a spray volume, full loads and a part load or equal ones. */
export const planSheetSchema = z.strictObject({
	format: z.literal('fallow-plan/1'),
	gallon: gallonWord.optional(),
	area: z.union([
		z.strictObject({ area: quantityText }),
		z.strictObject({ length: quantityText, width: quantityText })
	]),
	rate: quantityText,
	tank: quantityText,
	split: z.enum(['full-then-part', 'equal']),
	products: z.array(product).max(40)
});
export type PlanSheetFile = z.infer<typeof planSheetSchema>;

/** What the format has and this version does not compute yet. */
export const laterSplits = ['whole-rows', 'whole-packs'];
export const laterPlanKeys = ['dead', 'sprayedShare', 'rows', 'rowLength', 'rowSpacing'];
export const laterProductKeys = ['max', 'pack', 'packet'];

/** A parsed plan file into quantities for the core. */
export function readPlanSheet(file: PlanSheetFile): Result<PlanSheet> {
	const r = new QuantityReader(file.gallon ?? 'US');
	const read = <K extends 'length' | 'area' | 'volume' | 'volumePerArea'>(
		text: z.infer<typeof quantityText>,
		kind: K,
		limits: { min: number; max: number },
		path: string
	): number => {
		const quantity = r.read(text, [kind], path, { oz: 'fluid' });
		if (!quantity) return 0;
		const kept = within(quantity, limits, path);
		if (!kept.ok) r.issues.push(...kept.issues);
		return quantity.value;
	};
	const area =
		'area' in file.area
			? read(file.area.area, 'area', bounds.area, 'area.area')
			: read(file.area.length, 'length', bounds.side, 'area.length') *
				read(file.area.width, 'length', bounds.side, 'area.width');
	const rate = read(file.rate, 'volumePerArea', bounds.volumePerArea, 'rate');
	const tank = read(file.tank, 'volume', bounds.tank, 'tank');
	const products = file.products.flatMap((p, i): PlannedProduct[] => {
		const dose = readDose(p.dose, { gallon: r.gallon, state: p.state }, `products.${i}.dose`);
		if (dose.ok) return [{ name: p.name, dose: dose.value }];
		r.issues.push(...dose.issues);
		return [];
	});
	if (r.issues.length > 0) return bad(...r.issues);
	return good({
		area: si<'area'>(area),
		rate: si<'volumePerArea'>(rate),
		tank: si<'volume'>(tank),
		split: file.split,
		products
	});
}
