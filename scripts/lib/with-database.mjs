// Does something with the database of the data folder, started for it where it does not run.
import { join } from 'node:path';
import { dataFolder } from './paths.mjs';
import { startPostgres } from './postgres.mjs';

export async function withDatabase(use) {
	if (process.env.DATABASE_URL) return use(process.env.DATABASE_URL);
	const postgres = await startPostgres({ folder: join(dataFolder(), 'postgres') });
	try {
		return await use(postgres.url);
	} finally {
		if (postgres.launched) postgres.stop();
	}
}
