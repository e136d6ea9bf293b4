import type { MeasuringSkill } from '../measurement/defaults';
import { tapeSource } from '../measurement/defaults';
import { mean } from '../measurement/mean';
import { meanUncertainty } from '../measurement/mean-uncertainty';
import type { Measured } from '../measurement/measured';
import { measured } from '../measurement/measured';
import { divide } from '../measurement/divide';
import type { Length, Time } from '../quantity/quantity';
import { si } from '../quantity/quantity';

/**
 * Mean time over one course, with what the runs' spread, the stopwatch and the steadiness of one run make of it.
 *
 * times: one or more runs, s, each over 0. Source: `u(mean) = max(s, u_one) / √n`, with `u_one` the stopwatch and the
 * steadiness of one run in quadrature.
 * @example
 * courseTime([27.4, 26.9, 27.3], usualSkill).value // => 27.2
 */
export function courseTime(times: readonly Time[], skill: MeasuringSkill): Measured<'time'> {
	const value = si<'time'>(mean(times));
	const uOne = Math.hypot(skill.stopwatch, skill.steadyDriven * value);
	return measured(value, [{ input: 'courseTime', relative: meanUncertainty(times, uOne) / value }]);
}

/** A taped length: its relative error is the tape's, shared by all that the tape measured. */
export const tapedLength = (
	length: Length,
	input: 'courseLength' | 'width',
	skill: MeasuringSkill
): Measured<'length'> => measured(length, [{ input, relative: skill.tape, source: tapeSource }]);

/**
 * Ground speed over a course, `v = d / t`, by the mean of the times.
 * @example
 * courseSpeed(60, [27.4, 26.9, 27.3], usualSkill).value * 3.6 // => 7.9411764705882355
 */
export const courseSpeed = (course: Length, times: readonly Time[], skill: MeasuringSkill): Measured<'speed'> =>
	divide(tapedLength(course, 'courseLength', skill), courseTime(times, skill));
