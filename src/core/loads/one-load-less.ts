import type { Volume } from '../quantity/quantity';

/** Slack that keeps limits inclusive in binary arithmetic, and a whole number of tanks a whole number. */
const slack = 1e-9;

export interface OneLoadLess {
	/** Full tanks that would do. */
	readonly loads: number;
	/** Share by which all of the ground would then get less, product and water alike. */
	readonly less: number;
}

/**
 * Whether a job that is a hair over so many full tanks can be done with those: where it is short by no more than the spray
 * volume's own 95 % ±, nobody knows whether the last cupful is needed. Null where it is short by more, or by nothing.
 *
 * mix, tank: m³, over 0. relativeU95: ± of the spray volume as a share, 0 or more.
 * Source: a difference within the ± of a measure is none that it can tell.
 * @example
 * oneLoadLess(0.6042, 0.6, 0.023).loads // => 1
 * oneLoadLess(0.6042, 0.6, 0.023).less.toFixed(5) // => "0.00695"
 * oneLoadLess(0.63, 0.6, 0.023) // => null
 * oneLoadLess(0.6, 0.6, 0.023) // => null
 */
export function oneLoadLess(mix: Volume, tank: Volume, relativeU95: number): OneLoadLess | null {
	const loads = Math.floor(mix / tank + slack);
	if (loads < 1) return null;
	const short = mix / (loads * tank) - 1;
	if (short <= slack || short > relativeU95 + slack) return null;
	return { loads, less: 1 - (loads * tank) / mix };
}
