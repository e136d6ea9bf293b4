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
/** How a number may be written: plain, grouped in thousands, a fraction, a mixed number, a vulgar fraction. */
export const vulgar: Record<string, string> = {
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
