import type { LoadPlan } from '../loads/plan-loads';
import type { Amount } from '../loads/sheet';
import { packsOpened } from '../loads/packs-opened';
import type { PlanSheet } from '../loads/sheet';
import { si } from '../quantity/quantity';
import type { JobRun } from './fold-run';

/**
 * The plan of a job as its run leaves it: loads that follow the true volume, that were edited, or that got a dye. The plan
 * itself where nothing was changed.
 *
 * sheet: of the job with what was added to it. plan: its loads as they were planned.
 * Source: the sums of its loads.
 * @example
 * const plan = { area: 30000, mix: 0.6, leftover: 0, loads: [{ mix: 0.6 }], totals: [], packs: [], overMax: [] };
 * standingPlan(plan, { products: [] }, { ground: 20000, loads: [{ load: { mix: 0.4, area: 20000, products: [] } }] }).mix // => 0.4
 */
export function standingPlan(
	plan: LoadPlan,
	sheet: Pick<PlanSheet, 'products'>,
	run: Pick<JobRun, 'loads' | 'ground'>
): LoadPlan {
	const loads = run.loads.map((l) => l.load);
	if (loads.length === plan.loads.length && loads.every((l, i) => l === plan.loads[i])) return plan;
	const totals = sheet.products.map((_, i): Amount => {
		const sum = loads.reduce((total, l) => total + (l.products[i]?.amount ?? 0), 0);
		return (loads[0]?.products[i] ?? plan.totals[i])?.kind === 'mass'
			? { kind: 'mass', amount: si<'mass'>(sum) }
			: { kind: 'volume', amount: si<'volume'>(sum) };
	});
	return {
		...plan,
		area: run.ground,
		mix: si<'volume'>(loads.reduce((sum, l) => sum + l.mix, 0)),
		loads,
		totals,
		packs: sheet.products.map(({ pack }, i) =>
			pack && pack.kind === totals[i]!.kind ? packsOpened(totals[i]!.amount, pack.amount) : null
		)
	};
}
