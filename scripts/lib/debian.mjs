// Brings in Debian's packages where they are missing: as root by itself, else through sudo where that asks nothing.
import { spawnSync } from 'node:child_process';
import { Plain, say } from './say.mjs';

const quiet = {
	stdio: ['ignore', 'ignore', 'pipe'],
	encoding: 'utf8',
	env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' }
};
const has = (command) => spawnSync('sh', ['-c', `command -v ${command}`], { stdio: 'ignore' }).status === 0;

/** Installs one of Debian's packages, or says in one line what a person has to type. */
export function installDebian(name, what) {
	const byHand = `sudo apt-get update && sudo apt-get install -y ${name}`;
	if (!has('apt-get')) throw new Plain(`${what} is missing and this is no Debian. Install ${what} and start again.`);
	const root = process.getuid?.() === 0;
	if (!root && (!has('sudo') || spawnSync('sudo', ['-n', 'true'], { stdio: 'ignore' }).status !== 0))
		throw new Plain(`${what} is missing, and installing it takes root. Run this once, then start again:\n  ${byHand}`);
	say(`Installing Debian's ${name} …`);
	const run = (...args) =>
		root ? spawnSync(args[0], args.slice(1), quiet) : spawnSync('sudo', ['-n', ...args], quiet);
	run('apt-get', 'update');
	const done = run('apt-get', 'install', '-y', '--no-install-recommends', name);
	if (done.status !== 0)
		throw new Plain(
			`Debian's ${name} could not be installed (${done.stderr.trim().split('\n').at(-1)}). Try by hand:\n  ${byHand}`
		);
}
