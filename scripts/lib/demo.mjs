// Loads the invented farm into a database that has no sprayers yet.
import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { root } from './paths.mjs';
import { Plain, say } from './say.mjs';

/** Runs a TypeScript file of the project with the path aliases of the app. */
export function runTypeScript(file, args = [], env = {}) {
	return spawnSync(process.execPath, ['--import', 'tsx', join(root, file), ...args], {
		cwd: root,
		encoding: 'utf8',
		stdio: ['ignore', 'pipe', 'pipe'],
		env: { ...process.env, TSX_TSCONFIG_PATH: join(root, 'tsconfig.walls.json'), ...env }
	});
}

/** `people`: the invented people too; without them the demo is of somebody who works alone. */
export async function loadDemo(url, { people = false } = {}) {
	const loaded = runTypeScript('demo/load.ts', people ? ['--people'] : [], { DATABASE_URL: url });
	if (loaded.status !== 0) {
		const gone = /ECONNREFUSED|ENOTFOUND|ETIMEDOUT/.test(loaded.stderr);
		throw new Plain(
			gone
				? 'The database cannot be reached. Is the address in DATABASE_URL right, and is it running?'
				: `The demo farm could not be loaded: ${
						loaded.stderr
							.trim()
							.split('\n')
							.find((l) => /Error/.test(l)) ?? loaded.stderr.trim().split('\n').at(-1)
					}`
		);
	}
	if (loaded.stdout.trim()) say(loaded.stdout.trim());
}
