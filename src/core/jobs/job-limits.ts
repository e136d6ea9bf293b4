import type { WeatherLimits } from '../conditions/weather';
import { usualLimits } from '../conditions/weather';
import { readLabel } from '../products/read-label';
import type { TypedLabel } from '../products/label';

/** What a farm sets of the weather; null is as usual. */
export interface FarmWeather {
	/** Wind, m/s. */
	readonly low: number | null;
	readonly high: number | null;
	/** Delta-T, °C. */
	readonly deltaLow: number | null;
	readonly deltaHigh: number | null;
}

/**
 * Limits of the weather for a job: the farm's, or the usual ones; a label that allows less wind stands above them, and the
 * longest rain-free time of its labels counts. Over the usual end of a Delta-T it stays poor, unless the farm goes further.
 * @example
 * jobLimits([], { low: null, high: 4, deltaLow: null, deltaHigh: null }).windHigh // => 4
 * jobLimits([], { low: null, high: null, deltaLow: null, deltaHigh: 12 }).deltaMost // => 12
 */
export function jobLimits(labels: readonly TypedLabel[], farm: FarmWeather): WeatherLimits {
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
		deltaLow: farm.deltaLow ?? usualLimits.deltaLow,
		deltaHigh: farm.deltaHigh ?? usualLimits.deltaHigh,
		deltaMost: Math.max(usualLimits.deltaMost, farm.deltaHigh ?? 0),
		rainFree: labels.reduce((most, label) => Math.max(most, label.rainFreeHours ?? 0), 0)
	};
}
