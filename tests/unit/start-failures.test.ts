import { spawn } from 'node:child_process';
import { chmodSync, mkdirSync, mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';

const folder = mkdtempSync(join(tmpdir(), 'fallow-start-'));
// As root the database runs as another user, who has to get in.
chmodSync(folder, 0o755);
afterAll(() => rmSync(folder, { recursive: true, force: true }));
const root = new URL('../../', import.meta.url).pathname;

/** Runs the start command with an environment until it ends by itself. */
function start(env: Record<string, string>): Promise<{ code: number | null; output: string }> {
	return new Promise((resolve) => {
		const child = spawn(process.execPath, [join(root, 'scripts/start.mjs')], {
			env: { ...process.env, DATABASE_URL: '', FALLOW_DATA: folder, PORT: '0', HOST: '127.0.0.1', ...env },
			stdio: ['ignore', 'pipe', 'pipe']
		});
		let output = '';
		for (const stream of [child.stdout, child.stderr]) stream.on('data', (d) => (output += d));
		child.on('close', (code) => resolve({ code, output }));
	});
}

/** One line from Fallow that names the trouble, no stack trace. */
function told(output: string): string {
	expect(output).not.toMatch(/\n\s+at |Error:/);
	const lines = output.split('\n').filter((line) => line.startsWith('Fallow: '));
	expect(lines).toHaveLength(1);
	return lines[0]!;
}

describe('a start that cannot be', () => {
	it('says that the port is taken, and how to choose another', async () => {
		const taken = createServer().listen(0, '127.0.0.1');
		await new Promise((done) => taken.once('listening', done));
		const { port } = taken.address() as { port: number };
		const { code, output } = await start({ PORT: String(port) });
		taken.close();
		expect(code).toBe(1);
		expect(told(output)).toContain(`Port ${port} on 127.0.0.1 is taken`);
	}, 60_000);

	it('says that the database cannot be reached, or that its address is wrong', async () => {
		const { code, output } = await start({ DATABASE_URL: 'postgres://nobody:x@127.0.0.1:9/none' });
		expect(code).toBe(1);
		expect(told(output)).toContain('The database cannot be reached');
	}, 120_000);

	it('refuses a half-written data folder, and deletes nothing of it', async () => {
		const half = join(folder, 'half');
		mkdirSync(join(half, 'postgres', 'base'), { recursive: true });
		writeFileSync(join(half, 'postgres', 'PG_VERSION'), '15\n');
		const { code, output } = await start({ FALLOW_DATA: half });
		expect(code).toBe(1);
		expect(told(output)).toContain('is half written');
		expect(told(output)).toContain('Nothing was deleted');
		expect(readdirSync(join(half, 'postgres')).sort()).toEqual(['PG_VERSION', 'base']);
	}, 120_000);

	it('says that a data folder cannot be written', async () => {
		writeFileSync(join(folder, 'a-file'), '');
		const { code, output } = await start({ FALLOW_DATA: join(folder, 'a-file', 'data') });
		expect(code).toBe(1);
		expect(told(output)).toContain('cannot be written to');
	}, 60_000);

	it('says that a port is none', async () => {
		const { code, output } = await start({ PORT: 'many', DATABASE_URL: 'postgres://nobody:x@127.0.0.1:9/none' });
		expect(code).toBe(1);
		expect(told(output)).toContain('“many”');
	}, 60_000);
});
