/** What a measured gap says against a tolerance. */
export type GapVerdict = 'within' | 'outside' | 'cannot-tell';

/** Slack that keeps a limit inclusive in binary arithmetic. */
const inclusive = 1e-9;

/**
 * Whether a measured gap is within its tolerance. A measure no wider than the tolerance decides by its figure, limits included,
 * as the trade does. A wider one decides only where the gap passes tolerance and ± together; else it cannot tell yet.
 *
 * gap, tolerance, u95: in one unit; u95 is the 95 % ± of what is judged, 0 or more.
 * Source: a decision rule with a guard band, for measures that are coarser than what they judge.
 * @example
 * judgeGap(0.05, 0.05, 0.03) // => "within"
 * judgeGap(-0.06, 0.05, 0.03) // => "outside"
 * judgeGap(0, 0.05, 0.46) // => "cannot-tell"
 * judgeGap(0.12, 0.05, 0.06) // => "outside"
 * judgeGap(0.1, 0.05, 0.06) // => "cannot-tell"
 */
export function judgeGap(gap: number, tolerance: number, u95: number): GapVerdict {
	const size = Math.abs(gap);
	if (u95 <= tolerance + inclusive) return size <= tolerance + inclusive ? 'within' : 'outside';
	return size > tolerance + u95 + inclusive ? 'outside' : 'cannot-tell';
}
