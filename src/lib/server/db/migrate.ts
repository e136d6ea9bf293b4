import type { Kysely } from 'kysely';
import { sql } from 'kysely';
import type { Database } from './schema';
import type { Migration } from './migrations';
import { migrations as all } from './migrations';

/** Any number that no other program on this database uses for its own lock. */
const lock = 7_205_331_904n;

/**
 * Brings the database up to date, each migration in a transaction of its own. The advisory lock lets two servers start
 * at once: the second waits, and finds nothing left to do. Returns the names that were run.
 */
export async function migrate(db: Kysely<Database>, migrations: readonly Migration[] = all): Promise<string[]> {
	return db.connection().execute(async (connection) => {
		await sql`select pg_advisory_lock(${lock}::bigint)`.execute(connection);
		try {
			await sql`create table if not exists migration (name text primary key, run_at timestamptz not null default now())`.execute(
				connection
			);
			const done = await sql<{ name: string }>`select name from migration`.execute(connection);
			const known = new Set(done.rows.map((row) => row.name));
			const newer = [...known].filter((name) => !migrations.some((m) => m.name === name));
			if (newer.length > 0)
				throw new Error(`this database was migrated by a newer Fallow (${newer.join(', ')}); start that one`);
			const run: string[] = [];
			for (const migration of migrations) {
				if (known.has(migration.name)) continue;
				await connection.transaction().execute(async (transaction) => {
					await migration.up(transaction as unknown as Kysely<unknown>);
					await sql`insert into migration (name) values (${migration.name})`.execute(transaction);
				});
				run.push(migration.name);
			}
			return run;
		} finally {
			await sql`select pg_advisory_unlock(${lock}::bigint)`.execute(connection);
		}
	});
}

/** What `/healthz` tells: the newest migration that is in the database, and whether any is missing. */
export async function migrationState(db: Kysely<Database>): Promise<{ latest: string | null; pending: number }> {
	const done = await sql<{ name: string }>`select name from migration order by name desc`.execute(db);
	return { latest: done.rows[0]?.name ?? null, pending: all.length - done.rows.length };
}
