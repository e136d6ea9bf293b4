import type { LoadPlan } from '../loads/plan-loads';
import { planLoads } from '../loads/plan-loads';
import { jobTime } from '../loads/job-time';
import type { PlanSheet, Split } from '../loads/sheet';
import { splits } from '../loads/sheet';
import type { Issue } from '../quantity/issue';
import type { Time, Volume, WorkRate } from '../quantity/quantity';

/** What one way of splitting a job into loads comes to. */
export interface SplitChoice {
	readonly split: Split;
	/** Null where it cannot be done that way; `issue` then says why. */
	readonly plan: LoadPlan | null;
	readonly issue: Issue | null;
	/** Volume of the smallest load. */
	readonly least: Volume | null;
	/** A load is too small for the agitation to stir. */
	readonly underAgitation: boolean;
	/** Its smallest load is a cupful: under a twentieth of a tank. */
	readonly cupful: boolean;
	/** Containers opened, of all products whose container is known. */
	readonly packs: number;
	readonly time: Time | null;
}

export interface SplitSetting {
	/** Least that the agitation can stir. */
	readonly agitation: Volume | null;
	readonly workRate: WorkRate | null;
	/** Fill, mix and drive of one load. */
	readonly each: Time;
}

/** Slack of binary arithmetic where a load is exactly the least that can be stirred. */
const slack = 1e-9;
/** A load under this share of a tank cannot be mixed well: its products are too little to measure. */
const cupful = 0.05;

/**
 * A job by every split, side by side, and the one that is offered first: full loads and a part load; equal loads where
 * that part is under what the agitation can stir, or a cupful.
 *
 * @example
 * compareSplits({ area: 63000, rate: 0.000018, tank: 0.6, products: [] }, { agitation: 0.55, workRate: null, each: 0 }).offered // => "equal"
 * compareSplits({ area: 33566, rate: 0.000018, tank: 0.6, products: [] }, { agitation: null, workRate: null, each: 0 }).offered // => "equal"
 * compareSplits({ area: 63000, rate: 0.000018, tank: 0.6, products: [] }, { agitation: 0.15, workRate: null, each: 0 }).offered // => "full-then-part"
 */
export function compareSplits(
	sheet: Omit<PlanSheet, 'split'>,
	{ agitation, workRate, each }: SplitSetting
): { readonly choices: readonly SplitChoice[]; readonly offered: Split } {
	const choices = splits.map((split): SplitChoice => {
		const made = planLoads({ ...sheet, split });
		if (!made.ok)
			return {
				split,
				plan: null,
				issue: made.issues[0]!,
				least: null,
				underAgitation: false,
				cupful: false,
				packs: 0,
				time: null
			};
		const plan = made.value;
		const least = plan.loads.reduce<Volume>((low, load) => (load.mix < low ? load.mix : low), plan.loads[0]!.mix);
		return {
			split,
			plan,
			issue: null,
			least,
			underAgitation: agitation !== null && least < agitation * (1 - slack),
			cupful: least < cupful * sheet.tank * (1 - slack),
			packs: plan.packs.reduce<number>((sum, count) => sum + (count ?? 0), 0),
			time: workRate === null ? null : jobTime(plan.area, workRate, plan.loads.length, each).total
		};
	});
	const [full, equal] = choices;
	const small = (choice: SplitChoice | undefined) => choice?.underAgitation || choice?.cupful;
	const offered = small(full) && equal?.plan && !small(equal) ? 'equal' : 'full-then-part';
	return { choices, offered };
}
