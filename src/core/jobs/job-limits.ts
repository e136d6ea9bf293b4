import type { WeatherLimits } from '../conditions/weather';
import { usualLimits } from '../conditions/weather';
import { readLabel } from '../products/read-label';
import type { TypedLabel } from '../products/label';

/** What a farm sets of the wind, m/s; null is as usual. */
export interface FarmWind {
	readonly low: number | null;
	readonly high: number | null;
}

/**
 * Limits of the weather for a job: the farm's, or the usual ones; a label that allows less wind stands above them, and the
 * longest rain-free time of its labels counts.
 * @example
 * jobLimits([], { low: null, high: 4 }).windHigh // => 4
 * jobLimits([], { low: null, high: null }).rainFree // => 0
 */
export function jobLimits(labels: readonly TypedLabel[], farm: FarmWind): WeatherLimits {
	const high = farm.high ?? usualLimits.windHigh;
	const byLabel = labels.reduce((least, label) => {
		const read = readLabel(label);
		return read.ok && read.value.wind !== null ? Math.min(least, read.value.wind) : least;
	}, Infinity);
	return {
		...usualLimits,
		windLow: farm.low ?? usualLimits.windLow,
		windHigh: Math.min(high, byLabel),
		windByLabel: byLabel <= high,
		rainFree: labels.reduce((most, label) => Math.max(most, label.rainFreeHours ?? 0), 0)
	};
}
