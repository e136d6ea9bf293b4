// Brings the locked npm packages in when they are missing or another lock file installed them, and compiles the words.
import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { root } from './paths.mjs';
import { Plain, say } from './say.mjs';

const stamp = join(root, 'node_modules', '.fallow-lock');

const lockHash = () =>
	createHash('sha256')
		.update(readFileSync(join(root, 'package-lock.json')))
		.digest('hex');

export async function ensurePackages({ quiet = false } = {}) {
	const wanted = lockHash();
	if (!existsSync(stamp) || readFileSync(stamp, 'utf8') !== wanted) install(wanted, quiet);
	// What stands in the catalogues is code like any other from here on.
	const { ensureWords } = await import('./words.mjs');
	await ensureWords();
}

function install(wanted, quiet) {
	if (!quiet) say('Installing the locked npm packages (about a minute) …');
	const done = spawnSync('npm', ['ci', '--no-audit', '--no-fund'], {
		cwd: root,
		encoding: 'utf8',
		stdio: ['ignore', 'pipe', 'pipe'],
		env: { ...process.env, NODE_ENV: 'development' }
	});
	if (done.status !== 0) {
		const why = `${done.stderr}\n${done.stdout}`.split('\n').filter((l) => /npm (error|ERR)/.test(l));
		throw new Plain(`npm ci failed: ${why.slice(0, 3).join(' ') || done.error?.message || `exit ${done.status}`}`);
	}
	mkdirSync(join(root, 'node_modules'), { recursive: true });
	writeFileSync(stamp, wanted);
}
