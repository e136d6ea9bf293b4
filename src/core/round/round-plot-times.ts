import type { Result } from '../quantity/issue';
import type { Time } from '../quantity/quantity';
import type { Round } from './fold-round';
import { Reader } from './round-reader';

/** The times that the plot took. */
export function roundPlotTimes(round: Round): Result<readonly Time[]> {
	const r = new Reader();
	return r.result(r.times(round.plotRuns, 'times'));
}
