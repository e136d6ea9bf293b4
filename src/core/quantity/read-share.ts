import { tidyText } from './tidy-text';

/**
 * The share (0 to 1, and more where an overlap may pass the whole) that is written in per cent, with or without its sign. A
 * comma or a point parts the whole from its parts on any farm: a per cent has no thousands. Text that is no such number gives
 * NaN, so that no comparison with a bound holds.
 * Source: the meaning of per cent, 1/100.
 * @example
 * readShare('85 %') // => 0.85
 * readShare('12,5') // => 0.125
 * Number.isNaN(readShare('')) // => true
 * Number.isNaN(readShare('1,250 %')) // => true
 */
export function readShare(text: string): number {
	const plain = tidyText(text).replace(/ ?%$/, '');
	const fits = /^(?:\d+(?:[.,]\d*)?|[.,]\d+)$/.test(plain) && !/^[1-9]\d{0,2}[.,]\d{3}$/.test(plain);
	return fits ? Number(plain.replace(',', '.')) / 100 : NaN;
}
