import { mean } from './mean';

/**
 * Sample standard deviation (n − 1 below the line), in the unit of the values; 0 for fewer than two.
 *
 * Source: definition.
 * @example
 * sampleDeviation([2, 4, 4, 4, 5, 5, 7, 9]) // => 2.138089935299395
 */
export function sampleDeviation(values: readonly number[]): number {
	if (values.length < 2) return 0;
	const m = mean(values);
	let sum = 0;
	for (const v of values) sum += (v - m) ** 2;
	return Math.sqrt(sum / (values.length - 1));
}
