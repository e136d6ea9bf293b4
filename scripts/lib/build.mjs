// Builds the app when its sources are newer than what was built last.
import { spawn } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, readFileSync, readdirSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { root, viteBin } from './paths.mjs';
import { Plain, say } from './say.mjs';

const inputs = [
	'src',
	'static',
	'package-lock.json',
	'svelte.config.js',
	'vite.config.ts',
	'project.inlang/settings.json',
	'scripts/lib/one-language.mjs'
];
const stamp = join(root, 'build', '.sources');

function* filesUnder(path) {
	if (statSync(path).isFile()) yield path;
	else for (const name of readdirSync(path).sort()) yield* filesUnder(join(path, name));
}

function sourcesHash() {
	const hash = createHash('sha256');
	for (const input of inputs)
		for (const file of filesUnder(join(root, input)))
			if (!file.endsWith('.test.ts')) hash.update(file.slice(root.length)).update(readFileSync(file));
	return hash.digest('hex');
}

export async function ensureBuild() {
	const wanted = sourcesHash();
	if (existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted) return;
	say('Building the app (about a minute) …');
	const { code, output } = await new Promise((resolve) => {
		const child = spawn(process.execPath, [viteBin, 'build'], { cwd: root, stdio: ['ignore', 'pipe', 'pipe'] });
		let text = '';
		child.stdout.on('data', (d) => (text += d));
		child.stderr.on('data', (d) => (text += d));
		child.on('close', (exit) => resolve({ code: exit, output: text }));
	});
	if (code !== 0) {
		say(output.split('\n').slice(-25).join('\n'));
		throw new Plain(
			/ENOSPC/.test(output) ? 'The disk is full: the app could not be built.' : 'The app could not be built; see above.'
		);
	}
	writeFileSync(stamp, wanted);
}
