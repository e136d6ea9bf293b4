/**
 * Median of one or more numbers. Throws on none.
 * @example
 * median([3, 1, 2, 10]) // => 2.5
 */
export function median(values: readonly number[]): number {
	const sorted = [...values].sort((a, b) => a - b);
	const middle = sorted.length >> 1;
	const upper = sorted[middle];
	if (upper === undefined) throw new Error('median of nothing');
	return sorted.length % 2 ? upper : (sorted[middle - 1]! + upper) / 2;
}
