import type { Result } from '../quantity/issue';
import type { Time } from '../quantity/quantity';
import type { FoldedCalibration } from './fold-calibration';
import { Reader } from './calibration-reader';

/** How long the sprayer ran parked, where it was not for as long as the course took. */
export function readParkedTime(calibration: FoldedCalibration): Result<Time | undefined> {
	const r = new Reader();
	return r.result(r.may(calibration.parkedTime, 'run'));
}
