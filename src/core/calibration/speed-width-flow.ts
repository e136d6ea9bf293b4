import type { Measured } from '../measurement/measured';
import { divide } from '../measurement/divide';
import { multiply } from '../measurement/multiply';

/**
 * Spray volume from flow, speed and width, `R = q / (v W)`.
 *
 * flow: of all nozzles, m³/s. speed: m/s. width: of the treated swath, m. Returns m³/m². With units:
 * `gal/ac = gal/min × 5940 / (mph × in)`, `L/ha = L/min × 600 / (km/h × m)`.
 * Source: volume over the ground it is spread on.
 * @example
 * speedWidthFlow({ value: 0.00016, errors: [] }, { value: 2, errors: [] }, { value: 4, errors: [] }).value // => 0.00002
 */
export const speedWidthFlow = (
	flow: Measured<'flow'>,
	speed: Measured<'speed'>,
	width: Measured<'length'>
): Measured<'volumePerArea'> => divide<'volumePerArea'>(flow, multiply(speed, width));
