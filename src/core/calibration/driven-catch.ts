import type { Measured } from '../measurement/measured';
import { divide } from '../measurement/divide';
import { multiply } from '../measurement/multiply';

/**
 * Spray volume from jugs that are filled while a course is driven, `R = V / (W d)`: no time is in it. The way for pumps that
 * the wheels turn, which give nothing while parked.
 *
 * volume: of all nozzles over the course, m³. width: that those nozzles serve, m. course: m.
 * Source: volume over the ground of the course.
 * @example
 * drivenCatch({ value: 0.0005, errors: [] }, { value: 0.5, errors: [] }, { value: 50, errors: [] }).value // => 0.00002
 */
export const drivenCatch = (
	volume: Measured<'volume'>,
	width: Measured<'length'>,
	course: Measured<'length'>
): Measured<'volumePerArea'> => divide<'volumePerArea'>(volume, multiply<'area'>(width, course));
