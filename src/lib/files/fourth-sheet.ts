import { z } from 'zod';
import type { Four, Kind, Quantity, Result } from '../../core/index';
import { bad, bounds, fourthOfFour, good, within } from '../../core/index';
import { flowUnits, rateUnits, speedUnits, widthUnits } from './answer-units';
import type { QuantityText } from './quantity-text';
import { QuantityReader, gallonWord, quantityText } from './quantity-text';

/** `fallow-fourth/1`: three of spray volume, speed, width and flow give the fourth. */
export const fourthSheetSchema = z.strictObject({
	format: z.literal('fallow-fourth/1'),
	gallon: gallonWord.optional(),
	rate: quantityText.optional(),
	speed: quantityText.optional(),
	width: quantityText.optional(),
	flow: quantityText.optional().meta({ description: 'Of all nozzles that are on.' })
});
export type FourthSheetFile = z.infer<typeof fourthSheetSchema>;

/** A parsed file to all four; everything that is wrong with it is told. */
export function readFourthSheet(file: FourthSheetFile): Result<Four> {
	const r = new QuantityReader(file.gallon ?? 'US');
	const may = <K extends Kind>(
		text: QuantityText | undefined,
		kind: K,
		limits: { min: number; max: number },
		path: string
	): Quantity<K> | undefined => {
		if (text === undefined) return undefined;
		const quantity = r.read(text, [kind], path, { oz: 'fluid' });
		const kept = quantity && within(quantity, limits, path);
		if (kept && !kept.ok) r.issues.push(...kept.issues);
		return kept?.ok ? kept.value.value : undefined;
	};
	const three = {
		rate: may(file.rate, 'volumePerArea', bounds.volumePerArea, 'rate'),
		speed: may(file.speed, 'speed', bounds.speed, 'speed'),
		width: may(file.width, 'length', bounds.swath, 'width'),
		flow: may(file.flow, 'flow', { min: bounds.nozzleFlow.min, max: bounds.pumpFlow.max }, 'flow')
	};
	if (r.issues.length > 0) return bad(...r.issues);
	const four = fourthOfFour(three);
	if (four) return good(four);
	const given = Object.values(three).filter((v) => v !== undefined).length;
	return bad({ code: 'three-of-four', path: '', text: `${given}`, bound: '3' });
}

/** The answer of `fallow-fourth/1`. */
export const fourthAnswer = (four: Four): Record<string, unknown> => ({
	format: 'fallow-fourth-answer/1',
	rate: rateUnits(four.rate),
	speed: speedUnits(four.speed),
	width: widthUnits(four.width),
	flow: flowUnits(four.flow)
});
