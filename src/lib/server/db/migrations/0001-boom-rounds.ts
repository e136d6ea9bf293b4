import type { Kysely } from 'kysely';
import { sql } from 'kysely';

/** Farms, boom sprayers, calibrations with their entries, signed-off calibrations and tank plans. */
export async function up(db: Kysely<unknown>): Promise<void> {
	await sql`
		create table farm (
			id uuid primary key,
			name text not null check (length(name) between 1 and 120),
			settings jsonb not null default '{}',
			created_at timestamptz not null default now()
		)`.execute(db);
	await sql`
		create table sprayer (
			id uuid not null,
			farm_id uuid not null references farm (id),
			rig jsonb not null,
			name text not null,
			kind text not null,
			tank_m3 double precision not null check (tank_m3 > 0),
			nozzle_count integer not null check (nozzle_count > 0),
			spacing_m double precision not null check (spacing_m > 0),
			created_at timestamptz not null default now(),
			updated_at timestamptz not null default now(),
			primary key (farm_id, id)
		)`.execute(db);
	await sql`
		create table round (
			id uuid not null,
			farm_id uuid not null references farm (id),
			sprayer_id uuid not null,
			rig jsonb not null,
			started_at timestamptz not null,
			received_at timestamptz not null default now(),
			primary key (farm_id, id),
			foreign key (farm_id, sprayer_id) references sprayer (farm_id, id)
		)`.execute(db);
	await sql`create index round_by_sprayer on round (farm_id, sprayer_id, started_at desc)`.execute(db);
	await sql`
		create table round_entry (
			id uuid not null,
			farm_id uuid not null,
			round_id uuid not null,
			seq integer not null check (seq >= 0),
			kind text not null,
			at timestamptz not null,
			body jsonb not null,
			received_at timestamptz not null default now(),
			primary key (farm_id, id),
			foreign key (farm_id, round_id) references round (farm_id, id)
		)`.execute(db);
	await sql`create index round_entry_in_order on round_entry (farm_id, round_id, seq, id)`.execute(db);
	await sql`
		create table calibration (
			id uuid not null,
			farm_id uuid not null,
			sprayer_id uuid not null,
			signed_by text not null,
			signed_day date not null,
			signed_at timestamptz not null,
			gear text not null,
			rpm integer,
			remarks text not null,
			method text not null,
			even_rule text not null check (even_rule in ('average', 'rated')),
			pressure_pa double precision not null check (pressure_pa > 0),
			rate_m3_per_m2 double precision not null check (rate_m3_per_m2 > 0),
			relative_u95 double precision not null check (relative_u95 >= 0),
			speed_m_s double precision not null check (speed_m_s > 0),
			width_m double precision not null check (width_m > 0),
			flow_m3_s double precision not null check (flow_m3_s > 0),
			nozzles_on integer not null check (nozzles_on > 0),
			budget jsonb not null,
			findings jsonb not null,
			created_at timestamptz not null default now(),
			primary key (farm_id, id),
			foreign key (farm_id, id) references round (farm_id, id),
			foreign key (farm_id, sprayer_id) references sprayer (farm_id, id)
		)`.execute(db);
	await sql`create index calibration_by_sprayer on calibration (farm_id, sprayer_id, signed_at desc, id desc)`.execute(
		db
	);
	await sql`
		create table tank_plan (
			id uuid not null,
			farm_id uuid not null,
			calibration_id uuid not null,
			input jsonb not null,
			area_m2 double precision not null check (area_m2 > 0),
			mix_m3 double precision not null check (mix_m3 > 0),
			load_count integer not null check (load_count > 0),
			created_at timestamptz not null default now(),
			primary key (farm_id, id),
			foreign key (farm_id, calibration_id) references calibration (farm_id, id)
		)`.execute(db);
	await sql`create index tank_plan_newest on tank_plan (farm_id, created_at desc)`.execute(db);
	await sql`create index tank_plan_by_calibration on tank_plan (farm_id, calibration_id, created_at desc)`.execute(db);
}
