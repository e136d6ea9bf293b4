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
export const group = /(?:^|[^\d.,])(\d{1,3}[.,]\d{3})(?![\d.,])/;
