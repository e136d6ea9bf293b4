import { m } from '$words';
import type { Typed } from '../../core/index';
import { isBareNumber } from '../../core/index';
import type { FarmSettings } from './farm-settings';
import { shortUnit } from './field-units';
import { inGallon, inSign } from './lasting-text';

/** A typed reading for showing: the text as it was typed, with its field's unit where it was a bare number. */
export const typedText = (typed: Typed, unitWords: (unit: string) => string = shortUnit): string =>
	isBareNumber(typed.text)
		? `${typed.text} ${typed.unit === 'oz' ? m.oz_weight() : unitWords(typed.unit)}`
		: typed.text;

/**
 * A typed reading as its field shows it again: a bare number where the field's unit is still the one that it was typed in, else
 * with its own unit, so that a farm that changed its measures reads the same amount. Groups of thousands are taken out, so that
 * one who typed them sees how they were read.
 */
export function keptText(
	kept: Typed | null | undefined,
	unit: string,
	{ decimalComma, gallon }: Pick<FarmSettings, 'decimalComma' | 'gallon'>
): string {
	if (!kept) return '';
	const text = inSign(kept.text, kept.comma ?? false, decimalComma);
	if (!isBareNumber(text)) return kept.gallon === gallon ? text : inGallon(text, kept.gallon);
	return kept.unit === unit ? text : `${text} ${kept.unit === 'oz' ? 'oz av' : kept.unit}`;
}
