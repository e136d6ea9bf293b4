import type { Kysely } from 'kysely';
import { sql } from 'kysely';

/** Doses that are mixed together often, kept with a name. */
export async function up(db: Kysely<unknown>): Promise<void> {
	await sql
		.raw(
			`
		create table tank_mix (
			id uuid not null,
			farm_id uuid not null references farm (id),
			name text not null check (length(name) between 1 and 80),
			body jsonb not null,
			archived_at timestamptz,
			created_at timestamptz not null default now(),
			updated_at timestamptz not null default now(),
			primary key (farm_id, id)
		)`
		)
		.execute(db);
	await sql.raw('create unique index tank_mix_name on tank_mix (farm_id, lower(name))').execute(db);
}
