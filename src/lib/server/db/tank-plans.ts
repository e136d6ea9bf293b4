import { m } from '$words';
import type { VolumePerArea } from '../../../core';
import { planLoads, readTankPlan } from '../../../core';
import type { TankPlanInput } from '../../wire/tank-plan';
import { canonicalJson } from '../canonical-json';
import { Failure, fromIssue, notFound, withdrawn } from '../failure';
import type { TankPlanRow } from './schema';
import type { Scope } from './scope';

/** Share of the field that the bands of a calibration treat; 1 where it treats all of it. */
export const treatedShare = (c: { readonly width_m: number | null; readonly field_width_m: number | null }): number =>
	c.width_m !== null && c.field_width_m !== null ? Math.min(1, c.width_m / c.field_width_m) : 1;

export const tankPlansOf = ({ db, farmId }: Scope) => ({
	/** Keeps a plan under the device's id, computed here from the calibration's own spray volume. */
	async put(id: string, calibrationId: string, input: TankPlanInput): Promise<void> {
		const calibration = await db
			.selectFrom('calibration')
			.select(['rate_m3_per_m2', 'width_m', 'field_width_m', 'withdrawn_at'])
			.where('farm_id', '=', farmId)
			.where('id', '=', calibrationId)
			.executeTakeFirst();
		if (!calibration) throw notFound('calibration', 'calibrationId');
		if (calibration.withdrawn_at) throw withdrawn();
		const sheet = readTankPlan(input, calibration.rate_m3_per_m2 as VolumePerArea, treatedShare(calibration));
		if (!sheet.ok) throw fromIssue(sheet.issues[0]!);
		const plan = planLoads(sheet.value);
		if (!plan.ok) throw fromIssue(plan.issues[0]!);
		await db
			.insertInto('tank_plan')
			.values({
				id,
				farm_id: farmId,
				calibration_id: calibrationId,
				input: JSON.stringify(input),
				area_m2: plan.value.area,
				mix_m3: plan.value.mix,
				load_count: plan.value.loads.length
			})
			.onConflict((oc) => oc.columns(['farm_id', 'id']).doNothing())
			.execute();
		const stored = await this.get(id);
		if (stored.calibration_id !== calibrationId || canonicalJson(stored.input) !== canonicalJson(input))
			throw new Failure(409, 'conflict', 'id', m.another_plan_under_this_id());
	},

	async get(id: string): Promise<TankPlanRow> {
		const row = await db
			.selectFrom('tank_plan')
			.selectAll()
			.where('farm_id', '=', farmId)
			.where('id', '=', id)
			.executeTakeFirst();
		if (!row) throw notFound('tank plan');
		return row;
	},

	/** Plans made from one calibration, newest first. */
	async of(calibrationId: string) {
		return db
			.selectFrom('tank_plan')
			.select(['id', 'input', 'area_m2', 'mix_m3', 'load_count', 'created_at'])
			.where('farm_id', '=', farmId)
			.where('calibration_id', '=', calibrationId)
			.orderBy('created_at', 'desc')
			.limit(20)
			.execute();
	}
});
