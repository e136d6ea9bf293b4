import { env } from '$env/dynamic/private';
import type { Connection } from './db/connect';
import { connect } from './db/connect';
import { firstFarm } from './db/farm';
import { migrate } from './db/migrate';
import { recompute } from './db/recompute';
import { log } from './log';
import { NewsDesk } from './news';
import { Door } from './people/door';
import { newToken } from './people/token';

/** The running server's database. Opened once, before the first request is answered. */
let connection: Connection | null = null;
let farmId: string | null = null;
let door: Door | null = null;
let news: NewsDesk | null = null;

export function database() {
	if (!connection || !farmId || !door || !news) throw new Error('the server has not started');
	return { db: connection.db, farmId, door, news };
}

export async function startApp(): Promise<void> {
	const url = env.DATABASE_URL;
	if (!url) throw new Error('DATABASE_URL is not set; `npm start` sets it');
	connection = connect(url, (error) => log('warn', 'database-connection-lost', { message: error.message }));
	const run = await migrate(connection.db);
	const recomputed = await recompute(connection.db);
	farmId = await firstFarm(connection.db);
	door = new Door({
		db: connection.db,
		// Without one handed in, whoever is signed in has to sign in again after a start.
		secret: env.FALLOW_SECRET || newToken(),
		loopback: env.FALLOW_LOOPBACK === '1',
		demo: env.FALLOW_DEMO === '1',
		setupCode: env.FALLOW_SETUP_CODE ?? ''
	});
	news = new NewsDesk({
		url,
		onError: (error) => log('warn', 'news-connection-lost', { message: error.message }),
		later: (milliseconds, run) => void setTimeout(run, milliseconds).unref()
	});
	await news.start();
	log('info', 'started', { migrations: run, recomputed });
}

export async function stopApp(): Promise<void> {
	await news?.close();
	await connection?.close();
	connection = null;
}
