import type { Kysely } from 'kysely';
import { sql } from 'kysely';

/** Jobs of their own without a calibration (spot work, walls), and what happens while a job is mixed and sprayed. */
export async function up(db: Kysely<unknown>): Promise<void> {
	const run = (text: string) => sql.raw(text).execute(db);
	await run('alter table job alter column calibration_id drop not null');
	await run(`
		alter table job
			add column sprayer_id uuid,
			add column state text not null default 'planned' check (state in ('planned', 'under-way', 'sprayed', 'closed')),
			add column loads_out integer not null default 0 check (loads_out >= 0),
			add column computed integer not null default 0`);
	await run(`
		update job j set sprayer_id = c.sprayer_id
		from calibration c where c.farm_id = j.farm_id and c.id = j.calibration_id`);
	await run(`
		alter table job add foreign key (farm_id, sprayer_id) references sprayer (farm_id, id)`);
	await run(`
		create table job_entry (
			id uuid not null,
			farm_id uuid not null,
			job_id uuid not null,
			seq integer not null check (seq >= 0),
			kind text not null,
			at timestamptz not null,
			body jsonb not null,
			received_at timestamptz not null default now(),
			primary key (farm_id, id),
			foreign key (farm_id, job_id) references job (farm_id, id)
		)`);
	await run(`
		create table job_use (
			farm_id uuid not null,
			job_id uuid not null,
			block_id uuid not null,
			product_id uuid not null,
			product text not null,
			day date not null,
			per_ground double precision not null check (per_ground >= 0),
			entry_hours double precision,
			primary key (farm_id, job_id, block_id, product_id),
			foreign key (farm_id, job_id) references job (farm_id, id) on delete cascade
		)`);
	await run('create index job_use_day on job_use (farm_id, day, block_id)');
	await run('create index job_entry_job on job_entry (farm_id, job_id, seq)');
}
