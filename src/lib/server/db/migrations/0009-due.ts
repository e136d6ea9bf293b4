import type { Kysely } from 'kysely';
import { sql } from 'kysely';

/**
 * What a job comes to once it is sprayed, for when a sprayer is due and for its true volume over time; what the records
 * come to by block, product and season. All computed: the next start fills in what is older.
 */
export async function up(db: Kysely<unknown>): Promise<void> {
	const run = (text: string) => sql.raw(text).execute(db);
	await run(`
		alter table job
			add column sprayed_s double precision not null default 0 check (sprayed_s >= 0),
			add column done_m2 double precision not null default 0 check (done_m2 >= 0),
			add column abrasive boolean not null default false,
			add column began_at timestamptz,
			add column planned_m3_per_m2 double precision,
			add column true_m3_per_m2 double precision`);
	await run('create index job_began on job (farm_id, sprayer_id, began_at) where began_at is not null');
	// A true volume that was off says something of the setting that was used, and of no other.
	await run('alter table sprayer_event add column setting_id uuid');
	await run('alter table record add column open_until date');
	await run('create index record_open on record (farm_id, open_until) where open_until is not null');
	await run(`
		create table record_use (
			farm_id uuid not null,
			record_id uuid not null,
			day date not null,
			block text not null,
			product text not null,
			grp text not null,
			kind text not null check (kind in ('volume', 'mass')),
			per_ground double precision not null,
			total double precision not null,
			primary key (farm_id, record_id, block, product, kind, grp),
			foreign key (farm_id, record_id) references record (farm_id, id) on delete cascade
		)`);
	await run(`create index record_use_block on record_use (farm_id, block, day desc, record_id desc) where grp <> ''`);
	await run(`
		create table season_use (
			farm_id uuid not null references farm (id),
			year integer not null,
			block text not null,
			product text not null,
			kind text not null check (kind in ('volume', 'mass')),
			per_ground double precision not null,
			total double precision not null,
			times integer not null,
			primary key (farm_id, year, block, product, kind)
		)`);
	// The log is filtered by its sprayers as well.
	await run('alter table record_name drop constraint record_name_kind_check');
	await run(`alter table record_name add check (kind in ('block', 'product', 'operator', 'target', 'sprayer'))`);
	await run(`insert into record_name (farm_id, kind, name)
		select distinct farm_id, 'sprayer', sprayer from record where amends is null on conflict do nothing`);
}
