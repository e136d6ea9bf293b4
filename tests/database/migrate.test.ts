import { sql } from 'kysely';
import { afterEach, describe, expect, it } from 'vitest';
import { migrate, migrationState } from '../../src/lib/server/db/migrate';
import { migrations } from '../../src/lib/server/db/migrations';
import { connect } from '../../src/lib/server/db/connect';
import type { TestDatabase } from '../support/database';
import { emptyDatabase } from '../support/database';

let database: TestDatabase;
afterEach(() => database.drop());

describe('migrations', () => {
	it('run once, in order, and say what they did', async () => {
		database = await emptyDatabase();
		expect(await migrate(database.db)).toEqual(migrations.map((m) => m.name));
		expect(await migrate(database.db)).toEqual([]);
		expect(await migrationState(database.db)).toEqual({ latest: migrations.at(-1)!.name, pending: 0 });
	});

	it('wait for each other when several servers start at once', async () => {
		database = await emptyDatabase();
		const others = [1, 2, 3].map(() => connect(database.url, () => undefined, 2));
		const runs = await Promise.all(others.map((o) => migrate(o.db)));
		await Promise.all(others.map((o) => o.close()));
		expect(runs.flat().sort()).toEqual(migrations.map((m) => m.name));
	});

	it('leave nothing behind of one that fails, and stop there', async () => {
		database = await emptyDatabase();
		const broken = [
			...migrations,
			{
				name: '9998-broken',
				up: async (db: Parameters<(typeof migrations)[number]['up']>[0]) => {
					await sql`create table half (id int)`.execute(db);
					throw new Error('broken');
				}
			}
		];
		await expect(migrate(database.db, broken)).rejects.toThrow('broken');
		const left = await sql`select 1 from pg_tables where tablename = 'half'`.execute(database.db);
		expect(left.rows).toEqual([]);
		expect(await migrate(database.db)).toEqual([]);
	});

	it('refuse a database of a newer Fallow', async () => {
		database = await emptyDatabase();
		await migrate(database.db);
		await sql`insert into migration (name) values ('9999-from-the-future')`.execute(database.db);
		await expect(migrate(database.db)).rejects.toThrow('newer');
	});

	it('give every table its farm', async () => {
		database = await emptyDatabase();
		await migrate(database.db);
		const without = await sql<{ table_name: string }>`
			select table_name from information_schema.tables t
			where table_schema = 'public' and table_name not in ('farm', 'migration')
			-- People may be on several farms: which, membership says. A session looks at one of them.
			and table_name not like 'person%' and table_name not in ('passkey', 'sign_in_try')
			and not exists (select 1 from information_schema.columns c
				where c.table_name = t.table_name and c.column_name = 'farm_id' and c.is_nullable = 'NO')`.execute(database.db);
		expect(without.rows).toEqual([]);
	});
});
