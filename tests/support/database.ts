import pg from 'pg';
import { v7 } from 'uuid';
import type { Connection } from '../../src/lib/server/db/connect';
import { connect } from '../../src/lib/server/db/connect';
import { farmHandle, firstFarm } from '../../src/lib/server/db/farm';
import { migrate } from '../../src/lib/server/db/migrate';

const base = process.env.FALLOW_TEST_DATABASE_URL;

/** Runs one statement on the test server's own database. */
async function admin(sql: string): Promise<void> {
	if (!base) throw new Error('FALLOW_TEST_DATABASE_URL is not set; `npm test` sets it');
	const client = new pg.Client({ connectionString: base });
	await client.connect();
	try {
		await client.query(sql);
	} finally {
		await client.end();
	}
}

export interface TestDatabase extends Connection {
	readonly url: string;
	/** Ends the connections and removes the database. */
	drop(): Promise<void>;
}

/** An empty database of its own. */
export async function emptyDatabase(): Promise<TestDatabase> {
	const name = `test_${v7().replace(/-/g, '')}`;
	await admin(`create database ${name}`);
	const url = base!.replace(/\/[^/]*$/, `/${name}`);
	const connection = connect(url, () => undefined, 8);
	return {
		...connection,
		url,
		async drop() {
			await connection.close();
			await admin(`drop database ${name} with (force)`);
		}
	};
}

/** A migrated database with one farm. */
export async function farmDatabase() {
	const database = await emptyDatabase();
	await migrate(database.db);
	const farm = (await farmHandle(database.db, await firstFarm(database.db, 'Test farm')))!;
	return { ...database, farm };
}
