import type { Place } from './place';
import { sunTimes } from './sun-times';

/** The air begins to lie still this long before sunset, and mixes again this long after sunrise, s. */
export const beforeSunset = 1.5 * 3600;
export const afterSunrise = 2 * 3600;

/**
 * Whether a moment lies in the hours in which cold air lies on the ground under a clear, still sky: from 1.5 h before
 * sunset to 2 h after sunrise.
 *
 * at: seconds since 1970.
 * Source: usual practice of the trade: from before sunset until after sunrise.
 * @example
 * inversionHours(Date.UTC(2026, 2, 20, 12) / 1000, { latitude: 47, longitude: 0 }) // => false
 * inversionHours(Date.UTC(2026, 2, 20, 0) / 1000, { latitude: 47, longitude: 0 }) // => true
 */
export function inversionHours(at: number, place: Place): boolean {
	const { rise, set, stays } = sunTimes(at, place);
	if (rise === null || set === null) return stays === 'down';
	return at < rise + afterSunrise || at >= set - beforeSunset;
}

/**
 * The moments between two others at which those hours begin or end, in order.
 *
 * from, to: seconds since 1970, less than a year apart.
 * @example
 * inversionTurns(Date.UTC(2026, 2, 20, 0) / 1000, Date.UTC(2026, 2, 21, 0) / 1000, { latitude: 47, longitude: 0 }).length // => 2
 */
export function inversionTurns(from: number, to: number, place: Place): number[] {
	const turns: number[] = [];
	for (let at = from - 86_400; at < to + 86_400; at += 43_200) {
		const { rise, set } = sunTimes(at, place);
		if (rise === null || set === null) continue;
		for (const turn of [rise + afterSunrise, set - beforeSunset]) if (turn > from && turn < to) turns.push(turn);
	}
	// Two looks at one day find the same turns, but for the last digits.
	return turns.sort((a, b) => a - b).filter((t, i, all) => i === 0 || t - all[i - 1]! > 1);
}
