import { judgeGap } from '../measurement/judge-gap';
import type { Flow } from '../quantity/quantity';
import { evenBand, inclusive } from './even-reference';

/**
 * `cannot tell`: the ± of the catch is wider than what it is judged by, and the gap is within both together. `together`: it was
 * caught in one vessel with others, so that nothing is known of it alone.
 */
export type Verdict = 'even' | 'low' | 'high' | 'blocked' | 'cannot tell' | 'together' | 'not caught';

/**
 * The two rules of the trade for an even nozzle: within ±5 % of its group's reference, or within ±10 % of the rated flow
 * at the gauge's pressure.
 */
export type EvenRule = 'average' | 'rated';
export const ratedBand = 0.1;

/** Under this share of its group's median a nozzle is blocked, not merely low. */
export const blockedShare = 0.1;

/** What the nozzles of a group are judged against, by the rule in force. */
export interface Standard {
	readonly by: EvenRule;
	readonly flow: Flow;
	/** Half width of what is even, as a share of it. */
	readonly band: number;
	/** Median of the group: under a tenth of it a nozzle is blocked. */
	readonly middle: Flow;
	/** 95 % ± of one catch of the group, as a share; 0 where it is exact. */
	readonly u95: number;
}

/**
 * Verdict on one nozzle by what its group is judged against: a catch whose ± is wider than the band decides only where the gap is
 * larger than both together.
 *
 * times: how often it was caught, 1 or more.
 * @example
 * judgeNozzle(95, { by: 'average', flow: 100, band: 0.05, middle: 100, u95: 0.02 }) // => "even"
 * judgeNozzle(95, { by: 'rated', flow: 110, band: 0.1, middle: 100, u95: 0.02 }) // => "low"
 * judgeNozzle(93, { by: 'average', flow: 100, band: 0.05, middle: 100, u95: 0.06 }) // => "cannot tell"
 */
export function judgeNozzle(flow: Flow, { by, flow: against, band, middle, u95 }: Standard, times = 1): Verdict {
	const off = flow / against - 1;
	const verdict = by === 'rated' ? verdictByRated(flow, off, middle) : verdictOf(flow, against, middle);
	if (verdict === 'blocked') return verdict;
	return judgeGap(off, band, u95 / Math.sqrt(times)) === 'cannot-tell' ? 'cannot tell' : verdict;
}

/**
 * Verdict on one nozzle: `blocked` under 10 % of the group's median, else `even` within ±5 % of the reference (limits
 * included), `low` or `high` outside.
 * @example
 * verdictOf(95, 100, 100) // => "even"
 * verdictOf(94.9, 100, 100) // => "low"
 * verdictOf(9, 100, 100) // => "blocked"
 */
export function verdictOf(flow: Flow, reference: Flow, groupMedian: Flow): Verdict {
	if (flow < blockedShare * groupMedian || flow === 0) return 'blocked';
	const deviation = flow / reference - 1;
	if (Math.abs(deviation) <= evenBand + inclusive) return 'even';
	return deviation < 0 ? 'low' : 'high';
}

/**
 * The same by the other rule: `even` within ±10 % of the rated flow, limits included.
 *
 * fromRated: share above or below the rated flow at the gauge's pressure.
 * @example
 * verdictByRated(109, 0.09, 100) // => "even"
 * verdictByRated(111, 0.11, 100) // => "high"
 */
export function verdictByRated(flow: Flow, fromRated: number, groupMedian: Flow): Verdict {
	if (flow < blockedShare * groupMedian || flow === 0) return 'blocked';
	if (Math.abs(fromRated) <= ratedBand + inclusive) return 'even';
	return fromRated < 0 ? 'low' : 'high';
}
