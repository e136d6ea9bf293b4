import type { Transaction } from 'kysely';
import { sql } from 'kysely';
import type { Amendment, SprayRecord } from '../../../core';
import { daysBetween, groupsOf } from '../../../core';
import { canonicalJson } from '../canonical-json';
import { dayAt } from '../../settings/farm-time';
import { keepRecordUses, openUntil, usesApart } from './record-uses';
import type { BrokenSeal } from '../seal';
import { SealCheck, firstSeal, sealOf } from '../seal';
import type { Database } from './schema';
import type { Scope } from './scope';

export interface RecordName {
	readonly kind: 'block' | 'product' | 'operator' | 'target' | 'sprayer';
	readonly name: string;
}

/** What a record can be found by. */
export const namesIn = (record: SprayRecord): RecordName[] => {
	const all: RecordName[] = [
		...record.blocks.map(({ name }) => ({ kind: 'block' as const, name })),
		...record.products.map(({ name }) => ({ kind: 'product' as const, name })),
		{ kind: 'operator', name: record.operator },
		{ kind: 'sprayer', name: record.sprayer },
		{ kind: 'target', name: record.target }
	];
	const once = new Map(all.map((n) => [`${n.kind} ${n.name}`, n]));
	return [...once.values()].filter((n) => n.name !== '');
};

/** What a link of the chain is found by; all of it follows from its text. */
export function recordColumns(body: SprayRecord | Amendment, zone: string) {
	const record = body.format === 'fallow-record/1' ? body : null;
	return {
		day: record?.day ?? dayAt(zone, Date.parse((body as Amendment).at)),
		sprayer: record?.sprayer ?? '',
		operator: record?.operator ?? (body as Amendment).by,
		target: record?.target ?? '',
		block_names: record?.blocks.map((b) => b.name) ?? [],
		product_names: record?.products.map((p) => p.name) ?? [],
		groups: [...new Set(record?.products.flatMap((p) => groupsOf(p.group)) ?? [])],
		area_m2: record?.area ?? 0,
		open_until: record && openUntil(record)
	};
}

/** Names of a log, anew from all of its records. */
export async function refillRecordNames(trx: Transaction<Database>, farmId: string): Promise<void> {
	await trx.deleteFrom('record_name').where('farm_id', '=', farmId).execute();
	await sql`
		insert into record_name (farm_id, kind, name)
		select distinct r.farm_id, n.kind, n.name from record r
		cross join lateral (
			select 'block' as kind, unnest(r.block_names) as name
			union all select 'product', unnest(r.product_names)
			union all select 'operator', r.operator
			union all select 'target', r.target
			union all select 'sprayer', r.sprayer) n
		where r.farm_id = ${farmId} and r.amends is null and n.name <> ''`.execute(trx);
}

/** Links that are held at once while all of a chain is looked through. */
const piece = 500;
/** Any number that no other lock of Fallow uses. */
const chainLock = 41_207;

/** Puts a text at the end of the farm's chain. Two at once come one after the other. */
export async function append(
	{ farmId, settings, personId }: Scope,
	trx: Transaction<Database>,
	row: { id: string; jobId: string | null; amends: string | null; body: SprayRecord | Amendment }
): Promise<void> {
	await sql`select pg_advisory_xact_lock(${chainLock}, hashtext(${farmId}))`.execute(trx);
	const last = await trx
		.selectFrom('record')
		.select(['place', 'hash'])
		.where('farm_id', '=', farmId)
		.orderBy('place', 'desc')
		.limit(1)
		.executeTakeFirst();
	const previous = last?.hash ?? firstSeal;
	const canonical = canonicalJson(row.body);
	const { body } = row;
	const record = body.format === 'fallow-record/1' ? body : null;
	await trx
		.insertInto('record')
		.values({
			id: row.id,
			farm_id: farmId,
			place: Number(last?.place ?? 0) + 1,
			job_id: row.jobId,
			amends: row.amends,
			canonical,
			previous,
			hash: sealOf(canonical, previous),
			body: canonical,
			by_person: personId,
			...recordColumns(body, settings.timeZone)
		})
		.execute();
	if (record) {
		await keepRecordUses(trx, { farmId, cropSeason: settings.cropSeason }, [row.id]);
		const names = namesIn(record);
		if (names.length > 0)
			await trx
				.insertInto('record_name')
				.values(names.map((n) => ({ farm_id: farmId, ...n })))
				.onConflict((oc) => oc.columns(['farm_id', 'kind', 'name']).doNothing())
				.execute();
	}
}

/** Whether what a record is found and shown by is what its sealed text says. */
function columnsFit(row: ReturnType<typeof recordColumns> & { readonly canonical: string }, zone: string): boolean {
	const body = JSON.parse(row.canonical) as SprayRecord | Amendment;
	const { day, ...rest } = recordColumns(body, zone);
	const same = (Object.keys(rest) as (keyof typeof rest)[]).every(
		(name) => canonicalJson(rest[name] ?? null) === canonicalJson(row[name] ?? null)
	);
	// The day of an addition goes by the farm's clock, which may have been set to another zone since.
	return same && (row.day === day || (body.format !== 'fallow-record/1' && Math.abs(daysBetween(row.day, day)) <= 1));
}

/** The newest link of a chain, and how many there are; a chain without any has none. */
export async function newestSeal({ db, farmId }: Scope): Promise<{ readonly count: number; readonly seal: string }> {
	const last = await db
		.selectFrom('record')
		.select(['place', 'hash'])
		.where('farm_id', '=', farmId)
		.orderBy('place', 'desc')
		.limit(1)
		.executeTakeFirst();
	return { count: Number(last?.place ?? 0), seal: last?.hash ?? firstSeal };
}

/** The seal at a place of the chain; null where there is none. */
export async function sealAt({ db, farmId }: Scope, place: number): Promise<string | null> {
	if (place === 0) return firstSeal;
	const row = await db
		.selectFrom('record')
		.select('hash')
		.where('farm_id', '=', farmId)
		.where('place', '=', String(place))
		.executeTakeFirst();
	return row?.hash ?? null;
}

/** Looks through the whole chain: how many seals hold, and the first that does not. */
export async function checkChain({
	db,
	farmId,
	settings
}: Scope): Promise<{ readonly checked: number; readonly broken: BrokenSeal | null }> {
	const look = new SealCheck();
	for (let place = 0; ; place += piece) {
		const rows = await db
			.selectFrom('record')
			.select([
				'id',
				'place',
				'canonical',
				'previous',
				'hash',
				sql<string>`body::text`.as('body'),
				sql<string>`day::text`.as('day'),
				'sprayer',
				'operator',
				'target',
				'block_names',
				'product_names',
				'groups',
				'area_m2',
				sql<string | null>`open_until::text`.as('open_until')
			])
			.where('farm_id', '=', farmId)
			.where('place', '>', String(place))
			.orderBy('place')
			.limit(piece)
			.execute();
		for (const row of rows) {
			const broken = look.next({ ...row, place: Number(row.place) });
			if (broken) return { checked: look.checked, broken };
			// What is searched and shown has to be what is sealed.
			if (canonicalJson(JSON.parse(row.body)) !== row.canonical || !columnsFit(row, settings.timeZone))
				return { checked: look.checked - 1, broken: { id: row.id, place: Number(row.place), why: 'changed' } };
		}
		if (rows.length >= piece) continue;
		// What was worked out of the texts and is shown in their place has to fit them too.
		const apart = await usesApart(db, { farmId, cropSeason: settings.cropSeason });
		if (apart === null) return { checked: look.checked, broken: null };
		const { id } = await db
			.selectFrom('record')
			.select('id')
			.where('farm_id', '=', farmId)
			.where('place', '=', String(apart))
			.executeTakeFirstOrThrow();
		return { checked: look.checked, broken: { id, place: apart, why: 'sums' } };
	}
}
