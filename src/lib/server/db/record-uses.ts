import type { Kysely, RawBuilder, Transaction } from 'kysely';
import { sql } from 'kysely';
import type { SprayRecord } from '../../../core';
import { addDays } from '../../../core';
import { inTransaction } from './in-transaction';
import type { Database } from './schema';

/** The last day on which an interval of a record can still run; null where none does. */
export function openUntil(record: Pick<SprayRecord, 'day' | 'products'>): string | null {
	const days = record.products.flatMap((p) => [
		p.entryHours === null || p.entryHours === 0 ? 0 : Math.ceil(p.entryHours / 24) + 1,
		p.harvestDays ?? 0,
		...(p.plantBack ?? []).map((b) => b.days)
	]);
	const longest = Math.ceil(Math.max(0, ...days));
	// A spraying may go on past midnight: its re-entry is counted from its end.
	return longest === 0 ? null : addDays(record.day, longest + 1);
}

/** The statement that splits records into what each block had of each product, without its end. */
const splitting = (farmId: string, ids: readonly string[]) => sql`
	insert into record_use (farm_id, record_id, day, block, product, grp, kind, per_ground, total)
	select r.farm_id, r.id, r.day, b.name, p.name, p.grp, p.kind, sum(p.per_ground),
		sum(p.total * b.ground / nullif(b.whole, 0))
	from record r
	cross join lateral (
		select x->>'name' as name, (x->>'area')::float8 * (x->>'share')::float8 as ground,
			sum((x->>'area')::float8 * (x->>'share')::float8) over () as whole
		from jsonb_array_elements(r.body->'blocks') x) b
	cross join lateral (
		select x->>'name' as name, x->>'group' as grp, x->>'kind' as kind,
			coalesce((x->>'perGround')::float8, 0) as per_ground, coalesce((x->>'total')::float8, 0) as total
		from jsonb_array_elements(r.body->'products') x) p
	where r.farm_id = ${farmId} and r.amends is null and r.id = any(${[...ids]}::uuid[]) and b.ground > 0
	group by r.farm_id, r.id, r.day, b.name, p.name, p.grp, p.kind`;

/** Sums of some uses by year, block and product. */
const summing = (from: RawBuilder<unknown>) => sql`
	insert into season_use as s (farm_id, year, block, product, kind, per_ground, total, times)
	select farm_id, extract(year from day)::int, block, product, kind, sum(per_ground), sum(total), count(*)::int
	from ${from} group by 1, 2, 3, 4, 5`;

/** Splits records that were just sealed, and adds them to the sums of their seasons. */
export async function keepRecordUses(
	trx: Transaction<Database>,
	farmId: string,
	ids: readonly string[]
): Promise<void> {
	if (ids.length === 0) return;
	await sql`
		with fresh as (${splitting(farmId, ids)} returning farm_id, day, block, product, kind, per_ground, total)
		${summing(sql`fresh`)}
		on conflict (farm_id, year, block, product, kind) do update
		set per_ground = s.per_ground + excluded.per_ground, total = s.total + excluded.total, times = s.times + excluded.times
	`.execute(trx);
}

/** Records at once while a whole log is brought up to date. */
const piece = 1000;

/** What the records come to, anew from all of them: for a log of before, or one that was taken in whole. */
export async function refillRecordUses(trx: Transaction<Database>, farmId: string): Promise<number> {
	await trx.deleteFrom('record_use').where('farm_id', '=', farmId).execute();
	await trx.deleteFrom('season_use').where('farm_id', '=', farmId).execute();
	let done = 0;
	for (let place = '0'; ;) {
		const rows = await trx
			.selectFrom('record')
			.select(['id', 'place', 'body'])
			.where('farm_id', '=', farmId)
			.where('amends', 'is', null)
			.where('place', '>', place as never)
			.orderBy('place')
			.limit(piece)
			.execute();
		const last = rows.at(-1);
		if (!last) break;
		await splitting(
			farmId,
			rows.map((r) => r.id)
		).execute(trx);
		const until = rows.map((r) => openUntil(r.body as SprayRecord));
		await sql`
			update record r set open_until = n.until
			from unnest(${rows.map((r) => r.id)}::uuid[], ${until}::date[]) as n (id, until)
			where r.farm_id = ${farmId} and r.id = n.id and r.open_until is distinct from n.until`.execute(trx);
		done += rows.length;
		place = last.place;
	}
	// All sums at once: adding to the same ones a thousand times over leaves as many dead rows behind.
	await summing(sql`(select * from record_use where farm_id = ${farmId}) u`).execute(trx);
	return done;
}

/** Logs that were sealed before Fallow kept what they come to. */
export async function refillOldLogs(db: Kysely<Database>): Promise<number> {
	const farms = await sql<{ id: string }>`
		select f.id from farm f
		where exists (select from record r where r.farm_id = f.id) and not exists (select from season_use s where s.farm_id = f.id)
	`.execute(db);
	let done = 0;
	for (const { id } of farms.rows) done += await inTransaction(db, (trx) => refillRecordUses(trx, id));
	return done;
}
