import type { Kysely } from 'kysely';
import { sql } from 'kysely';

/** The farm's products, as their owner typed them from the labels. */
export async function up(db: Kysely<unknown>): Promise<void> {
	await sql
		.raw(
			`
		create table product (
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
	// One name is one product, however it is written.
	await sql.raw('create unique index product_name on product (farm_id, lower(name))').execute(db);
}
