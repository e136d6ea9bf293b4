import { slack } from '../loads/load-volumes';
import type { Load } from '../loads/plan-loads';
import { planLoads } from '../loads/plan-loads';
import type { PlanSheet } from '../loads/sheet';
import type { Result } from '../quantity/issue';
import { good } from '../quantity/issue';
import type { Area, Volume, VolumePerArea } from '../quantity/quantity';
import { si } from '../quantity/quantity';

/** What is known in the middle of a job. */
export interface SoFar {
	/** True volume on the ground, m³/m². */
	readonly rate: VolumePerArea;
	readonly done: Area;
	/** Whole rows done, where they are counted. */
	readonly rowsDone: number | null;
	/** Still in the tank. */
	readonly left: Volume;
}

export interface Remaining {
	/** To be mixed yet; none where the tank holds enough. */
	readonly loads: readonly Load[];
	/** Of what is in the tank now, what no ground is left for. */
	readonly spare: Volume;
	/** Whole rows that are done before the first of those loads; null where they are not counted. */
	readonly rowsBefore: number | null;
}

/**
 * The loads that are still to be mixed when the rest of a job goes on at the true volume: what is in the tank covers its
 * ground first; doses per area stay what they are, so the mix gets weaker where more water goes on.
 *
 * sheet: the job as it was planned. Errors: those of `planLoads`.
 * Source: balance of ground and mix.
 * @example
 * remainingLoads({ area: 60000, rate: 0.00002, tank: 0.6, split: 'equal', products: [] }, { rate: 0.000025, done: 24000, rowsDone: null, left: 0 }).value.loads.map((l) => Number(l.mix.toFixed(3))) // => [0.45,0.45]
 * remainingLoads({ area: 60000, rate: 0.00002, tank: 0.6, split: 'equal', products: [] }, { rate: 0.00002, done: 50000, rowsDone: null, left: 0.3 }).value.spare.toFixed(2) // => "0.10"
 */
export function remainingLoads(sheet: PlanSheet, soFar: SoFar): Result<Remaining> {
	const { rate: perGround, done, rowsDone, left } = soFar;
	const share = sheet.sprayedShare ?? 1;
	const { rows } = sheet;
	const whole = sheet.split === 'whole-rows' && rows && rowsDone !== null ? rows : null;
	const row = whole ? whole.length * whole.spacing : 0;
	// What is in the tank does whole rows only, where the loads end at row ends.
	const rowsByTank = whole ? Math.floor(left / (row * perGround) + slack) : 0;
	const rowsLeft = whole ? Math.max(0, whole.count - rowsDone! - rowsByTank) : 0;
	const ground = whole ? rowsLeft * row : sheet.area - done - left / perGround;
	if (ground <= sheet.area * slack)
		return good({
			loads: [],
			spare: si<'volume'>(Math.max(0, left - (sheet.area - done) * perGround)),
			rowsBefore: null
		});
	const plan = planLoads({
		...sheet,
		area: si<'area'>(ground),
		rate: si<'volumePerArea'>(perGround / share),
		...(whole ? { rows: { ...whole, count: rowsLeft } } : {})
	});
	if (!plan.ok) return plan;
	const spare = whole ? Math.max(0, left - rowsByTank * row * perGround) : 0;
	return good({
		loads: plan.value.loads,
		spare: si<'volume'>(spare),
		rowsBefore: whole ? rowsDone! + rowsByTank : null
	});
}
