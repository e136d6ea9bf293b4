import type { Kysely } from 'kysely';
import { sql } from 'kysely';

/** The log: finished jobs as sealed records, each chained to the one before it; amendments are entries of the same chain. */
export async function up(db: Kysely<unknown>): Promise<void> {
	const run = (text: string) => sql.raw(text).execute(db);
	await run(`
		create table record (
			id uuid not null,
			farm_id uuid not null references farm (id),
			place bigint not null check (place > 0),
			job_id uuid,
			amends uuid,
			canonical text not null,
			previous text not null,
			hash text not null,
			body jsonb not null,
			day date not null,
			sprayer text not null,
			operator text not null,
			target text not null,
			block_names text[] not null,
			product_names text[] not null,
			groups text[] not null,
			area_m2 double precision not null,
			sealed_at timestamptz not null default now(),
			primary key (farm_id, id),
			unique (farm_id, place),
			foreign key (farm_id, amends) references record (farm_id, id)
		)`);
	await run('create unique index record_job on record (farm_id, job_id) where job_id is not null and amends is null');
	await run('create index record_day on record (farm_id, day desc, id desc) where amends is null');
	await run('create index record_amends on record (farm_id, amends) where amends is not null');
	for (const column of ['block_names', 'product_names', 'groups'])
		await run(`create index record_${column} on record using gin (${column}) where amends is null`);
	for (const column of ['operator', 'sprayer', 'target'])
		await run(`create index record_${column} on record (farm_id, ${column}, day desc, id desc) where amends is null`);
	// Names that the log can be filtered by, each once: looking through all records for them takes seconds.
	await run(`
		create table record_name (
			farm_id uuid not null references farm (id),
			kind text not null check (kind in ('block', 'product', 'operator', 'target')),
			name text not null,
			primary key (farm_id, kind, name)
		)`);
}
