import { median } from './median';
import type { NozzleResult } from './nozzle-flow';

/**
 * Wear of a set over new: the middle of how far its nozzles are over their rated flow, blocked ones left out. Null where
 * no rated flow or gauge is known, or fewer than two tell.
 *
 * Source: an orifice that wears passes more at one pressure.
 * @example
 * setWear([{ fromRated: 0.02, verdict: 'even' }, { fromRated: 0.04, verdict: 'even' }]) // => 0.03
 */
export function setWear(nozzles: readonly Pick<NozzleResult, 'fromRated' | 'verdict'>[]): number | null {
	const shares = nozzles.flatMap((n) => (n.fromRated === null || n.verdict === 'blocked' ? [] : [n.fromRated]));
	return shares.length < 2 ? null : median(shares);
}
