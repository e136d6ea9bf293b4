import { chmodSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect } from '@playwright/test';
import type { DemoJob } from '../../demo/jobs';
import { demoJobs } from '../../demo/jobs';
import type { RunEntry } from '../../src/core';
import { loadDemo } from '../../scripts/lib/demo.mjs';
import { startPostgres } from '../../scripts/lib/postgres.mjs';
import { startServer } from '../../scripts/lib/server.mjs';
import { Outbox, sendByHttp } from '../../src/lib/entries/outbox';
import type { Connection } from '../../src/lib/server/db/connect';
import { connect } from '../../src/lib/server/db/connect';
import type { FarmHandle } from '../../src/lib/server/db/farm';
import { MemoryLog } from './memory-store';

/**
 * A database of its own that keeps what it says it keeps (fsync on), since it is killed here, and servers on it. Devices
 * with Fallow's own outbox write jobs while either is killed at random points.
 */
export async function startFragile(servers = 1) {
	const folder = mkdtempSync(join(tmpdir(), 'fallow-killed-'));
	chmodSync(folder, 0o755);
	const database = (firstPort: number) => startPostgres({ folder: join(folder, 'postgres'), durable: true, firstPort });
	let postgres = await database(54_770);
	const { url } = postgres;
	const port = Number(new URL(url).port);
	const ports: number[] = Array.from({ length: servers }, () => 0);
	const serve = async (n: number) => {
		const server = await startServer({
			env: { DATABASE_URL: url, PORT: String(ports[n]), HOST: '127.0.0.1', ORIGIN: '' },
			logFile: 'test-results/server-killed.log'
		});
		ports[n] = server.port;
		return server;
	};
	const first = async () => {
		await loadDemo(url);
		const all = [];
		for (const n of ports.keys()) all.push(await serve(n));
		return all;
	};
	// Whatever is wrong with the farm or the server, the database of it does not stay behind.
	const running = await first().catch(async (error: unknown) => {
		await postgres.stop();
		rmSync(folder, { recursive: true, force: true });
		throw error;
	});
	let looking: Connection | null = null;
	const look = () => (looking ??= connect(url, () => undefined, 2));
	const stopLooking = async () => {
		await looking?.close();
		looking = null;
	};
	return {
		origin: (n = 0) => `http://127.0.0.1:${ports[n]}`,
		db: () => look().db,
		async kill(what: 'server' | 'database', n = 0) {
			if (what === 'server') {
				running[n]!.child.kill('SIGKILL');
				await running[n]!.exited;
			} else {
				await stopLooking();
				process.kill(Number(readFileSync(join(postgres.folder, 'postmaster.pid'), 'utf8').split('\n')[0]), 'SIGKILL');
			}
		},
		/** Takes what is sent to it and answers nothing: a signal that is there by name only. */
		freeze(n = 0) {
			running[n]!.child.kill('SIGSTOP');
		},
		thaw(n = 0) {
			running[n]!.child.kill('SIGCONT');
		},
		/** As an update does it: told to end, and waited for. */
		async letEnd(n: number) {
			await running[n]!.stop();
		},
		async start(what: 'server' | 'database', n = 0) {
			if (what === 'server') {
				running[n] = await serve(n);
				return;
			}
			// Its other processes notice by themselves that it is gone, and end.
			await expect
				.poll(async () => {
					try {
						postgres = await database(port);
						return postgres.url;
					} catch (error) {
						return String(error);
					}
				})
				.toBe(url);
		},
		async end() {
			await stopLooking();
			for (const server of running) await server.stop();
			postgres.stop();
			rmSync(folder, { recursive: true, force: true });
		}
	};
}
export type Fragile = Awaited<ReturnType<typeof startFragile>>;

/** A job of the demo farm that is planned, with all that will happen in it. */
export async function planned(farm: FarmHandle): Promise<DemoJob> {
	const [blocks, products, sprayers] = await Promise.all([
		farm.blocks.all(),
		farm.products.all(),
		farm.sprayers.list()
	]);
	const [job] = demoJobs(
		{
			block: (name) => blocks.find((b) => b.block.name === name)!.id,
			product: (name) => products.find((p) => p.label.name === name)!.id,
			calibration: (sprayer) => sprayers.find((s) => s.rig.name === sprayer)!.latest!.id
		},
		Date.now()
	);
	// The same job is on the demo farm already: a second one so soon has to say why.
	const passed = (['over-season', 'too-many-applications', 'too-few-days'] as const).map((code) => ({
		code,
		about: 'Sample Ochre',
		reason: 'sample'
	}));
	await farm.jobs.put({ ...job!.asked, reason: 'sample', passed });
	return job!;
}

/**
 * A device with Fallow's own outbox, that tries again at once, and notes what was acknowledged to it. As behind a proxy, a
 * server that cannot be reached is passed over for the next one.
 */
export function device(app: Pick<Fragile, 'origin'>, jobId: string, servers = 1) {
	type Log = { readonly id: string };
	const store = new MemoryLog<Log, RunEntry>();
	const acknowledged = new Set<string>();
	let state = 'sent';
	let online = true;
	let life = 0;
	const open = () => {
		const mine = (life += 1);
		const alive = () => mine === life;
		return new Outbox<Log, RunEntry>({
			store,
			send: async (log) => {
				if (!online) return { later: 'signal' };
				for (let n = 0; ; n += 1) {
					const address = ({ head, entries }: { head: Log; entries: readonly RunEntry[] }) => ({
						path: `${app.origin(n)}/api/jobs/${head.id}/entries`,
						body: { entries }
					});
					const answer = await sendByHttp<Log, RunEntry>(fetch, address, 10_000)(log);
					if ('later' in answer && answer.later === 'signal' && n + 1 < servers) continue;
					// Of a tab that is gone nobody hears an answer.
					if (!alive()) return { later: 'signal' };
					if ('acknowledged' in answer) for (const id of answer.acknowledged) acknowledged.add(id);
					return answer;
				}
			},
			later: (_, run) => {
				const timer = setTimeout(() => alive() && run(), 25);
				return () => clearTimeout(timer);
			},
			onStatus: (status) => alive() && (state = status.state)
		});
	};
	let outbox = open();
	return {
		acknowledged,
		state: () => state,
		async add(entry: RunEntry) {
			await store.create({ id: jobId });
			await store.add(jobId, entry);
			void outbox.added();
		},
		/** Its tab is killed and opened again: what was not acknowledged is still on the device. */
		reopen() {
			outbox = open();
			void outbox.added();
		},
		network(on: boolean) {
			online = on;
			if (on) void outbox.added();
		}
	};
}

/** Lets a random stretch of the work under way pass, by turns of the event loop and not by the clock. */
export const turns = async (n: number) => {
	for (let i = 0; i < n; i += 1) await new Promise((done) => setImmediate(done));
};
