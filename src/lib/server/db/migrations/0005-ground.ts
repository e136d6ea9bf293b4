import type { Kysely } from 'kysely';
import { sql } from 'kysely';

/** Blocks: fields, orchard blocks, beds, strips and surfaces, with their boundary where they have one. */
export async function up(db: Kysely<unknown>): Promise<void> {
	await sql
		.raw(
			`
		create table block (
			id uuid not null,
			farm_id uuid not null references farm (id),
			name text not null check (length(name) between 1 and 80),
			kind text not null,
			body jsonb not null,
			area_m2 double precision not null check (area_m2 > 0),
			archived_at timestamptz,
			created_at timestamptz not null default now(),
			updated_at timestamptz not null default now(),
			primary key (farm_id, id)
		)`
		)
		.execute(db);
	await sql.raw('create unique index block_name on block (farm_id, lower(name))').execute(db);
}
