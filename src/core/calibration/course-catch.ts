import type { Measured } from '../measurement/measured';
import { divide } from '../measurement/divide';
import { multiply } from '../measurement/multiply';
import type { ErrorTerm } from '../measurement/measured';
import { si } from '../quantity/quantity';
import type { Time } from '../quantity/quantity';

/**
 * Spray volume from what the nozzles give in the time that a course takes, `R = V / (W d) × t_course / t_catch`. Both
 * times keep their errors even when they are meant to be the same.
 *
 * volume: of all nozzles in one catch, m³. width: that those nozzles serve, m. course: m. courseTime, catchTime: s.
 * Source: volume over the ground of the course, scaled by the two times.
 * @example
 * courseCatch({ value: 0.0005, errors: [] }, 30, { value: 0.5, errors: [] }, { value: 50, errors: [] }, { value: 24, errors: [] }).value // => 0.000016
 */
export function courseCatch(
	volume: Measured<'volume'>,
	catchTime: Time,
	width: Measured<'length'>,
	course: Measured<'length'>,
	courseTime: Measured<'time'>
): Measured<'volumePerArea'> {
	const scaled = multiply<'volume'>(volume, courseTime);
	const errors: readonly ErrorTerm[] = scaled.errors;
	return divide<'volumePerArea'>(
		{ value: si<'volume'>(scaled.value / catchTime), errors },
		multiply<'area'>(width, course)
	);
}
