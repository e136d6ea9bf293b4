import type { Kysely } from 'kysely';
import { sql } from 'kysely';
import { v7 } from 'uuid';
import type { Database } from '../db/schema';
import { tokenHash } from './token';

/** Tries at one name, from wherever they come, in a quarter of an hour. */
export const mostTries = 30;
const window = 900_000;

/**
 * Counts a try to sign in with a name; false where there were too many. The package counts by address alone, which many
 * addresses get around. What was typed is kept as a hash: a password that went into the wrong field is not written down.
 */
export async function mayTry(db: Kysely<Database>, signInName: string, now: number): Promise<boolean> {
	const key = `name:${tokenHash(signInName.trim().toLowerCase())}`;
	const counted = await sql<{ count: number }>`
		insert into sign_in_try (id, key, count, last_request) values (${v7()}, ${key}, 1, ${now})
		on conflict (key) do update set
			count = case when sign_in_try.last_request < ${now - window} then 1 else sign_in_try.count + 1 end,
			last_request = case when sign_in_try.last_request < ${now - window} then ${now} else sign_in_try.last_request end
		returning count`.execute(db);
	return (counted.rows[0]?.count ?? 0) <= mostTries;
}
