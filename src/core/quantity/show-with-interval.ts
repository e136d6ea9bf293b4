import { showFigure, showDecimals } from './show-figure';

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
	const decimals = intervalDecimals(interval);
	return {
		value: showDecimals(value, decimals, decimalComma),
		interval: showDecimals(interval, decimals, decimalComma)
	};
}

/**
 * Decimals that follow an interval: to its first digit, to its second where it begins with a 1.
 *
 * interval: over 0.
 * @example
 * intervalDecimals(0.43) // => 1
 * intervalDecimals(0.13) // => 2
 */
export function intervalDecimals(interval: number): number {
	const exponent = Math.floor(Math.log10(interval));
	const leading = interval / 10 ** exponent;
	return Math.min(6, Math.max(0, (leading < 1.95 ? 1 : 0) - exponent));
}
