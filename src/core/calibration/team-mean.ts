/** What one person of a team puts on. */
export interface TeamRate {
	/** m³/m², over 0. */
	readonly rate: number;
	/** 2u of it, as a share. */
	readonly relativeU95: number;
}

/**
 * The mean spray volume of people who spray together, and its ±: what one tank mix is made for that all of them spray.
 *
 * members: one or more, one calibration each.
 * Source: mean of independent measurements.
 * @example
 * teamMean([{ rate: 2e-5, relativeU95: 0.03 }, { rate: 3e-5, relativeU95: 0.03 }]).rate.toFixed(7) // => "0.0000250"
 * teamMean([{ rate: 2e-5, relativeU95: 0.04 }, { rate: 2e-5, relativeU95: 0.03 }]).relativeU95.toFixed(3) // => "0.025"
 */
export function teamMean(members: readonly TeamRate[]): TeamRate {
	const rate = members.reduce((s, m) => s + m.rate, 0) / members.length;
	return { rate, relativeU95: Math.hypot(...members.map((m) => m.rate * m.relativeU95)) / members.length / rate };
}
