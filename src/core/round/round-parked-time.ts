import type { Result } from '../quantity/issue';
import type { Time } from '../quantity/quantity';
import type { Round } from './fold-round';
import { Reader } from './round-reader';

/** How long the rig ran parked, where it was not for as long as the course took. */
export function roundParkedTime(round: Round): Result<Time | undefined> {
	const r = new Reader();
	return r.result(r.may(round.parkedTime, 'run'));
}
