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
		.trim();
}

export const numberPattern = '(?:\\d+ \\d+/\\d+|\\d+/\\d+|[\\d.,]*\\d[\\d.,]*)';

/**
 * The value of one written number, or what is wrong with it. A comma groups thousands (three digits follow); with
 * `decimalComma` it is the decimal sign, and then a point before exactly three digits could be either: it is refused.
 * @example
 * readNumber('3,420', false) // => 3420
 * readNumber('1 1/2', false) // => 1.5
 * readNumber('3,42', false) // => "comma"
 * readNumber('3,42', true) // => 3.42
 */
export function readNumber(text: string, decimalComma: boolean): number | 'comma' | 'unreadable' {
	const mixed = /^(?:(\d+) )?(\d+)\/(\d+)$/.exec(text);
	if (mixed) {
		const below = Number(mixed[3]);
		return below === 0 ? 'unreadable' : Number(mixed[1] ?? 0) + Number(mixed[2]) / below;
	}
	if (decimalComma) {
		if (/^\d{1,3}\.\d{3}$/.test(text)) return 'comma';
		if (/^\d{1,3}(\.\d{3})+(,\d+)?$/.test(text)) return Number(text.replace(/\./g, '').replace(',', '.'));
		if (/^(\d+([.,]\d*)?|[.,]\d+)$/.test(text)) return Number(text.replace(',', '.'));
		return text.includes(',') ? 'comma' : 'unreadable';
	}
	if (/^(\d+(\.\d*)?|\.\d+)$/.test(text)) return Number(text);
	if (/^\d{1,3}(,\d{3})+(\.\d+)?$/.test(text)) return Number(text.replace(/,/g, ''));
	return text.includes(',') ? 'comma' : 'unreadable';
}
