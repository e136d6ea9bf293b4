// Brings in Debian's packages where they are missing: as root by itself, else through sudo where that asks nothing.
import { spawnSync } from 'node:child_process';
import { Plain, say } from './say.mjs';

const isRoot = process.getuid?.() === 0;
const quiet = {
	stdio: ['ignore', 'ignore', 'pipe'],
	encoding: 'utf8',
	env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' }
};
const has = (command) => spawnSync('sh', ['-c', `command -v ${command}`], { stdio: 'ignore' }).status === 0;

/** Runs a command as root. */
export const asRoot = (...args) =>
	isRoot
		? spawnSync(args[0], args.slice(1), quiet)
		: spawnSync('sudo', ['-n', 'env', 'DEBIAN_FRONTEND=noninteractive', ...args], quiet);

/** Root is to be had, or the one line that a person has to type is told. */
export function needRoot(name, what) {
	if (!has('apt-get')) throw new Plain(`${what} is missing and this is no Debian. Install ${what} and start again.`);
	if (isRoot || (has('sudo') && spawnSync('sudo', ['-n', 'true'], { stdio: 'ignore' }).status === 0)) return;
	throw new Plain(
		`${what} is missing, and installing it takes root. Run this once, then start again:\n  sudo apt-get update && sudo apt-get install -y ${name}`
	);
}

let updated = false;

/** Installs one of Debian's packages. `what` is what a person calls it. */
export function installDebian(name, what) {
	needRoot(name, what);
	say(`Installing Debian's ${name} …`);
	if (!updated) asRoot('apt-get', 'update');
	updated = true;
	const done = asRoot('apt-get', 'install', '-y', '--no-install-recommends', name);
	if (done.status === 0) return;
	const why = done.stderr.trim().split('\n').at(-1);
	throw new Plain(
		/No space left/i.test(done.stderr)
			? `The disk is full: Debian's ${name} could not be installed.`
			: `Debian's ${name} could not be installed (${why}). Try by hand:\n  sudo apt-get install -y ${name}`
	);
}
