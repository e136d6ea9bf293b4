import type { Kysely } from 'kysely';
import { sql } from 'kysely';

/**
 * Every server on this database hears of what was written, by whichever of them: the farm, what kind of thing, and which.
 * Told once a transaction for each thing, however many of its rows were written.
 */
export async function up(db: Kysely<unknown>): Promise<void> {
	const run = (text: string) => sql.raw(text).execute(db);
	await run(`
		create function tell_news() returns trigger language plpgsql as $$
		declare
			thing text := coalesce(to_jsonb(new)->>tg_argv[1], '');
		begin
			perform pg_notify('fallow_news', json_build_object('farm', new.farm_id, 'kind', tg_argv[0], 'id', thing)::text);
			return null;
		end $$`);
	const tell = (table: string, kind: string, column: string, when: string) =>
		run(
			`create trigger ${table}_news after ${when} on ${table} for each row execute function tell_news('${kind}', '${column}')`
		);
	await tell('round', 'calibration', 'id', 'insert');
	await tell('round_entry', 'calibration', 'round_id', 'insert');
	await tell('calibration', 'calibration', 'id', 'insert or update');
	await tell('job', 'job', 'id', 'insert or update');
	await tell('job_entry', 'job', 'job_id', 'insert');
	await tell('record', 'record', 'id', 'insert');
	await tell('product', 'product', 'id', 'insert or update');
	await tell('block', 'block', 'id', 'insert or update');
	await tell('sprayer', 'sprayer', 'id', 'insert or update');
}
