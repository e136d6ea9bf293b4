// `npm run restore -- FILE`: puts a backup in the place of what is there, which is backed up first.
import { existsSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { backup, restore } from './lib/backup.mjs';
import { withDatabase } from './lib/with-database.mjs';
import { dataFolder } from './lib/paths.mjs';
import { runningOn } from './lib/running.mjs';
import { Plain, main, say } from './lib/say.mjs';

await main(async () => {
	const [name] = process.argv.slice(2);
	if (!name) throw new Plain('Name the file: npm run restore -- backups/fallow-2026-03-14.dump');
	const file = resolve(name);
	if (!existsSync(file)) throw new Plain(`There is no file ${file}.`);
	const running = runningOn(dataFolder());
	if (running) throw new Plain(`Fallow is running at ${running.address}. Stop it first, then restore.`);
	await withDatabase((url) => {
		const before = join(
			dataFolder(),
			'backups',
			`before-restore-${new Date().toISOString().slice(0, 19).replaceAll(':', '-')}.dump`
		);
		backup(url, before);
		say(`What was there is in ${before}.`);
		restore(url, file);
		say(`${file} is back.`);
	});
});
