import { test, expect } from '@playwright/test';
import { v7 } from 'uuid';
import type { RunEntry, VolumePerArea } from '../../src/core';
import { runOfJob } from '../../src/core';
import { farmHandle, firstFarm } from '../../src/lib/server/db/farm';
import { device, planned, startFragile, turns } from '../support/fragile';
import { Seeded } from '../support/seeded';

/** Kills in all; `FALLOW_KILLS=1000` for the long form. */
const kills = Number(process.env.FALLOW_KILLS ?? 12);
const perJob = 6;
const kinds = ['server', 'database', 'update', 'tab', 'network'] as const;

/**
 * Jobs written by three devices over two servers on one database, while servers, database, tabs and networks are killed at
 * random points and servers are updated one after the other: nothing that was acknowledged is lost, nothing is there twice,
 * and every step that two devices ticked is asked about.
 */
test('three devices, two servers, a database: killed at random, nothing acknowledged is lost and every conflict is asked about', async () => {
	test.setTimeout(600_000 + kills * 6000);
	const app = await startFragile(2);
	const random = new Seeded(20_261_129);
	const counts: Record<string, number> = {};
	try {
		const farmId = await firstFarm(app.db());
		for (let done = 0; done < kills; done += perJob) {
			const { asked, entries } = await planned((await farmHandle(app.db(), farmId))!);
			const devices = [0, 1, 2].map(() => device(app, asked.id, 2));
			// The second device ticks some steps that the first ticked; the third some others.
			const ticks = entries.filter((e): e is Extract<RunEntry, { kind: 'tick' }> => e.kind === 'tick');
			const twice = ticks.filter(() => random.next() < 0.3);
			const work = [
				...entries.map((entry) => ({ by: 0, entry })),
				...twice.map((tick, i) => ({
					by: 1 + (i % 2),
					entry: { ...tick, id: v7(), seq: 500 + i, at: new Date(Date.parse(tick.at) + 30_000).toISOString() }
				}))
			];
			// At which entries something happens, and until which it stays so.
			const plan = Array.from({ length: perJob }, () => ({
				at: random.whole(0, work.length - 1),
				what: kinds[random.whole(0, kinds.length - 1)]!,
				n: random.whole(0, 1),
				who: random.whole(0, 2)
			}));
			for (const [i, { by, entry }] of work.entries()) {
				await devices[by]!.add(entry);
				await turns(random.whole(0, 40));
				for (const { what, n, who } of plan.filter((p) => p.at === i)) {
					counts[what] = (counts[what] ?? 0) + 1;
					await turns(random.whole(0, 200));
					if (what === 'tab') devices[who]!.reopen();
					else if (what === 'network') {
						devices[who]!.network(false);
						await turns(random.whole(0, 400));
						devices[who]!.network(true);
					} else if (what === 'update') {
						// One after the other: there is always a server that answers.
						for (const one of [0, 1]) {
							await app.letEnd(one);
							await app.start('server', one);
						}
					} else {
						await app.kill(what, n);
						await turns(random.whole(0, 100));
						await app.start(what, n);
						// Before anything is sent again: all that was acknowledged is there.
						const there = new Set(
							(await app.db().selectFrom('job_entry').select('id').where('job_id', '=', asked.id).execute()).map(
								(row) => row.id
							)
						);
						for (const one of devices) expect([...one.acknowledged].filter((id) => !there.has(id))).toEqual([]);
					}
				}
			}
			for (const one of devices) await expect.poll(() => one.state(), { timeout: 60_000 }).toBe('sent');
			const rows = await app
				.db()
				.selectFrom('job_entry')
				.select(['id', 'body'])
				.where('job_id', '=', asked.id)
				.execute();
			// All that was written is there, once.
			expect(rows.map((row) => row.id).sort()).toEqual(work.map((w) => w.entry.id).sort());
			const job = await (await farmHandle(app.db(), farmId))!.jobs.get(asked.id);
			const made = runOfJob(
				{ job: job.job, rate: job.rate as VolumePerArea | null },
				rows.map((row) => row.body)
			);
			expect(made.ok).toBe(true);
			const questions = made.ok ? made.value.run.loads.flatMap((l) => l.twice.map((t) => `${t.load} ${t.step}`)) : [];
			expect(questions.sort()).toEqual(twice.map((t) => `${t.load} ${t.step}`).sort());
		}
		// Told, so that a run of any length says what it was.
		test.info().annotations.push({ type: 'kills', description: JSON.stringify(counts) });
		expect(Object.values(counts).reduce((a, b) => a + b, 0)).toBeGreaterThanOrEqual(kills);
	} finally {
		await app.end();
	}
});
