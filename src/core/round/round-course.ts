import type { TimedCourse } from '../calibration/sheet';
import type { Result } from '../quantity/issue';
import type { Speed } from '../quantity/quantity';
import type { Round } from './fold-round';
import { Reader } from './round-reader';

/** The course's part of a round, or what is still missing. */
export function roundCourse(round: Round): Result<TimedCourse> {
	const r = new Reader();
	const course = r.need(round.course, 'speed.course');
	const times = r.times(round.runs, 'speed.times');
	const dial = r.may(round.dial, 'speed.dial') as Speed | undefined;
	return r.result({ course, times, dial });
}
