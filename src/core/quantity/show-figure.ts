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

/**
 * A value and its interval, with digits that follow the interval: one digit of the ±, two when it begins with a 1.
 * @example
 * showWithInterval(12.3749, 0.43) // => {"value":"12.4","interval":"0.4"}
 * showWithInterval(599.2, 17.2) // => {"value":"599","interval":"17"}
 */
export function showWithInterval(
	value: number,
	interval: number,
	decimalComma: boolean
): { readonly value: string; readonly interval: string } {
	if (!(interval > 0)) return { value: showFigure(value, 4, decimalComma), interval: '0' };
	const exponent = Math.floor(Math.log10(interval));
	const leading = interval / 10 ** exponent;
	const decimals = Math.min(6, Math.max(0, (leading < 1.95 ? 1 : 0) - exponent));
	return {
		value: showDecimals(value, decimals, decimalComma),
		interval: showDecimals(interval, decimals, decimalComma)
	};
}
