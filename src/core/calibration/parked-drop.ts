import type { Measured } from '../measurement/measured';
import { divide } from '../measurement/divide';
import { multiply } from '../measurement/multiply';

/**
 * Spray volume from what left the tank while the sprayer ran parked, `R = used × t_course / t_run / (W d)`.
 *
 * used: m³. courseTime, runTime: s; both keep their errors even where they are meant to be the same. width, course: m.
 * Source: what leaves the tank, over the ground that the course stands for.
 * @example
 * parkedDrop({ value: 0.02, errors: [] }, { value: 36, errors: [] }, { value: 60, errors: [] }, { value: 3, errors: [] }, { value: 50, errors: [] }).value // => 0.00008
 */
export const parkedDrop = (
	used: Measured<'volume'>,
	courseTime: Measured<'time'>,
	runTime: Measured<'time'>,
	width: Measured<'length'>,
	course: Measured<'length'>
): Measured<'volumePerArea'> =>
	divide<'volumePerArea'>(divide<'volume'>(multiply(used, courseTime), runTime), multiply<'area'>(width, course));
