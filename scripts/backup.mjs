// `npm run backup [-- FILE]`: all of the database in a file, while Fallow runs or not.
import { join, resolve } from 'node:path';
import { backup } from './lib/backup.mjs';
import { withDatabase } from './lib/with-database.mjs';
import { dataFolder } from './lib/paths.mjs';
import { main, say } from './lib/say.mjs';

await main(async () => {
	const stamp = new Date().toISOString().slice(0, 19).replaceAll(':', '-');
	const file = resolve(process.argv[2] ?? join(dataFolder(), 'backups', `by-hand-${stamp}.dump`));
	await withDatabase((url) => {
		const bytes = backup(url, file);
		say(`${file}, ${(bytes / 1e6).toFixed(1)} MB. Keep a copy on another machine.`);
	});
});
