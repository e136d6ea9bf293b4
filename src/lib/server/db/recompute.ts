import type { Kysely } from 'kysely';
import type { VolumePerArea } from '../../../core';
import { readJob, runOfJob } from '../../../core';
import { farmSettingsSchema } from '../../settings/farm-settings';
import { Failure } from '../failure';
import { computedColumns, computing } from './compute';
import { inTransaction } from './in-transaction';
import { keepRun } from './job-columns';
import { jobRunsOf } from './job-runs';
import { jobComputing, keepUses } from './job-use';
import { refillOldLogs } from './record-uses';
import type { Database } from './schema';

/**
 * Computes again what an older way of computing left, a calibration at a time: raw readings stay, derived columns
 * follow. One that does not compute any more keeps what it has. Returns how many were brought up to date.
 */
export const recompute = async (db: Kysely<Database>): Promise<number> =>
	(await recomputeCalibrations(db)) + (await recomputeJobs(db)) + (await refillOldLogs(db));

/** What jobs of before mean for their ground, and what came of them. */
async function recomputeJobs(db: Kysely<Database>): Promise<number> {
	const rows = await db
		.selectFrom('job as j')
		.leftJoin('calibration as c', (join) =>
			join.onRef('c.farm_id', '=', 'j.farm_id').onRef('c.id', '=', 'j.calibration_id')
		)
		.innerJoin('farm as f', 'f.id', 'j.farm_id')
		.select(['j.farm_id', 'j.id', 'j.body', 'c.rate_m3_per_m2', 'f.settings'])
		.where('j.computed', '<', jobComputing)
		.execute();
	for (const row of rows) {
		const rate = row.rate_m3_per_m2 as VolumePerArea | null;
		const scope = { db, farmId: row.farm_id, settings: farmSettingsSchema.parse(row.settings), personId: null };
		const entries = await jobRunsOf(scope).entries(row.id);
		const made = runOfJob({ job: row.body, rate }, entries);
		await inTransaction(db, async (trx) => {
			if (made.ok)
				return keepRun(scope, trx, { id: row.id, job: row.body, read: made.value.read, run: made.value.run, entries });
			const read = readJob(row.body, rate);
			await keepUses(scope, trx, { id: row.id, job: row.body, read: read.ok ? read.value : null, run: null });
		});
	}
	return rows.length;
}

async function recomputeCalibrations(db: Kysely<Database>): Promise<number> {
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
				sprayer: row.rig,
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
