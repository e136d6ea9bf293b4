import { spawn } from 'node:child_process';
import { chmodSync, mkdirSync, mkdtempSync, readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';
import { dailyBackup } from '../../scripts/lib/backup.mjs';
import { backupTrouble } from '../../src/lib/server/backup-state';

const folder = mkdtempSync(join(tmpdir(), 'fallow-keeps-'));
chmodSync(folder, 0o755);
afterAll(() => rmSync(folder, { recursive: true, force: true }));
const root = new URL('../../', import.meta.url).pathname;
const env = { ...process.env, DATABASE_URL: '', FALLOW_DATA: folder, PORT: '0', HOST: '127.0.0.1', ORIGIN: '' };

/** Runs a script of the project; what it prints can be waited for. */
function run(script: string, ...args: string[]) {
	const child = spawn(process.execPath, [join(root, 'scripts', script), ...args], {
		env,
		stdio: ['ignore', 'pipe', 'pipe']
	});
	let output = '';
	const hearers = new Set<() => void>();
	for (const stream of [child.stdout, child.stderr])
		stream.on('data', (d) => {
			output += d;
			for (const hear of [...hearers]) hear();
		});
	const ended = new Promise<number | null>((done) => child.on('close', done));
	const says = (pattern: RegExp) =>
		new Promise<RegExpExecArray>((done, fail) => {
			const hear = () => {
				const found = pattern.exec(output);
				if (!found) return;
				hearers.delete(hear);
				done(found);
			};
			hearers.add(hear);
			void ended.then(() => fail(new Error(`ended before ${pattern}: ${output}`)));
			hear();
		});
	return { child, ended, says, output: () => output };
}

/** The process of the server that a start has made. */
function serverOf(start: number): number {
	for (const name of readdirSync('/proc').filter((n) => /^\d+$/.test(n))) {
		try {
			const status = readFileSync(`/proc/${name}/status`, 'utf8');
			const command = readFileSync(`/proc/${name}/cmdline`, 'utf8');
			if (new RegExp(`^PPid:\\s*${start}$`, 'm').test(status) && command.includes('serve.mjs')) return Number(name);
		} catch {
			// It has ended while it was looked at.
		}
	}
	throw new Error('no server');
}

describe('a start that goes on', () => {
	it('starts again what was killed, tells a second start where the first is, and keeps a backup that comes back', async () => {
		const first = run('start.mjs');
		const [, address] = await first.says(/ready at (http:\/\/\S+)/);
		const health = async () => (await fetch(`${address}/healthz`)).status;
		expect(await health()).toBe(200);

		const second = run('start.mjs');
		expect(await second.ended).toBe(0);
		expect(second.output()).toContain(`running already at ${address}`);
		expect(await health()).toBe(200);

		process.kill(serverOf(first.child.pid!), 'SIGKILL');
		await first.says(/The server is back/);
		expect(await health()).toBe(200);

		const postmaster = Number(readFileSync(join(folder, 'postgres', 'postmaster.pid'), 'utf8').split('\n')[0]);
		process.kill(postmaster, 'SIGKILL');
		await first.says(/The database is back/);
		// The pool finds out with its next question that its connections are gone.
		const answers = async () => {
			for (let i = 0; i < 20; i += 1) if ((await fetch(`${address}/api/farm`)).ok) return true;
			return false;
		};
		expect(await answers()).toBe(true);

		const [daily] = readdirSync(join(folder, 'backups')).filter((name) => name.endsWith('.dump'));
		expect(daily).toMatch(/^fallow-\d{4}-\d\d-\d\d\.dump$/);
		expect(backupTrouble(join(folder, 'backups'), Date.now())).toBeNull();
		const refused = run('restore.mjs', join(folder, 'backups', daily!));
		expect(await refused.ended).toBe(1);
		expect(refused.output()).toContain('Stop it first');

		first.child.kill('SIGTERM');
		expect(await first.ended).toBe(0);
		const back = run('restore.mjs', join(folder, 'backups', daily!));
		expect(await back.ended).toBe(0);
		expect(back.output()).toContain('is back');
		expect(readdirSync(join(folder, 'backups')).some((name) => name.startsWith('before-restore-'))).toBe(true);
		const gone = run('restore.mjs', join(folder, 'backups', 'nowhere.dump'));
		expect(await gone.ended).toBe(1);
		expect(gone.output()).toContain('There is no file');
	}, 400_000);
});

describe('the daily backup', () => {
	it('says what is wrong where it cannot be made, and keeps fourteen', () => {
		const backups = join(folder, 'failing');
		mkdirSync(backups, { recursive: true });
		expect(backupTrouble(backups, Date.now())).toEqual({ at: null, message: '' });
		for (let day = 10; day < 30; day += 1) writeFileSync(join(backups, `fallow-2026-01-${day}.dump`), 'x');
		const now = new Date('2026-01-29T10:00:00.000Z');
		expect(dailyBackup('postgres://nobody:x@127.0.0.1:9/none', backups, now)).toBe(true);
		expect(readdirSync(backups).filter((name) => name.endsWith('.dump'))).toHaveLength(14);
		expect(dailyBackup('postgres://nobody:x@127.0.0.1:9/none', backups, new Date('2026-01-30T10:00:00.000Z'))).toBe(
			false
		);
		expect(backupTrouble(backups, Date.parse('2026-01-30T11:00:00.000Z'))).toMatchObject({
			at: '2026-01-30T10:00:00.000Z'
		});
		// The newest that came is kept.
		expect(readdirSync(backups)).toContain('fallow-2026-01-29.dump');
	});

	it('is missed after a day and some', () => {
		const backups = join(folder, 'old');
		mkdirSync(backups, { recursive: true });
		writeFileSync(join(backups, 'last.json'), JSON.stringify({ at: '2026-01-01T00:00:00.000Z', ok: true }));
		expect(backupTrouble(backups, Date.parse('2026-01-01T20:00:00.000Z'))).toBeNull();
		expect(backupTrouble(backups, Date.parse('2026-01-03T00:00:00.000Z'))).toEqual({
			at: '2026-01-01T00:00:00.000Z',
			message: ''
		});
		expect(backupTrouble(undefined, 0)).toBeNull();
		writeFileSync(join(backups, 'last.json'), 'not json');
		expect(backupTrouble(backups, 0)).toEqual({ at: null, message: '' });
	});
});
