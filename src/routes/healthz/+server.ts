import { json } from '@sveltejs/kit';
import type { RequestHandler } from './$types';
import { messageOf } from '$lib/server/api';
import { database } from '$lib/server/app';
import { migrationState } from '$lib/server/db/migrate';
import { log } from '$lib/server/log';

/** Tells whether the server can work: the database answers, and no migration is missing. */
export const GET: RequestHandler = async () => {
	const headers = { 'cache-control': 'no-store' };
	try {
		const migration = await migrationState(database().db);
		const ok = migration.pending === 0;
		return json({ ok, database: 'up', migration }, { status: ok ? 200 : 503, headers });
	} catch (error) {
		log('warn', 'unhealthy', { message: messageOf(error) });
		return json({ ok: false, database: 'down', migration: null }, { status: 503, headers });
	}
};
