import { m } from '$words';
import type { Transaction } from 'kysely';
import { sql } from 'kysely';
import { Failure, notFound } from '../failure';
import { keepUses } from './job-use';
import type { Database } from './schema';
import type { Scope } from './scope';

/** Takes a job off that nothing was done for yet: it stays in the database, and brings nothing on any ground. */
export async function takeOff(
	scope: Scope,
	trx: Transaction<Database>,
	{ id, replacedBy }: { readonly id: string; readonly replacedBy: string | null }
): Promise<void> {
	const { farmId } = scope;
	const row = await trx
		.selectFrom('job')
		.select(['id', 'body'])
		.where('farm_id', '=', farmId)
		.where('id', '=', id)
		.forUpdate()
		.executeTakeFirst();
	if (!row) throw notFound('job');
	const begun = await trx
		.selectFrom('job_entry')
		.select('id')
		.where('farm_id', '=', farmId)
		.where('job_id', '=', id)
		.limit(1)
		.executeTakeFirst();
	if (begun) throw new Failure(409, 'begun', 'id', m.job_was_begun_plan_another());
	await trx
		.updateTable('job')
		.set({ off_at: sql<Date>`now()`, replaced_by: replacedBy })
		.where('farm_id', '=', farmId)
		.where('id', '=', id)
		.execute();
	await keepUses(scope, trx, { id, job: row.body, read: null, run: null });
}
