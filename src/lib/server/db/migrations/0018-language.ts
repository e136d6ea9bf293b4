import type { Kysely } from 'kysely';
import { sql } from 'kysely';

/** The language of a person, which goes with them to every device that they sign in on; null until they picked one. */
export async function up(db: Kysely<unknown>): Promise<void> {
	await sql`alter table person add column language text check (language ~ '^[a-z]{2,3}$')`.execute(db);
}
