/** How a prediction compares with what came out. */
export interface PredictionGap {
	/** Measured over predicted, less one. */
	readonly share: number;
	/** What the two may differ by with nothing wrong: their ± in quadrature. */
	readonly joint: number;
	readonly held: boolean;
}

/**
 * How far off a prediction was, `measured / predicted − 1`, against the joint ± of both.
 *
 * predicted, measured: any one unit, over 0. sure, relativeU95: 2u of each as a share.
 * Source: variances of independent measurements add.
 * @example
 * predictionGap(168, 0.03, 172.2, 0.04) // => {"share":0.025,"joint":0.05,"held":true}
 */
export function predictionGap(predicted: number, sure: number, measured: number, relativeU95: number): PredictionGap {
	const share = Number((measured / predicted - 1).toPrecision(12));
	const joint = Math.hypot(sure, relativeU95);
	return { share, joint, held: Math.abs(share) <= joint };
}
