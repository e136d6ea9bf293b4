import type { Kysely } from 'kysely';
import { sql } from 'kysely';

/** How often what a calibration repeats was done; computed, so the next start fills in what is older. Null: nothing to count. */
export async function up(db: Kysely<unknown>): Promise<void> {
	await sql.raw('alter table calibration add column goes integer check (goes >= 0)').execute(db);
}
