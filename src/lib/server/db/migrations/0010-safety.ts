import type { Kysely } from 'kysely';
import { sql } from 'kysely';

/**
 * What keeps people and crops safe: the width of field that a calibration's bands cover; when the spraying of each block of a
 * job ended, its intervals and its active ingredients; groups of premixes one by one. All computed: the next start fills it in.
 */
export async function up(db: Kysely<unknown>): Promise<void> {
	const run = (text: string) => sql.raw(text).execute(db);
	await run('alter table calibration add column field_width_m double precision check (field_width_m > 0)');
	await run(`
		alter table job_use
			add column last_day date,
			add column ended_at timestamptz,
			add column harvest_days double precision,
			add column actives jsonb not null default '[]'`);
	await run('update job_use set last_day = day');
	await run('alter table job_use alter column last_day set not null');
	await run('drop index job_use_day');
	await run('create index job_use_day on job_use (farm_id, last_day, block_id)');
	await run(`alter table record_use add column actives jsonb not null default '[]'`);
	// A premix holds several groups: each is found by itself.
	await run(`
		update record set groups = array(
			select distinct upper(trim(regexp_replace(part, '\\mgroups?\\M', '', 'i')))
			from unnest(groups) g, regexp_split_to_table(g, '[+,/;&]|\\mand\\M', 'i') part
			where trim(regexp_replace(part, '\\mgroups?\\M', '', 'i')) <> '')
		where exists (select from unnest(groups) g where g ~* '[+,/;&]|\\mand\\M|\\mgroups?\\M')`);
	// Sums go by the season of the crop from now on, and what may still run by its own last day: made anew at the next start.
	await run('delete from season_use');
}
