import { env } from '$env/dynamic/private';
import { json } from '@sveltejs/kit';
import type { RequestHandler } from './$types';
import { messageOf } from '$lib/server/api';
import { database } from '$lib/server/app';
import { migrationState } from '$lib/server/db/migrate';
import { diskState } from '$lib/server/disk';
import { log } from '$lib/server/log';

/** Tells whether the server can work: the database answers, no migration is missing; and whether the disk of the data has room. */
export const GET: RequestHandler = async () => {
	const headers = { 'cache-control': 'no-store' };
	try {
		const migration = await migrationState(database().db);
		const ok = migration.pending === 0;
		// A disk that runs full is told and not taken for a server that has to be started again.
		return json(
			{ ok, database: 'up', migration, disk: await diskState(env.FALLOW_DATA) },
			{ status: ok ? 200 : 503, headers }
		);
	} catch (error) {
		log('warn', 'unhealthy', { message: messageOf(error) });
		return json(
			{ ok: false, database: 'down', migration: null, disk: await diskState(env.FALLOW_DATA) },
			{ status: 503, headers }
		);
	}
};
