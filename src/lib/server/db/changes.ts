import { m } from '$words';
import { now } from '../clock';
import type { Transaction } from 'kysely';
import { v7 } from 'uuid';
import type { MadeChange, MethodCalibration, FoldedCalibration, TypedAim, TypedChange } from '../../../core';
import { applyChange, carriedReadings, predictChange, beforeOf } from '../../../core';
import type { TypedSprayer } from '../../../core';
import type { Setting } from '../../wire/sprayer';
import { fromIssue, notFound } from '../failure';
import { sprayerNumbers } from './compute';
import type { Database } from './schema';
import type { Scope } from './scope';
import { sprayerColumns } from './sprayer-columns';

/** A calibration, and what is to be changed after it. */
export interface AskedChange {
	readonly calibrationId: string;
	readonly sprayerId: string;
	readonly settingId: string;
	readonly day: string;
	readonly sprayer: TypedSprayer;
	readonly entered: FoldedCalibration;
	readonly answer: MethodCalibration;
	readonly setting: Setting | null;
	readonly aim: TypedAim;
	readonly change: TypedChange;
}

/**
 * Writes a change down: what it is predicted to bring is worked out here, other nozzles become the sprayer's (and an event,
 * which puts what was calibrated before in doubt), and the setting keeps the change until the next calibration has checked
 * it. Runs inside the caller's transaction.
 */
export async function recordChange(scope: Scope, trx: Transaction<Database>, asked: AskedChange): Promise<MadeChange> {
	const numbers = sprayerNumbers(asked.sprayer, 'round.rig');
	const before = beforeOf(numbers, asked.entered, asked.answer);
	const predicted = predictChange(before, asked.change);
	if (!predicted.ok) throw fromIssue(predicted.issues[0]!, 'change');
	const made: MadeChange = {
		...asked.change,
		after: asked.calibrationId,
		day: asked.day,
		aim: asked.aim,
		predicted: predicted.value.volume,
		sure: predicted.value.sure,
		carried: carriedReadings(asked.entered)
	};
	const { sprayer, setting } = await current(scope, trx, asked);
	const after = applyChange(sprayer, setting, made);
	await trx
		.updateTable('sprayer')
		.set({ ...sprayerColumns(after.sprayer), updated_at: now() })
		.where('farm_id', '=', scope.farmId)
		.where('id', '=', asked.sprayerId)
		.execute();
	await keepSetting(scope, trx, asked.settingId, after.setting);
	const fitted = made.nozzle?.name ?? (made.set ? 'another set' : null);
	if (fitted)
		await trx
			.insertInto('sprayer_event')
			.values({
				id: v7(),
				farm_id: scope.farmId,
				sprayer_id: asked.sprayerId,
				day: asked.day,
				what: 'nozzles',
				note: m.fitted_to_change_the_volume({ fitted })
			})
			.execute();
	return made;
}

/** A calibration has checked the change that its calibration began with: the setting lets it go. */
export async function changeChecked(
	scope: Scope,
	trx: Transaction<Database>,
	sprayerId: string,
	settingId: string,
	after: string
): Promise<void> {
	const { setting } = await current(scope, trx, { sprayerId, settingId });
	if (setting.change?.after !== after) return;
	const { change: _checked, ...rest } = setting;
	await keepSetting(scope, trx, settingId, rest);
}

async function current(scope: Scope, trx: Transaction<Database>, of: { sprayerId: string; settingId: string }) {
	const sprayer = await trx
		.selectFrom('sprayer')
		.select('rig')
		.where('farm_id', '=', scope.farmId)
		.where('id', '=', of.sprayerId)
		.forUpdate()
		.executeTakeFirst();
	const setting = await trx
		.selectFrom('setting')
		.select('body')
		.where('farm_id', '=', scope.farmId)
		.where('id', '=', of.settingId)
		.forUpdate()
		.executeTakeFirst();
	if (!sprayer || !setting) throw notFound('setting');
	return { sprayer: sprayer.rig, setting: setting.body };
}

const keepSetting = (scope: Scope, trx: Transaction<Database>, id: string, setting: Setting) =>
	trx
		.updateTable('setting')
		.set({ body: JSON.stringify(setting), updated_at: now() })
		.where('farm_id', '=', scope.farmId)
		.where('id', '=', id)
		.execute();
