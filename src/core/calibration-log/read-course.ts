import type { TimedCourse } from '../calibration/sheet';
import type { Result } from '../quantity/issue';
import type { Speed } from '../quantity/quantity';
import type { FoldedCalibration } from './fold-calibration';
import { Reader } from './calibration-reader';

/** The course's part of a calibration, or what is still missing. */
export function readCourse(calibration: FoldedCalibration): Result<TimedCourse> {
	const r = new Reader();
	const course = r.need(calibration.course, 'speed.course');
	const times = r.times(calibration.runs, 'speed.times');
	const dial = r.may(calibration.dial, 'speed.dial') as Speed | undefined;
	return r.result({ course, times, dial });
}
