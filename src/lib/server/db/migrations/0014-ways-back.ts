import type { Kysely } from 'kysely';
import { sql } from 'kysely';

/**
 * Ways back, none of which takes anything off the database: a calibration in progress is discarded, a signed one is withdrawn
 * with a reason, a job is deleted or replaced by its edit. Each moment is null where it never happened.
 */
export async function up(db: Kysely<unknown>): Promise<void> {
	await sql.raw('alter table round add column discarded_at timestamptz').execute(db);
	await sql
		.raw(
			`
		alter table calibration
			add column withdrawn_at timestamptz,
			add column withdrawn_by text check (length(withdrawn_by) between 1 and 80),
			add column withdrawn_reason text check (length(withdrawn_reason) between 1 and 400),
			add check ((withdrawn_at is null) = (withdrawn_by is null) and (withdrawn_at is null) = (withdrawn_reason is null))`
		)
		.execute(db);
	await sql
		.raw('alter table job add column off_at timestamptz, add column replaced_by uuid, add check (replaced_by <> id)')
		.execute(db);
}
