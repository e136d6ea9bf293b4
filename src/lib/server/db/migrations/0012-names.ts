import type { Kysely } from 'kysely';
import { sql } from 'kysely';

/** What a record says nothing of has no name to filter by: an empty one stood beside "all" in the log's lists. */
export async function up(db: Kysely<unknown>): Promise<void> {
	await sql.raw(`delete from record_name where name = ''`).execute(db);
	await sql.raw(`alter table record_name add check (name <> '')`).execute(db);
}
