import { m } from '$words';
import { now } from '../clock';
import type { TypedSprayer } from '../../../core';
import { readSprayer } from '../../../core';
import type { Setting } from '../../wire/sprayer';
import { Failure, notFound } from '../failure';
import type { Scope } from './scope';

export const settingsOf = ({ db, farmId, personId }: Scope) => ({
	/** Settings of a sprayer, in the order in which they were made. */
	async of(sprayerId: string): Promise<Setting[]> {
		const rows = await db
			.selectFrom('setting')
			.select('body')
			.where('farm_id', '=', farmId)
			.where('sprayer_id', '=', sprayerId)
			.orderBy('position')
			.orderBy('id')
			.execute();
		return rows.map((row) => row.body);
	},

	async get(sprayerId: string, id: string): Promise<Setting> {
		const row = await db
			.selectFrom('setting')
			.select('body')
			.where('farm_id', '=', farmId)
			.where('sprayer_id', '=', sprayerId)
			.where('id', '=', id)
			.executeTakeFirst();
		if (!row) throw notFound('setting');
		return row.body;
	},

	/** A change that was written down and not made, or was taken back: nothing is left to check. Nozzles stay as told. */
	async dropChange(sprayerId: string, id: string): Promise<void> {
		const { change: _dropped, ...setting } = await this.get(sprayerId, id);
		await db
			.updateTable('setting')
			.set({ body: JSON.stringify(setting), updated_at: now(), changed_by: personId })
			.where('farm_id', '=', farmId)
			.where('id', '=', id)
			.execute();
	},

	/** Makes or changes a setting. What was calibrated with it before keeps the setting as it was. */
	async put(sprayerId: string, sprayer: TypedSprayer, setting: Setting): Promise<void> {
		const numbers = readSprayer(sprayer);
		const unknown = setting.off.some((s) => s >= sprayer.sections.length);
		if (!numbers.ok || unknown || new Set(setting.off).size >= sprayer.sections.length)
			throw new Failure(422, 'invalid', 'off', m.one_section_has_to_spray());
		const known = await this.of(sprayerId);
		const values = { name: setting.name, body: JSON.stringify(setting), changed_by: personId };
		await db
			.insertInto('setting')
			.values({ id: setting.id, farm_id: farmId, sprayer_id: sprayerId, position: known.length, ...values })
			.onConflict((oc) => oc.columns(['farm_id', 'id']).doUpdateSet({ ...values, updated_at: now() }))
			.execute();
	}
});
