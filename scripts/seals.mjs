// `npm run seals`: whether every record of the log is as it was sealed. Works beside a running Fallow, or without one.
import { join, resolve } from 'node:path';
import { runTypeScript } from './lib/demo.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { dataFolder } from './lib/paths.mjs';
import { startPostgres } from './lib/postgres.mjs';
import { Plain, main } from './lib/say.mjs';

await main(async () => {
	const at = process.argv.indexOf('--anchor');
	const anchor = at < 0 ? [] : [resolve(process.argv[at + 1] ?? '')];
	await ensurePackages();
	const own = process.env.DATABASE_URL ? null : await startPostgres({ folder: join(dataFolder(), 'postgres') });
	try {
		const done = runTypeScript('scripts/seals-main.ts', anchor, {
			DATABASE_URL: process.env.DATABASE_URL ?? own.url,
			FALLOW_DATA: dataFolder()
		});
		process.stdout.write(done.stdout);
		if (done.status !== 0 && done.stdout === '')
			throw new Plain(
				`The seals could not be checked: ${done.stderr.split('\n').find((line) => /Error/.test(line)) ?? done.stderr.trim()}`
			);
		process.exitCode = done.status ?? 1;
	} finally {
		// A database that was running before goes on running.
		if (own?.launched) own.stop();
	}
});
