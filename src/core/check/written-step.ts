/**
 * Half of the last digit of a figure as it was written, as a share of it: how near any answer can be to it. A text of several
 * figures (`2 gal 1 qt`) counts half a hundredth.
 *
 * @example
 * writtenStep('17.65 gal/ac', false).toFixed(6) // => "0.000283"
 * writtenStep('300', false).toFixed(6) // => "0.001667"
 * writtenStep('17,7', true).toFixed(6) // => "0.002825"
 * writtenStep('2 gal 1 qt', false) // => 0.005
 */
export function writtenStep(text: string, decimalComma: boolean): number {
	const figures = text.replace(/\b(?:ft|m)2\b|\/ *\d+/g, '').match(/\d[\d.,]*/g) ?? [];
	const [one] = figures;
	if (one === undefined || figures.length !== 1) return 0.005;
	const plain = decimalComma ? one.replaceAll('.', '').replace(',', '.') : one.replaceAll(',', '');
	const decimals = plain.split('.')[1]?.length ?? 0;
	const value = Number(plain);
	return value > 0 ? (0.5 * 10 ** -decimals) / value : 0.005;
}
