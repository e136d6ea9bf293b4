import type { Kysely } from 'kysely';
import { sql } from 'kysely';

/**
 * The language of a person, which goes with them to every device that they sign in on; null until they picked one. And what
 * records came to is worked out anew at the next start: from here on the look through the seals holds it against their text.
 */
export async function up(db: Kysely<unknown>): Promise<void> {
	await sql`alter table person add column language text check (language ~ '^[a-z]{2,3}$')`.execute(db);
	await sql`delete from season_use`.execute(db);
}
