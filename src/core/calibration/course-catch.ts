import type { Measured } from '../measurement/measured';
import { over, times } from '../measurement/measured';
import type { ErrorTerm } from '../measurement/measured';
import { si } from '../quantity/quantity';
import type { Time } from '../quantity/quantity';

/**
 * Spray volume from what the nozzles give in the time that a course takes, `R = V / (W d) × t_course / t_catch`. Both
 * times keep their errors even when they are meant to be the same.
 *
 * volume: of all nozzles in one catch, m³. width: that those nozzles serve, m. course: m. courseTime, catchTime: s.
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
	const scaled = times<'volume'>(volume, courseTime);
	const errors: readonly ErrorTerm[] = scaled.errors;
	return over<'volumePerArea'>({ value: si<'volume'>(scaled.value / catchTime), errors }, times<'area'>(width, course));
}
