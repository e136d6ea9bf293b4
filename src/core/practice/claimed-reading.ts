/** How an instrument lies: what it shows is `gain × truth + offset`. */
export interface Lie {
	readonly gain: number;
	/** In SI. */
	readonly offset: number;
}

export const noLie: Lie = { gain: 1, offset: 0 };

/**
 * What an instrument claims: a gauge, a speed dial, a rev counter, the marks of a jug, a sight gauge. Each is a claim that a
 * calibration checks. Source: linear model of an instrument, gain and offset.
 * @example
 * claimedReading(300000, { gain: 1.1, offset: -10000 }) // => 320000
 */
export const claimedReading = (truth: number, { gain, offset }: Lie): number => gain * truth + offset;

/**
 * What is true where an instrument claims so much: what an operator sets without knowing it.
 * @example
 * truthOfClaim(320000, { gain: 1.1, offset: -10000 }) // => 300000
 */
export const truthOfClaim = (claim: number, { gain, offset }: Lie): number => (claim - offset) / gain;
