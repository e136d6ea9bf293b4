/**
 * What rounding to three digits moves at the most, as a share: a bound that was told to so many may be typed again, and is not
 * gone over by it.
 */
export const asTold = 0.005;

/** Fixed decimals with thousands grouped; a proper minus sign; a decimal comma where the farm writes one. */
export function showDecimals(value: number, decimals: number, decimalComma: boolean): string {
	const fixed = Math.abs(value).toFixed(Math.max(0, decimals));
	const [whole, part] = fixed.split('.') as [string, string?];
	const grouped = whole.replace(/\B(?=(\d{3})+(?!\d))/g, decimalComma ? '.' : ',');
	const sign = value < 0 && Number(fixed) !== 0 ? '−' : '';
	return sign + grouped + (part ? (decimalComma ? ',' : '.') + part : '');
}

/**
 * A figure with a number of significant digits, without a power of ten.
 * @example
 * showFigure(0.0172176, 3) // => "0.0172"
 * showFigure(12345.6, 3) // => "12,346"
 */
export function showFigure(value: number, digits: number, decimalComma: boolean): string {
	if (value === 0 || !Number.isFinite(value)) return '0';
	const decimals = digits - 1 - Math.floor(Math.log10(Math.abs(value)));
	const shown = showDecimals(value, Math.min(12, Math.max(0, decimals)), decimalComma);
	return /[.,]/.test(shown) && decimals > 0 && Number.isInteger(value) ? showDecimals(value, 0, decimalComma) : shown;
}
