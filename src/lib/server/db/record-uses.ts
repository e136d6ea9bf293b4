import type { Kysely, RawBuilder, Transaction } from 'kysely';
import { sql } from 'kysely';
import type { SprayRecord } from '../../../core';
import { addDays, emptyFor } from '../../../core';
import { inTransaction } from './in-transaction';
import type { Database } from './schema';

/** The last day on which an interval of a record can still run; null where none does. */
export function openUntil(
	record: Pick<SprayRecord, 'day' | 'products'> & Partial<Pick<SprayRecord, 'blocks' | 'endedAt'>>
): string | null {
	const days = record.products.flatMap((p) => [
		// A marker dye has no label. What nobody entered is asked about for some days.
		!p.dye && (p.entryHours === null || p.harvestDays === null) ? emptyFor : 0,
		p.entryHours === null || p.entryHours === 0 ? 0 : Math.ceil(p.entryHours / 24) + 1,
		p.harvestDays ?? 0,
		...(p.plantBack ?? []).map((b) => b.days)
	]);
	const longest = Math.ceil(Math.max(0, ...days));
	// A spraying goes on past midnight, or over days: what it keeps off is counted from its end. A day more, whatever the zone.
	const last = [record.day, record.endedAt?.slice(0, 10) ?? '', ...(record.blocks ?? []).map((b) => b.lastDay ?? '')];
	return longest === 0 ? null : addDays(last.sort().at(-1)!, longest + 1);
}

/** What each block had of each product, by the text of the records; `ids`: of some of them, null of all. */
const split = (farmId: string, ids: readonly string[] | null) => sql`
	select r.farm_id, r.id as record_id, r.day, b.name as block, p.name as product, p.grp, p.kind, sum(p.per_ground) as per_ground,
		sum(p.total * b.ground / nullif(b.whole, 0)) as total, coalesce((array_agg(p.actives))[1], '[]'::jsonb) as actives
	from record r
	cross join lateral (
		select x->>'name' as name, (x->>'area')::float8 * (x->>'share')::float8 as ground,
			sum((x->>'area')::float8 * (x->>'share')::float8) over () as whole
		from jsonb_array_elements(r.body->'blocks') x) b
	cross join lateral (
		select x->>'name' as name, x->>'group' as grp, x->>'kind' as kind,
			coalesce((x->>'perGround')::float8, 0) as per_ground, coalesce((x->>'total')::float8, 0) as total, x->'actives' as actives
		from jsonb_array_elements(r.body->'products') x) p
	where r.farm_id = ${farmId} and r.amends is null and b.ground > 0
		${ids === null ? sql`` : sql`and r.id = any(${[...ids]}::uuid[])`}
	group by r.farm_id, r.id, r.day, b.name, p.name, p.grp, p.kind`;

const splitting = (farmId: string, ids: readonly string[]) => sql`
	insert into record_use (farm_id, record_id, day, block, product, grp, kind, per_ground, total, actives)
	${split(farmId, ids)}`;

/** Sums of some uses by season (the year in which it begins), block and product. */
const sums = (from: RawBuilder<unknown>, start: string | null) => sql`
	select farm_id, extract(year from day)::int - (to_char(day, 'MM-DD') < ${start ?? '01-01'})::int as year, block, product, kind,
		sum(per_ground) as per_ground, sum(total) as total, count(*)::int as times
	from ${from} group by 1, 2, 3, 4, 5`;
const summing = (from: RawBuilder<unknown>, start: string | null) => sql`
	insert into season_use as s (farm_id, year, block, product, kind, per_ground, total, times)
	${sums(from, start)}`;

/** A farm, and the day on which the season of its crops begins, MM-DD; null: with the year. */
export interface SeasonFarm {
	readonly farmId: string;
	readonly cropSeason: string | null;
}

/** Splits records that were just sealed, and adds them to the sums of their seasons. */
export async function keepRecordUses(
	trx: Transaction<Database>,
	{ farmId, cropSeason }: SeasonFarm,
	ids: readonly string[]
): Promise<void> {
	if (ids.length === 0) return;
	await sql`
		with fresh as (${splitting(farmId, ids)} returning farm_id, day, block, product, kind, per_ground, total)
		${summing(sql`fresh`, cropSeason)}
		on conflict (farm_id, year, block, product, kind) do update
		set per_ground = s.per_ground + excluded.per_ground, total = s.total + excluded.total, times = s.times + excluded.times
	`.execute(trx);
}

/** Records at once while a whole log is brought up to date. */
const piece = 1000;

/** What the records come to, anew from all of them: for a log of before, or one that was taken in whole. */
export async function refillRecordUses(trx: Transaction<Database>, farm: SeasonFarm): Promise<number> {
	const { farmId } = farm;
	await trx.deleteFrom('record_use').where('farm_id', '=', farmId).execute();
	let done = 0;
	for (let place = '0'; ;) {
		const rows = await trx
			.selectFrom('record')
			.select(['id', 'place', 'body'])
			.where('farm_id', '=', farmId)
			.where('amends', 'is', null)
			.where('place', '>', place)
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
	await refillSeasons(trx, farm);
	return done;
}

/** The sums of a farm's seasons, anew from what its records came to: for a farm whose season begins on another day. */
export async function refillSeasons(trx: Transaction<Database>, { farmId, cropSeason }: SeasonFarm): Promise<void> {
	await trx.deleteFrom('season_use').where('farm_id', '=', farmId).execute();
	await summing(sql`(select * from record_use where farm_id = ${farmId}) u`, cropSeason).execute(trx);
}

/** Logs that were sealed before Fallow kept what they come to. */
export async function refillOldLogs(db: Kysely<Database>): Promise<number> {
	const farms = await sql<{ id: string; season: string | null }>`
		select f.id, f.settings->>'cropSeason' as season from farm f
		where exists (select from record r where r.farm_id = f.id) and not exists (select from season_use s where s.farm_id = f.id)
	`.execute(db);
	let done = 0;
	for (const { id, season } of farms.rows)
		done += await inTransaction(db, (trx) => refillRecordUses(trx, { farmId: id, cropSeason: season }));
	return done;
}

/** Apart by more than a sum in another order brings. */
const apart = (a: string, b: string) =>
	sql`abs(${sql.ref(a)} - ${sql.ref(b)}) > 1e-9 * (abs(${sql.ref(a)}) + abs(${sql.ref(b)}))`;

/**
 * Whether what records came to, and the sums of their seasons, are what their text says: the place of the first record of
 * which they are not, the newest where only a sum has no record; null where all fits.
 */
export async function usesApart(db: Kysely<Database>, { farmId, cropSeason }: SeasonFarm): Promise<number | null> {
	const { rows } = await sql<{ place: number | null }>`
		with told as (${split(farmId, null)}),
		kept as (select * from record_use where farm_id = ${farmId}),
		uses as (
			select coalesce(t.record_id, k.record_id) as record_id from told t
			full join kept k using (record_id, block, product, grp, kind)
			where t.farm_id is null or k.farm_id is null or t.day <> k.day or t.actives <> k.actives
				or ${apart('t.per_ground', 'k.per_ground')} or ${apart('t.total', 'k.total')}
		),
		summed as (${sums(sql`told`, cropSeason)}),
		seasons as (
			select coalesce(t.block, k.block) as block, coalesce(t.product, k.product) as product from summed t
			full join (select * from season_use where farm_id = ${farmId}) k using (year, block, product, kind)
			where t.farm_id is null or k.farm_id is null or t.times <> k.times
				or ${apart('t.per_ground', 'k.per_ground')} or ${apart('t.total', 'k.total')}
		)
		select min(place)::int as place from (
			select r.place from record r join uses u on u.record_id = r.id where r.farm_id = ${farmId}
			union all
			select (select max(r.place) from record r join told t on t.record_id = r.id
				where r.farm_id = ${farmId} and t.block = s.block and t.product = s.product) from seasons s
			union all
			select max(place) from record where farm_id = ${farmId} and exists (select from seasons)
		) wrong`.execute(db);
	return rows[0]?.place ?? null;
}
