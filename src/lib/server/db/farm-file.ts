import type { Transaction } from 'kysely';
import { sql } from 'kysely';
import type { FarmTableName } from '../../files/farm-file';
import { farmFileFormat, farmTables } from '../../files/farm-file';
import type { Anchor } from '../../wire/anchor';
import { newestSeal } from './record-chain';
import type { Database } from './schema';
import { migrations } from './migrations';
import type { Scope } from './scope';

/** Rows that are held at once. */
const piece = 500;
/** What a table's rows are in the order of, and which of them stay out since they follow from others. */
const keys: Partial<Record<FarmTableName, string>> = { shed_nozzle: 'nozzle_key', record: 'place' };
const computed: Partial<Record<FarmTableName, readonly string[]>> = {
	record: [
		'body',
		'day',
		'sprayer',
		'operator',
		'target',
		'block_names',
		'product_names',
		'groups',
		'area_m2',
		'open_until'
	]
};

/** Makes the anchor of a farm's records, as they were at a moment. */
export type AnchorOf = (farm: string, chain: Awaited<ReturnType<typeof newestSeal>>, at: string) => Anchor;

/** All of a farm as lines, as it was at one moment, whatever is written meanwhile. `at`: ISO 8601. */
export async function* farmLines(scope: Scope, at: string, anchorOf?: AnchorOf): AsyncGenerator<string> {
	const { db, farmId } = scope;
	const trx = await db.startTransaction().setIsolationLevel('repeatable read').setAccessMode('read only').execute();
	try {
		const farm = await trx
			.selectFrom('farm')
			.select(['name', 'settings'])
			.where('id', '=', farmId)
			.executeTakeFirstOrThrow();
		const migration = migrations.at(-1)!.name;
		yield `${JSON.stringify({ format: farmFileFormat, migration, at, ...farm })}\n`;
		const counts: Record<string, number> = {};
		for (const table of farmTables) {
			counts[table] = 0;
			for await (const row of rowsOf(trx, farmId, table)) {
				counts[table] += 1;
				yield `${JSON.stringify({ table, row })}\n`;
			}
		}
		const anchor = anchorOf?.(farmId, await newestSeal({ ...scope, db: trx }), at);
		yield `${JSON.stringify({ end: counts, ...(anchor && { anchor }) })}\n`;
	} finally {
		await trx.rollback().execute();
	}
}

async function* rowsOf(trx: Transaction<Database>, farmId: string, table: FarmTableName): AsyncGenerator<object> {
	const key = sql.ref(keys[table] ?? 'id');
	const without = sql.join(['farm_id', ...(computed[table] ?? [])].map((c) => sql.lit(c)));
	let after: string | null = null;
	for (;;) {
		const rows: { row: object; key: string }[] = (
			await sql<{ row: object; key: string }>`
				select to_jsonb(t) - array[${without}]::text[] as row, t.${key}::text as key from ${sql.table(table)} t
				where farm_id = ${farmId} ${after === null ? sql`` : sql`and t.${key} > ${after}`}
				order by t.${key} limit ${piece}`.execute(trx)
		).rows;
		for (const { row } of rows) yield row;
		const last = rows.at(-1);
		if (!last || rows.length < piece) return;
		after = last.key;
	}
}

/** Whether anything was entered for a farm yet. */
export async function isEmptyFarm({ db, farmId }: Pick<Scope, 'db' | 'farmId'>): Promise<boolean> {
	const found = await sql<{ any: boolean }>`select ${sql.join(
		// Who works there is known before anything was entered.
		farmTables
			.filter((table) => table !== 'worker')
			.map((table) => sql`exists (select from ${sql.table(table)} where farm_id = ${farmId})`),
		sql` or `
	)} as any`.execute(db);
	return found.rows[0]?.any !== true;
}
