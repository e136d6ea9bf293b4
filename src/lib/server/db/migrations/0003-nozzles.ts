import type { Kysely } from 'kysely';
import { sql } from 'kysely';

/** The farm's own nozzles, and which of all nozzles lie in its shed. */
export async function up(db: Kysely<unknown>): Promise<void> {
	const run = (statement: string) => sql.raw(statement).execute(db);
	await run(`
		create table nozzle (
			id uuid not null,
			farm_id uuid not null references farm (id),
			kind text not null,
			name text not null check (length(name) between 1 and 80),
			body jsonb not null,
			low_pa double precision not null check (low_pa > 0),
			high_pa double precision not null check (high_pa > low_pa),
			least_m3_s double precision not null check (least_m3_s > 0),
			most_m3_s double precision not null check (most_m3_s >= least_m3_s),
			created_at timestamptz not null default now(),
			updated_at timestamptz not null default now(),
			primary key (farm_id, id),
			unique (farm_id, kind, name)
		)`);
	// A key is a nozzle's id, or the name of a generic entry, which no table holds.
	await run(`
		create table shed_nozzle (
			farm_id uuid not null references farm (id),
			nozzle_key text not null check (length(nozzle_key) between 1 and 60),
			primary key (farm_id, nozzle_key)
		)`);
}
