import { overlapCv } from './overlap-cv';

export interface SwathCandidate {
	/** Distance between passes in pan spacings. */
	readonly spacings: number;
	readonly cv: number;
}

export interface PanSwath {
	readonly candidates: readonly SwathCandidate[];
	/** The widest that passes together with its next narrower; null where none does. */
	readonly best: SwathCandidate | null;
	/** Wider ones that pass alone: only one exact spacing reaches them, so they cannot be driven. */
	readonly passedBy: readonly SwathCandidate[];
}

/**
 * Swath from pans: neighbouring passes are laid over each other at every width that is a whole number of pan spacings,
 * and the widest is taken whose CV is within the limit and whose next narrower width passes too.
 *
 * pans: two or more catches of any one unit. maxCv: share, over 0.
 * Source: neighbouring passes laid over each other; the widest that stays even.
 * @example
 * panSwath([2, 10, 10, 10, 10, 10, 10, 2], false, 0.15).best.spacings // => 3
 * panSwath([2, 10, 10, 10, 10, 10, 10, 2], false, 0.15).passedBy[0].spacings // => 6
 */
export function panSwath(pans: readonly number[], mirrored: boolean, maxCv: number): PanSwath {
	const candidates = pans.map((_, i): SwathCandidate => ({ spacings: i + 1, cv: overlapCv(pans, i + 1, mirrored) }));
	const passes = (i: number) => candidates[i] !== undefined && candidates[i]!.cv <= maxCv;
	let best: SwathCandidate | null = null;
	for (let i = 1; i < candidates.length; i += 1) if (passes(i) && passes(i - 1)) best = candidates[i]!;
	const from = best?.spacings ?? 1;
	return { candidates, best, passedBy: candidates.filter((c, i) => c.spacings > from && passes(i)) };
}
