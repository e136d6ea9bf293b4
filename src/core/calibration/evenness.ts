import type { NozzleResult } from './nozzle-flow';

/**
 * Unevenness of a set: coefficient of variation of its catches, each against the reference of its group. Null where
 * fewer than two were caught.
 *
 * Source: coefficient of variation, sample deviation over mean.
 * @example
 * unevenness([{ fromAverage: -0.02 }, { fromAverage: 0.02 }]) // => 0.02
 */
export function unevenness(nozzles: readonly Pick<NozzleResult, 'fromAverage'>[]): number | null {
	const shares = nozzles.flatMap((n) => (n.fromAverage === null ? [] : [1 + n.fromAverage]));
	if (shares.length < 2) return null;
	const mean = shares.reduce((s, v) => s + v, 0) / shares.length;
	if (!(mean > 0)) return null;
	return Math.sqrt(shares.reduce((s, v) => s + (v - mean) ** 2, 0) / shares.length) / mean;
}
