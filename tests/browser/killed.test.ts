import { test, expect } from '@playwright/test';
import { farmHandle, firstFarm } from '../../src/lib/server/db/farm';
import { device, planned, startFragile, turns } from '../support/fragile';
import { Seeded } from '../support/seeded';

test('a server or a database that is killed while a job is written loses nothing that was acknowledged, and keeps nothing twice', async () => {
	test.setTimeout(600_000);
	const app = await startFragile();
	try {
		const random = new Seeded(20_261_126);
		const farmId = await firstFarm(app.db());
		let killedMidway = 0;
		for (let calibration = 0; calibration < 8; calibration += 1) {
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
		for (let calibration = 0; calibration < 4; calibration += 1) {
			const { asked, entries } = await planned((await farmHandle(app.db(), farmId))!);
			await (await farmHandle(app.db(), farmId))!.jobRuns.put(asked.id, entries);
			const what = calibration % 2 ? 'server' : 'database';
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
