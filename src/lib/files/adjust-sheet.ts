import { z } from 'zod';
import type { AdjustSheet, Kind, Quantity, Result } from '../../core/index';
import { bad, bounds, good, si, within } from '../../core/index';
import type { QuantityText } from './quantity-text';
import { QuantityReader, gallonWord, quantityText } from './quantity-text';

/** Specific gravity of anything that is sprayed. */
const gravityBounds = { min: 0.5, max: 2.5 } as const;

/** `fallow-adjust/1`: from a measured spray volume to a wanted one. */
export const adjustSheetSchema = z.strictObject({
	format: z.literal('fallow-adjust/1'),
	gallon: gallonWord.optional(),
	measured: quantityText,
	wanted: quantityText,
	speed: quantityText.optional(),
	pressure: quantityText.optional(),
	spacing: quantityText.optional(),
	specificGravity: z.number().min(gravityBounds.min).max(gravityBounds.max).optional(),
	nozzle: z
		.strictObject({ flow: quantityText, at: quantityText, min: quantityText, max: quantityText })
		.optional()
		.meta({
			description: 'The fitted nozzle: its flow at a pressure, and the range of pressures that it is made for.'
		}),
	speedRange: z
		.tuple([quantityText, quantityText])
		.optional()
		.meta({ description: 'Slowest and fastest that the rig can be driven.' })
});
export type AdjustSheetFile = z.infer<typeof adjustSheetSchema>;

/** A parsed adjust file into quantities for the core; everything that is wrong with it is told. */
export function readAdjustSheet(file: AdjustSheetFile): Result<AdjustSheet> {
	const r = new QuantityReader(file.gallon ?? 'US');
	const read = <K extends Kind>(
		text: QuantityText,
		kind: K,
		limits: { min: number; max: number },
		path: string
	): Quantity<K> => {
		const quantity = r.read(text, [kind], path, { oz: 'fluid' });
		if (!quantity) return si<K>(NaN);
		const kept = within(quantity, limits, path);
		if (!kept.ok) r.issues.push(...kept.issues);
		return quantity.value;
	};
	const may = <K extends Kind>(
		text: QuantityText | undefined,
		kind: K,
		limits: { min: number; max: number },
		path: string
	) => (text === undefined ? undefined : read(text, kind, limits, path));
	const range = (low: number, high: number, path: string, texts: readonly QuantityText[]) => {
		const [from, to] = texts.map((t) => (typeof t === 'string' ? t : `${t.value} ${t.unit}`));
		if (low >= high) r.issues.push({ code: 'upside-down', path, text: from, bound: to });
	};
	const sheet: AdjustSheet = {
		measured: read(file.measured, 'volumePerArea', bounds.volumePerArea, 'measured'),
		wanted: read(file.wanted, 'volumePerArea', bounds.volumePerArea, 'wanted'),
		speed: may(file.speed, 'speed', bounds.speed, 'speed'),
		pressure: may(file.pressure, 'pressure', bounds.pressure, 'pressure'),
		spacing: may(file.spacing, 'length', bounds.swath, 'spacing'),
		specificGravity: file.specificGravity,
		nozzle: file.nozzle && {
			points: [
				{
					pressure: read(file.nozzle.at, 'pressure', bounds.pressure, 'nozzle.at'),
					flow: read(file.nozzle.flow, 'flow', bounds.nozzleFlow, 'nozzle.flow')
				}
			],
			range: {
				low: read(file.nozzle.min, 'pressure', bounds.pressure, 'nozzle.min'),
				high: read(file.nozzle.max, 'pressure', bounds.pressure, 'nozzle.max')
			}
		},
		speedRange: file.speedRange && {
			low: read(file.speedRange[0], 'speed', bounds.speed, 'speedRange.0'),
			high: read(file.speedRange[1], 'speed', bounds.speed, 'speedRange.1')
		}
	};
	if (file.nozzle && sheet.nozzle) {
		const { low, high } = sheet.nozzle.range;
		range(low, high, 'nozzle.min', [file.nozzle.min, file.nozzle.max]);
	}
	if (file.speedRange && sheet.speedRange)
		range(sheet.speedRange.low, sheet.speedRange.high, 'speedRange.0', file.speedRange);
	return r.issues.length > 0 ? bad(...r.issues) : good(sheet);
}
