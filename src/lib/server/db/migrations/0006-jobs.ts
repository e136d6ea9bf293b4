import type { Kysely } from 'kysely';
import { sql } from 'kysely';

/** Jobs: ground, products and a calibration brought together, as they were when the job was planned. */
export async function up(db: Kysely<unknown>): Promise<void> {
	await sql
		.raw(
			`
		create table job (
			id uuid not null,
			farm_id uuid not null references farm (id),
			calibration_id uuid not null,
			day date not null,
			body jsonb not null,
			area_m2 double precision not null check (area_m2 > 0),
			mix_m3 double precision not null check (mix_m3 > 0),
			load_count integer not null check (load_count > 0),
			created_at timestamptz not null default now(),
			primary key (farm_id, id),
			foreign key (farm_id, calibration_id) references calibration (farm_id, id)
		)`
		)
		.execute(db);
	await sql.raw('create index job_day on job (farm_id, day, id)').execute(db);
	await sql.raw('create index job_calibration on job (farm_id, calibration_id)').execute(db);
}
