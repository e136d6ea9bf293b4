import { mean } from '../measurement/mean';
import { studentT95 } from '../measurement/student-t95';

/** What the rest of a fit says of how sure it is. */
export interface SeriesError {
	/** How many readings count as one, since neighbours in time err alike. */
	readonly alike: number;
	/** Variance of one reading. */
	readonly variance: number;
	/** By what u grows, since it rests on so few readings: t₉₅ over 2. */
	readonly few: number;
}

/**
 * How far the readings of a series scatter, and how many of them in a row err alike: `1 + 2 Σ ρ_k`, over the lags up to the first
 * pair of which the sum is not over zero.
 *
 * rests: of a fit with `fitted` constants, in the order of time, at even steps; more than `fitted` + 1.
 * Source: the integrated autocorrelation time of a series, with Geyer's initial positive sequence.
 * @example
 * seriesError([1, -1, 1, -1, 1, -1], 1).alike // => 1
 */
export function seriesError(rests: readonly number[], fitted: number): SeriesError {
	const n = rests.length;
	const middle = mean(rests);
	const off = rests.map((r) => r - middle);
	const lag = (k: number) => {
		let sum = 0;
		for (let i = k; i < n; i += 1) sum += off[i]! * off[i - k]!;
		return sum / n;
	};
	const whole = lag(0);
	let alike = 1;
	if (whole > 0)
		for (let k = 1; k + 1 < n / 2; k += 2) {
			const pair = (lag(k) + lag(k + 1)) / whole;
			// A sum that chance alone makes is none.
			if (pair <= 1 / Math.sqrt(n)) break;
			alike += 2 * pair;
		}
	// What is fitted takes some of it away.
	alike *= 1 + (4 * (alike - 1)) / n;
	// What counts as one reading, and how many of those there are besides what was fitted.
	const free = Math.max(1, n / alike - fitted);
	const variance = (whole * n) / Math.max(1, n - fitted * alike);
	return { alike, variance, few: studentT95(Math.max(1, Math.floor(free))) / 2 };
}
