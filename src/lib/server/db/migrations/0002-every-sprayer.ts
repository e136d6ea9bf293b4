import type { Kysely } from 'kysely';
import { sql } from 'kysely';

/** Settings, events, people, and calibrations that measure no speed, no width or no single nozzle. */
export async function up(db: Kysely<unknown>): Promise<void> {
	const run = (statement: string) => sql.raw(statement).execute(db);
	await run(`alter table sprayer alter column spacing_m drop not null, add column archived_at timestamptz`);
	await run(`
		create table setting (
			id uuid not null,
			farm_id uuid not null,
			sprayer_id uuid not null,
			position integer not null,
			name text not null check (length(name) between 1 and 60),
			body jsonb not null,
			created_at timestamptz not null default now(),
			updated_at timestamptz not null default now(),
			primary key (farm_id, id),
			foreign key (farm_id, sprayer_id) references sprayer (farm_id, id)
		)`);
	await run(`create index setting_by_sprayer on setting (farm_id, sprayer_id, position, id)`);
	// What stood before there were settings was done with everything on: each sprayer's first setting.
	await run(`
		insert into setting (id, farm_id, sprayer_id, position, name, body)
		select made.id, farm_id, sprayer_id, 0, 'All on',
			jsonb_build_object('id', made.id, 'name', 'All on', 'off', '[]'::jsonb, 'gear', '', 'rpm', null, 'pressure', null, 'note', '')
		from (select gen_random_uuid() as id, farm_id, id as sprayer_id from sprayer) made`);
	await run(`alter table round add column setting_id uuid, add column setting jsonb`);
	await run(`
		update round r set setting_id = s.id from setting s
		where s.farm_id = r.farm_id and s.sprayer_id = r.sprayer_id`);
	await run(`
		alter table round
			alter column setting_id set not null,
			add foreign key (farm_id, setting_id) references setting (farm_id, id)`);
	await run(`
		alter table calibration
			add column setting_id uuid,
			add column person text not null default '',
			add column skill jsonb not null default '{}',
			add column wear double precision,
			add column unevenness double precision check (unevenness >= 0),
			add column nozzles jsonb not null default '[]',
			add column computed integer not null default 1,
			alter column speed_m_s drop not null,
			alter column width_m drop not null,
			alter column flow_m3_s drop not null,
			alter column nozzles_on drop not null,
			alter column pressure_pa drop not null`);
	await run(`
		update calibration c set setting_id = r.setting_id from round r
		where r.farm_id = c.farm_id and r.id = c.id`);
	await run(`
		alter table calibration
			alter column setting_id set not null,
			add foreign key (farm_id, setting_id) references setting (farm_id, id)`);
	await run(`create index calibration_by_setting on calibration (farm_id, setting_id, signed_at desc, id desc)`);
	await run(`create index calibration_to_compute on calibration (computed)`);
	await run(`
		create table sprayer_event (
			id uuid not null,
			farm_id uuid not null,
			sprayer_id uuid not null,
			day date not null,
			what text not null,
			note text not null check (length(note) <= 400),
			created_at timestamptz not null default now(),
			primary key (farm_id, id),
			foreign key (farm_id, sprayer_id) references sprayer (farm_id, id)
		)`);
	await run(`create index sprayer_event_newest on sprayer_event (farm_id, sprayer_id, day desc, id desc)`);
}
