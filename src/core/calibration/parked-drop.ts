import type { Measured } from '../measurement/measured';
import { over, times } from '../measurement/measured';

/**
 * Spray volume from what left the tank while the rig ran parked, `R = used × t_course / t_run / (W d)`.
 *
 * used: m³. courseTime, runTime: s; both keep their errors even where they are meant to be the same. width, course: m.
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
	over<'volumePerArea'>(over<'volume'>(times(used, courseTime), runTime), times<'area'>(width, course));
