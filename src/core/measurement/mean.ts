/**
 * Arithmetic mean of one or more numbers of one unit. Throws on none.
 *
 * Source: definition.
 * @example
 * mean([27.4, 26.9, 27.3]) // => 27.2
 */
export function mean(values: readonly number[]): number {
	if (values.length === 0) throw new Error('mean of nothing');
	let sum = 0;
	for (const v of values) sum += v;
	return sum / values.length;
}
