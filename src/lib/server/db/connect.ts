import { Kysely, PostgresDialect } from 'kysely';
import pg from 'pg';
import type { Database } from './schema';

// A DATE is a day, not a moment: as text it cannot shift with the time zone.
pg.types.setTypeParser(pg.types.builtins.DATE, (text) => text);

export interface Connection {
	readonly db: Kysely<Database>;
	close(): Promise<void>;
}

/** A pool on one database. Errors of connections that run no query go to `onIdleError`; without it they would end the process. */
export function connect(url: string, onIdleError: (error: Error) => void, max = 10): Connection {
	const pool = new pg.Pool({
		connectionString: url,
		max,
		connectionTimeoutMillis: 5000,
		idleTimeoutMillis: 30_000,
		application_name: 'fallow'
	});
	pool.on('error', onIdleError);
	// One that is between two queries of a transaction as the database dies is the pool's no more, and would end the process.
	pool.on('connect', (client) => client.on('error', onIdleError));
	const db = new Kysely<Database>({ dialect: new PostgresDialect({ pool }) });
	return { db, close: () => db.destroy() };
}
