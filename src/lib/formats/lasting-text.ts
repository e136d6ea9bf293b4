import type { Typed } from '../../core';
import { isBareNumber } from '../../core';
import type { FarmSettings } from './farm-settings';

/** A number in a text, from one decimal sign to another, without groups. */
const inSign = (text: string, from: boolean, to: boolean): string =>
	text.replace(/\d[\d.,]*/g, (number) => {
		// No group begins with a zero.
		const grouped = /^[1-9]\d{0,2}([.,]\d{3})+(?!\d)/.test(number);
		const plain = from
			? (grouped ? number.replace(/\.(?=\d{3}(?!\d))/g, '') : number).replace(',', '.')
			: number.replace(/,(?=\d{3}(?!\d))/g, '');
		return to ? plain.replace('.', ',') : plain;
	});

/** A typed reading that reads the same on any day: a bare number gets its field's unit, and the decimal sign that is asked for. */
export function lastingText(t: Typed, { decimalComma }: Pick<FarmSettings, 'decimalComma'>): string {
	const text = inSign(t.text, t.comma ?? false, decimalComma);
	return isBareNumber(t.text) && t.unit !== '' ? `${text} ${t.unit === 'oz' ? 'oz av' : t.unit}` : text;
}
