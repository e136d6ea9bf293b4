import type { Measured } from '../measurement/measured';
import { divide } from '../measurement/divide';

/**
 * Spray volume from what a known area took, `R = used / A`.
 *
 * used: m³. area: m².
 * Source: what went out, over the ground it went on.
 * @example
 * refill({ value: 0.058, errors: [] }, { value: 660, errors: [] }).value // => 0.00008787878787878788
 */
export const refill = (used: Measured<'volume'>, area: Measured<'area'>): Measured<'volumePerArea'> =>
	divide<'volumePerArea'>(used, area);
