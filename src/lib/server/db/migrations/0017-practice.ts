import type { Kysely } from 'kysely';
import { sql } from 'kysely';

/**
 * Classes of the practice yard: one exercise and its seed under a code, and who works on it. Nothing here is a farm's record: nothing refers to
 * these rows, and none of them is in a farm's file.
 */
export async function up(db: Kysely<unknown>): Promise<void> {
	const run = (text: string) => sql.raw(text).execute(db);
	await run(`
		create table practice_class (
			farm_id uuid not null references farm (id),
			id uuid not null,
			code text not null unique check (code ~ '^[2-9A-HJ-NP-Z]{8}$'),
			exercise text not null,
			seed bigint not null,
			trainer text not null default '',
			ends_at timestamptz not null,
			ended_at timestamptz,
			created_at timestamptz not null default now(),
			primary key (farm_id, id)
		)`);
	await run(`
		create table practice_seat (
			farm_id uuid not null,
			id uuid not null,
			class_id uuid not null,
			name text not null check (length(name) between 1 and 60),
			token_hash text not null unique,
			work jsonb,
			seen_at timestamptz not null default now(),
			created_at timestamptz not null default now(),
			primary key (farm_id, id),
			foreign key (farm_id, class_id) references practice_class (farm_id, id)
		)`);
	await run('create index practice_seat_class on practice_seat (farm_id, class_id)');
}
