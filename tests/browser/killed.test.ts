import { chmodSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { test, expect } from '@playwright/test';
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
import { farmHandle, firstFarm } from '../../src/lib/server/db/farm';
import { MemoryLog } from '../support/memory-store';
import { Seeded } from '../support/seeded';

/**
 * A database of its own that keeps what it says it keeps (fsync on), since it is killed here, and a server on it. A device
 * with Fallow's own outbox writes a job while either is killed at random points.
 */
async function startFragile() {
	const folder = mkdtempSync(join(tmpdir(), 'fallow-killed-'));
	chmodSync(folder, 0o755);
	const database = () => startPostgres({ folder: join(folder, 'postgres'), durable: true, firstPort: 54_770 });
	let postgres = await database();
	const { url } = postgres;
	let port = 0;
	const serve = async () => {
		const server = await startServer({
			env: { DATABASE_URL: url, PORT: String(port), HOST: '127.0.0.1', ORIGIN: '' },
			logFile: 'test-results/server-killed.log'
		});
		({ port } = server);
		return server;
	};
	const first = async () => {
		await loadDemo(url);
		return serve();
	};
	// Whatever is wrong with the farm or the server, the database of it does not stay behind.
	let server = await first().catch(async (error: unknown) => {
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
		origin: () => `http://127.0.0.1:${port}`,
		db: () => look().db,
		async kill(what: 'server' | 'database') {
			await stopLooking();
			if (what === 'server') {
				server.child.kill('SIGKILL');
				await server.exited;
			} else {
				process.kill(Number(readFileSync(join(postgres.folder, 'postmaster.pid'), 'utf8').split('\n')[0]), 'SIGKILL');
			}
		},
		async start(what: 'server' | 'database') {
			if (what === 'server') {
				server = await serve();
				return;
			}
			// Its other processes notice by themselves that it is gone, and end.
			await expect
				.poll(async () => {
					try {
						postgres = await database();
						return postgres.url;
					} catch (error) {
						return String(error);
					}
				})
				.toBe(url);
		},
		async end() {
			await stopLooking();
			await server.stop();
			postgres.stop();
			rmSync(folder, { recursive: true, force: true });
		}
	};
}
type Fragile = Awaited<ReturnType<typeof startFragile>>;

/** A job of the demo farm that is planned, with all that will happen in it. */
async function planned(farm: FarmHandle): Promise<DemoJob> {
	const [blocks, products, sprayers] = await Promise.all([
		farm.blocks.all(),
		farm.products.all(),
		farm.sprayers.list()
	]);
	const [job] = demoJobs(
		{
			block: (name) => blocks.find((b) => b.block.name === name)!.id,
			product: (name) => products.find((p) => p.label.name === name)!.id,
			calibration: (rig) => sprayers.find((s) => s.rig.name === rig)!.latest!.id
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

/** A device with Fallow's own outbox, that tries again at once, and notes what was acknowledged to it. */
function device(app: Fragile, jobId: string) {
	const store = new MemoryLog<{ readonly id: string }, RunEntry>();
	const acknowledged = new Set<string>();
	const send = sendByHttp<{ readonly id: string }, RunEntry>(fetch, ({ head, entries }) => ({
		path: `${app.origin()}/api/jobs/${head.id}/entries`,
		body: { entries }
	}));
	let state = 'sent';
	const outbox = new Outbox<{ readonly id: string }, RunEntry>({
		store,
		send: async (log) => {
			const answer = await send(log);
			if (answer && 'acknowledged' in answer) for (const id of answer.acknowledged) acknowledged.add(id);
			return answer;
		},
		later: (_, run) => {
			const timer = setTimeout(run, 25);
			return () => clearTimeout(timer);
		},
		onStatus: (status) => (state = status.state)
	});
	return {
		acknowledged,
		state: () => state,
		async add(entry: RunEntry) {
			await store.create({ id: jobId });
			await store.add(jobId, entry);
			void outbox.added();
		}
	};
}

/** Lets a random stretch of the work under way pass, by turns of the event loop and not by the clock. */
const turns = async (n: number) => {
	for (let i = 0; i < n; i += 1) await new Promise((done) => setImmediate(done));
};

test('a server or a database that is killed while a job is written loses nothing that was acknowledged, and keeps nothing twice', async () => {
	test.setTimeout(600_000);
	const app = await startFragile();
	try {
		const random = new Seeded(20_261_126);
		const farmId = await firstFarm(app.db());
		let killedMidway = 0;
		for (let round = 0; round < 8; round += 1) {
			const { asked, entries } = await planned((await farmHandle(app.db(), farmId))!);
			const phone = device(app, asked.id);
			const what = random.next() < 0.5 ? 'server' : 'database';
			const from = 1 + Math.floor(random.next() * (entries.length - 2));
			const back = from + 1 + Math.floor(random.next() * (entries.length - from - 1));
			for (const [i, entry] of entries.entries()) {
				await phone.add(entry);
				await turns(Math.floor(random.next() * 60));
				if (i === from) {
					await turns(Math.floor(random.next() * 400));
					if (phone.state() === 'sending') killedMidway += 1;
					await app.kill(what);
				}
				if (i === back) {
					await app.start(what);
					// Before anything is sent again: all that was acknowledged is there.
					const told = [...phone.acknowledged];
					const there = await app.db().selectFrom('job_entry').select('id').where('job_id', '=', asked.id).execute();
					expect(told.filter((id) => !there.some((row) => row.id === id))).toEqual([]);
				}
			}
			await expect.poll(() => phone.state()).toBe('sent');
			const rows = await app
				.db()
				.selectFrom('job_entry')
				.select(['id', 'body'])
				.where('job_id', '=', asked.id)
				.orderBy('seq')
				.execute();
			expect(rows.map((row) => row.body)).toEqual(entries);
			const job = await app
				.db()
				.selectFrom('job')
				.select(['state', 'loads_out', 'sprayed_s'])
				.where('id', '=', asked.id)
				.executeTakeFirstOrThrow();
			// As if nobody had been killed: both loads out, 52 and 38 minutes of spraying.
			expect(job).toEqual({ state: 'closed', loads_out: 2, sprayed_s: (52 + 38) * 60 });
		}
		// The kills were no mere pauses: some came while a message was on its way.
		expect(killedMidway).toBeGreaterThan(0);

		// Sealing, with a kill at a random point of it: one record, and a chain that holds.
		for (let round = 0; round < 4; round += 1) {
			const { asked, entries } = await planned((await farmHandle(app.db(), farmId))!);
			await (await farmHandle(app.db(), farmId))!.jobRuns.put(asked.id, entries);
			const what = round % 2 ? 'server' : 'database';
			const seal = () =>
				fetch(`${app.origin()}/jobs/${asked.id}/record`, {
					method: 'POST',
					headers: {
						'content-type': 'application/x-www-form-urlencoded',
						accept: 'text/html',
						origin: app.origin()
					},
					body: 'operator=A.+Sample',
					redirect: 'manual'
				}).then(
					(r) => r.status,
					() => 0
				);
			const trying = seal();
			await turns(Math.floor(random.next() * 500));
			await app.kill(what);
			const first = await trying;
			await app.start(what);
			const there = async () =>
				(await app.db().selectFrom('record').select('id').where('job_id', '=', asked.id).execute()).length;
			if (first === 303) expect(await there()).toBe(1);
			await expect.poll(seal).toBe(303);
			expect(await there()).toBe(1);
		}
		expect((await (await farmHandle(app.db(), farmId))!.records.check()).broken).toBeNull();
	} finally {
		await app.end();
	}
});
