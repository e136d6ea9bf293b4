import type { Measured } from '../measurement/measured';
import { relativeU } from '../measurement/relative-u';

export interface MethodGap {
	/** The other answer over this one, less one. */
	readonly share: number;
	/** What the two may differ by with nothing wrong, 2u, as a share of this one. */
	readonly joint: number;
	readonly apart: boolean;
}

/**
 * Gap between two ways of measuring one spray volume, against their joint ±: `2 √(u₁² + u₂²)`.
 *
 * Both rates over 0, with their errors. `apart` says that the gap is larger than the two explain.
 * Source: variances of independent measurements add; twice the standard uncertainty covers 95 %.
 * @example
 * methodGap({ value: 100, errors: [{ input: 'used', relative: 0.03 }] }, { value: 110, errors: [{ input: 'used', relative: 0.04 }] }).joint.toFixed(4) // => "0.1065"
 */
export function methodGap(one: Measured<'volumePerArea'>, other: Measured<'volumePerArea'>): MethodGap {
	const ratio = other.value / one.value;
	const joint = 2 * Math.hypot(relativeU(one), relativeU(other) * ratio);
	return { share: ratio - 1, joint, apart: Math.abs(ratio - 1) > joint };
}
