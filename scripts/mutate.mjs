// `npm run mutate -- run loads`: small changes to the core, one at a time, and whether a test notices; by room, all without a name.
import { spawnSync } from 'node:child_process';
import { ensurePackages } from './lib/packages.mjs';

await ensurePackages();
const rooms = process.argv.slice(2);
const globs = (rooms.length > 0 ? rooms : ['*']).flatMap((room) => [`src/core/${room}/**/*.ts`]);
const done = spawnSync(
	process.execPath,
	[
		'node_modules/@stryker-mutator/core/bin/stryker.js',
		'run',
		'--mutate',
		[...globs, '!src/core/**/*.test.ts', '!src/core/tsconfig.json'].join(',')
	],
	{ stdio: 'inherit' }
);
process.exitCode = done.status ?? 1;
