/** How a number may be written: plain, grouped in thousands, a fraction, a mixed number, a vulgar fraction. */
const vulgar: Record<string, string> = {
	'½': '1/2',
	'⅓': '1/3',
	'⅔': '2/3',
	'¼': '1/4',
	'¾': '3/4',
	'⅛': '1/8',
	'⅜': '3/8',
	'⅝': '5/8',
	'⅞': '7/8'
};

/** Evens out what keyboards and spreadsheets put in: odd spaces, typographic primes and minus, vulgar fractions. */
export function tidyText(text: string): string {
	return text
		.replace(/[½⅓⅔¼¾⅛⅜⅝⅞]/g, (c) => ` ${vulgar[c]}`)
		.replace(/[′’]/g, "'")
		.replace(/[″”“]/g, '"')
		.replace(/''/g, '"')
		.replace(/[−–]/g, '-')
		.replace(/\s+/gu, ' ')
		.replace(/\bfl\. ?oz\b/gi, 'fl oz')
		.replace(/\b(?:oz|ounces?) (?:\(weight\)|by weight|weight|wt|avdp|avoirdupois|av)(?![a-z])/gi, 'oz av')
		.trim();
}

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

const group = /(?:^|[^\d.,])(\d{1,3}[.,]\d{3})(?![\d.,])/;

/**
 * The number in a text that has one group of three digits after a comma or a point, and so could be read in two ways: as it
 * was written. Null where there is none; `0,250` and `0.250` are no thousands.
 * @example
 * oneGroup('1,250 L/ha') // => "1,250"
 * oneGroup('1,250.5 L') // => null
 * oneGroup('0.250 L') // => null
 */
export function oneGroup(text: string): string | null {
	const found = group.exec(text)?.[1];
	return found === undefined || found.startsWith('0') ? null : found;
}

/**
 * Whether a text is a number alone, or a number of times another, so that the unit of its field is meant.
 * @example
 * isBareNumber('1 ½') // => true
 * isBareNumber('3 × 12') // => true
 * isBareNumber('3 ft') // => false
 */
export const isBareNumber = (text: string): boolean =>
	new RegExp(`^${numberPattern}(?: ?[x×*] ?${numberPattern})?$`, 'i').test(tidyText(text));
