import type { Range, WeatherLimits, WindHeight } from '../conditions/weather';
import { usualLimits } from '../conditions/weather';
import { readLabel } from '../products/read-label';
import type { LabelNumbers, TypedLabel } from '../products/label';

/** What a farm sets of the weather; null is as usual. */
export interface FarmWeather {
	/** Wind, m/s, and the height that its limits are meant at. */
	readonly low: number | null;
	readonly high: number | null;
	readonly height?: WindHeight | undefined;
	/** Delta-T, °C. */
	readonly deltaLow: number | null;
	readonly deltaHigh: number | null;
}

type Ends = readonly (number | null | undefined)[];
const least = (all: Ends) => all.reduce<number | null>((low, v) => (v == null ? low : Math.min(low ?? v, v)), null);
const most = (all: Ends) => all.reduce<number | null>((high, v) => (v == null ? high : Math.max(high ?? v, v)), null);

/** The narrowest of several ranges. */
const narrowest = (
	ranges: readonly { readonly low: number | null | undefined; readonly high: number | null | undefined }[]
): Range => ({
	low: most(ranges.map((r) => r.low)),
	high: least(ranges.map((r) => r.high))
});

/**
 * Limits of the weather for a job: the farm's, or the usual ones; a label that allows less wind stands above them, and so do
 * its least wind, its temperatures and humidities, its longest rain-free time and what it forbids downwind. Of several labels
 * the strictest counts. Over the usual end of a Delta-T it stays poor, unless the farm goes further.
 * @example
 * jobLimits([], { low: null, high: 4, deltaLow: null, deltaHigh: null }).windHigh // => 4
 * jobLimits([], { low: null, high: null, deltaLow: null, deltaHigh: 12 }).deltaMost // => 12
 */
export function jobLimits(labels: readonly TypedLabel[], farm: FarmWeather): WeatherLimits {
	const high = farm.high ?? usualLimits.windHigh;
	const numbers = labels.flatMap((label): LabelNumbers[] => {
		const read = readLabel(label);
		return read.ok ? [read.value] : [];
	});
	const byLabel = least(numbers.map((n) => n.wind)) ?? Infinity;
	return {
		windLow: farm.low ?? usualLimits.windLow,
		windHigh: Math.min(high, byLabel),
		windByLabel: byLabel <= high,
		windLeast: most(numbers.map((n) => n.windLeast)) ?? 0,
		windHeight: farm.height ?? usualLimits.windHeight,
		deltaLow: farm.deltaLow ?? usualLimits.deltaLow,
		deltaHigh: farm.deltaHigh ?? usualLimits.deltaHigh,
		deltaMost: Math.max(usualLimits.deltaMost, farm.deltaHigh ?? 0),
		temperature: narrowest(numbers.map((n) => n.temperature)),
		humidity: narrowest(labels.map(({ humidityLow: low, humidityHigh: high }) => ({ low, high }))),
		rainFree: most(labels.map((l) => l.rainFreeHours)) ?? 0,
		forbidden: [...new Set(labels.flatMap((l) => l.notToward ?? []))]
	};
}
