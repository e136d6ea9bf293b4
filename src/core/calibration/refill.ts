import type { Measured } from '../measurement/measured';
import { over } from '../measurement/measured';

/**
 * Spray volume from what a known area took, `R = used / A`.
 *
 * used: m³. area: m².
 * @example
 * refill({ value: 0.058, errors: [] }, { value: 660, errors: [] }).value // => 0.00008787878787878788
 */
export const refill = (used: Measured<'volume'>, area: Measured<'area'>): Measured<'volumePerArea'> =>
	over<'volumePerArea'>(used, area);
