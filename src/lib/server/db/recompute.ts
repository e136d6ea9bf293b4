import type { Kysely } from 'kysely';
import { Failure } from '../failure';
import { computedColumns, computing } from './compute';
import type { Database } from './schema';

/**
 * Computes again what an older way of computing left, a calibration at a time: raw readings stay, derived columns
 * follow. One that does not compute any more keeps what it has. Returns how many were brought up to date.
 */
export async function recompute(db: Kysely<Database>): Promise<number> {
	const rows = await db
		.selectFrom('calibration as c')
		.innerJoin('round as r', (join) => join.onRef('r.farm_id', '=', 'c.farm_id').onRef('r.id', '=', 'c.id'))
		.select(['c.farm_id', 'c.id', 'c.skill', 'c.even_rule', 'r.rig', 'r.setting'])
		.where('c.computed', '<', computing)
		.execute();
	let done = 0;
	for (const row of rows) {
		const entries = await db
			.selectFrom('round_entry')
			.select('body')
			.where('farm_id', '=', row.farm_id)
			.where('round_id', '=', row.id)
			.orderBy('seq')
			.orderBy('id')
			.execute();
		let columns: Partial<ReturnType<typeof computedColumns>['columns']> = { computed: computing };
		try {
			columns = computedColumns({
				rig: row.rig,
				setting: row.setting,
				entries: entries.map((e) => e.body),
				skill: row.skill,
				evenRule: row.even_rule
			}).columns;
			done += 1;
		} catch (error) {
			if (!(error instanceof Failure)) throw error;
		}
		await db
			.updateTable('calibration')
			.set(columns)
			.where('farm_id', '=', row.farm_id)
			.where('id', '=', row.id)
			.execute();
	}
	return done;
}
