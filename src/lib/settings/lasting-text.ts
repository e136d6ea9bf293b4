import type { Typed } from '../../core/index';
import { isBareNumber } from '../../core/index';
import type { FarmSettings } from './farm-settings';

/** A number in a text, from one decimal sign to another, without groups. */
export const inSign = (text: string, from: boolean, to: boolean): string =>
	text.replace(/\d[\d.,]*/g, (number) => {
		// No group begins with a zero.
		const grouped = /^[1-9]\d{0,2}([.,]\d{3})+(?!\d)/.test(number);
		const plain = from
			? (grouped ? number.replace(/\.(?=\d{3}(?!\d))/g, '') : number).replace(',', '.')
			: number.replace(/,(?=\d{3}(?!\d))/g, '');
		return to ? plain.replace('.', ',') : plain;
	});

/** A gallon, quart, pint or fluid ounce without a word of whose it is. */
const ownless =
	/(?<!\b(?:US|U\.S\.|Imp|Imp\.|Imperial) ?)\b(fl\.? ?oz|fluid ounces?|gal(?:lons?)?|quarts?|qts?|pints?|pts?)\b/gi;

/** Whose gallon a text means, written out, so that it stays the same amount on a farm that has the other one. */
export const inGallon = (text: string, gallon: Typed['gallon']): string =>
	text.replace(ownless, (measure) => `${gallon === 'US' ? 'US' : 'Imp'} ${measure}`);

/** A typed reading that reads the same on any day: a bare number gets its field's unit, a gallon whose it is, and all the decimal sign that is asked for. */
export function lastingText(t: Typed, { decimalComma }: Pick<FarmSettings, 'decimalComma'>): string {
	const text = inGallon(inSign(t.text, t.comma ?? false, decimalComma), t.gallon);
	return isBareNumber(t.text) && t.unit !== '' ? `${text} ${t.unit === 'oz' ? 'oz av' : t.unit}` : text;
}
