import type { Result } from '../quantity/issue';
import type { Time } from '../quantity/quantity';
import type { FoldedCalibration } from './fold-calibration';
import { Reader } from './calibration-reader';

/** The times that the plot took. */
export function readPlotTimes(calibration: FoldedCalibration): Result<readonly Time[]> {
	const r = new Reader();
	return r.result(r.times(calibration.plotRuns, 'times'));
}
