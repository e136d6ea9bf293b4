/**
 * Median of one or more numbers. Throws on none.
 *
 * Source: definition.
 * @example
 * median([3, 1, 2, 10]) // => 2.5
 */
export function median(values: readonly number[]): number {
	// A typed array sorts numbers as numbers, without a call for each pair.
	const sorted = Float64Array.from(values).sort();
	const middle = sorted.length >> 1;
	const upper = sorted[middle];
	if (upper === undefined) throw new Error('median of nothing');
	return sorted.length % 2 ? upper : (sorted[middle - 1]! + upper) / 2;
}
