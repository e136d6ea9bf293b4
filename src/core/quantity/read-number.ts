export const numberPattern = '(?:\\d+ \\d+/\\d+|\\d+/\\d+|[\\d.,]*\\d[\\d.,]*)';

/**
 * The value of one written number, or what is wrong with it. A comma groups thousands (three digits follow); with
 * `decimalComma` it is the decimal sign, and a point groups. One group of three is read the farm's way; who asks shows it
 * back ungrouped (see `oneGroup`). No group begins with a zero: `0,250` is no 250.
 * @example
 * readNumber('3,420', false) // => 3420
 * readNumber('1 1/2', false) // => 1.5
 * readNumber('3,42', false) // => "comma"
 * readNumber('3,42', true) // => 3.42
 * readNumber('1.250', true) // => 1250
 * readNumber('0.250', true) // => 0.25
 * readNumber('0,250', false) // => "comma"
 */
export function readNumber(text: string, decimalComma: boolean): number | 'comma' | 'unreadable' {
	const mixed = /^(?:(\d+) )?(\d+)\/(\d+)$/.exec(text);
	if (mixed) {
		const below = Number(mixed[3]);
		return below === 0 ? 'unreadable' : Number(mixed[1] ?? 0) + Number(mixed[2]) / below;
	}
	if (decimalComma) {
		if (/^[1-9]\d{0,2}(\.\d{3})+(,\d+)?$/.test(text)) return Number(text.replace(/\./g, '').replace(',', '.'));
		if (/^(\d+([.,]\d*)?|[.,]\d+)$/.test(text)) return Number(text.replace(',', '.'));
		return text.includes(',') ? 'comma' : 'unreadable';
	}
	if (/^(\d+(\.\d*)?|\.\d+)$/.test(text)) return Number(text);
	if (/^[1-9]\d{0,2}(,\d{3})+(\.\d+)?$/.test(text)) return Number(text.replace(/,/g, ''));
	return text.includes(',') ? 'comma' : 'unreadable';
}
