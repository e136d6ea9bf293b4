import { judgeGap } from '../measurement/judge-gap';
import { teamMean } from './team-mean';

/** How far apart people may be. */
const tolerance = 0.05;

export interface TeamMember {
	readonly person: string;
	/** m³/m², over 0. */
	readonly rate: number;
	/** 2u of it, as a share. */
	readonly relativeU95: number;
	/** How often the person did it; null where there is nothing to count. */
	readonly goes: number | null;
}

export type TeamVerdict = 'within' | 'out' | 'one-go' | 'cannot-tell';

export interface TeamResult {
	/** Mean of the team, m³/m². */
	readonly mean: number;
	readonly members: readonly (TeamMember & {
		/** Share above or below the team's mean. */
		readonly off: number;
		/** Off by more than 5 %, and by what its own ± and the team's explain. One go judges nobody. */
		readonly verdict: TeamVerdict;
	})[];
	/** Most over least, less one: the dose that one plot gets over another from the same tank mix. */
	readonly spread: number;
}

/**
 * People who calibrate together, side by side: who is off, by how much, and what their spread does to the dose. A person
 * whose volume is p % over the team's puts on p % more product from one mix.
 *
 * members: one or more, one calibration each.
 * @example
 * teamSpread([{ person: 'A', rate: 2e-5, relativeU95: 0.03, goes: 2 }, { person: 'B', rate: 3e-5, relativeU95: 0.03, goes: 2 }]).spread.toFixed(6) // => "0.500000"
 */
export function teamSpread(members: readonly TeamMember[]): TeamResult {
	const { rate: mean, relativeU95: meanU95 } = teamMean(members);
	const rates = members.map((m) => m.rate);
	return {
		mean,
		members: members.map((m) => {
			const off = m.rate / mean - 1;
			const judged = judgeGap(off, tolerance, Math.hypot(m.relativeU95, meanU95));
			const verdict = judged === 'outside' ? (m.goes === 1 ? 'one-go' : 'out') : judged;
			return { ...m, off, verdict };
		}),
		spread: Math.max(...rates) / Math.min(...rates) - 1
	};
}
