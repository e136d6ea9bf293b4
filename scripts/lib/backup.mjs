// A whole database in a file, and back: PostgreSQL's own dump, in its own format.
import { spawnSync } from 'node:child_process';
import { mkdirSync, readdirSync, renameSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { runTypeScript } from './demo.mjs';
import { dataFolder } from './paths.mjs';
import { clientBin } from './postgres.mjs';
import { Plain } from './say.mjs';

/** Daily backups that are kept. */
const kept = 14;
const dailyName = /^fallow-\d{4}-\d\d-\d\d\.dump$/;

/** Runs a client program on a database; the password goes by the environment, never by the command line. */
function client(name, url, args) {
	const { hostname, port, username, password, pathname } = new URL(url);
	const run = spawnSync(
		clientBin(name),
		['-h', hostname, '-p', port || '5432', '-U', decodeURIComponent(username), '-d', pathname.slice(1), ...args],
		{
			encoding: 'utf8',
			stdio: ['ignore', 'pipe', 'pipe'],
			env: { PATH: '/usr/bin:/bin', LC_ALL: 'C', HOME: '/', PGPASSWORD: decodeURIComponent(password) }
		}
	);
	if (run.status === 0) return;
	const why = (run.stderr || String(run.error ?? '')).trim().split('\n').at(-1);
	throw new Plain(/No space left/i.test(run.stderr ?? '') ? 'The disk is full: nothing was written.' : why);
}

/** Writes all of a database to a file: beside it first, so that a file of this name is whole. */
export function backup(url, file) {
	mkdirSync(dirname(file), { recursive: true });
	const half = `${file}.half`;
	try {
		client('pg_dump', url, ['-Fc', '--no-owner', '-f', half]);
		renameSync(half, file);
	} finally {
		rmSync(half, { force: true });
	}
	anchor(url, anchorOf(file));
	return statSync(file).size;
}

/** The file beside a backup that says how many records are in it, and the newest seal, signed. */
const anchorOf = (file) => file.replace(/(\.dump)?$/, '.anchor.json');

function anchor(url, file) {
	const done = runTypeScript('scripts/seals-main.ts', ['--write', file], {
		DATABASE_URL: url,
		FALLOW_DATA: dataFolder()
	});
	if (done.status !== 0)
		throw new Plain(`The backup is written, its anchor is not: ${done.stderr.trim().split('\n').at(-1)}`);
}

/** Puts a file's database in the place of what is there, all of it or nothing. */
export function restore(url, file) {
	try {
		client('pg_restore', url, ['--clean', '--if-exists', '--no-owner', '--single-transaction', file]);
	} catch (error) {
		throw new Plain(`${file} could not be put back, and nothing was changed: ${error.message}`);
	}
}

/** The day's backup, where it is not there yet; older ones than the newest 14 go. What came of it is noted for Today. */
export function dailyBackup(url, folder, now) {
	const day = now.toISOString().slice(0, 10);
	const file = join(folder, `fallow-${day}.dump`);
	mkdirSync(folder, { recursive: true });
	const note = (what) => writeFileSync(join(folder, 'last.json'), JSON.stringify({ at: now.toISOString(), ...what }));
	try {
		if (!readdirSync(folder).includes(`fallow-${day}.dump`)) backup(url, file);
		const old = readdirSync(folder)
			.filter((name) => dailyName.test(name))
			.sort()
			.slice(0, -kept);
		for (const name of old) {
			rmSync(join(folder, name));
			rmSync(anchorOf(join(folder, name)), { force: true });
		}
		note({ ok: true, file: `fallow-${day}.dump` });
		return true;
	} catch (error) {
		try {
			note({ ok: false, message: error.message });
		} catch {
			// A full disk takes no note either: what is told then is that none came.
		}
		return false;
	}
}
