import { v7 } from 'uuid';
import type { Kysely } from 'kysely';
import { farmHandle } from '../src/lib/server/db/farm';
import type { Database } from '../src/lib/server/db/schema';
import { demoFarm, demoMixes, demoPlan, messageOf, pastCalibrations } from './farm';
import { demoBlocks } from './ground';
import { demoAsked, demoJobs } from './jobs';
import { demoNozzles, demoShed } from './nozzles';
import { pastRecords } from './past-records';
import { demoProducts } from './products';
import { demoSprayers, hazelBlower, longMeadow } from './sprayers';

/** Fills an empty farm with all that the demo shows, as its people would have entered it up to `now` (ms). */
export async function fillDemo(db: Kysely<Database>, farmId: string, now: number): Promise<void> {
	await (await farmHandle(db, farmId))!.saveFarm(demoFarm.name, demoFarm.settings);
	const farm = (await farmHandle(db, farmId))!;
	const ids = new Map(demoSprayers.map((sprayer) => [sprayer, v7()] as const));
	for (const [sprayer, id] of ids) await farm.sprayers.put(id, sprayer);
	const blower = ids.get(hazelBlower)!;
	const [both] = await farm.sprayerSettings.of(blower);
	for (const [name, off] of [
		['Left only', [1]],
		['Right only', [0]]
	] as const)
		await farm.sprayerSettings.put(blower, hazelBlower, { ...both!, id: v7(), name, off: [...off] });
	await farm.nozzles.takeIn(demoNozzles);
	await farm.products.takeIn(demoProducts);
	const blockIds = new Map(demoBlocks.map((block) => [block.name, v7()] as const));
	await farm.blocks.takeIn(demoBlocks.map((block) => ({ id: blockIds.get(block.name)!, block })));
	for (const key of demoShed) await farm.nozzles.shed(key, true);
	let newest = '';
	const calibrations = new Map<string, string>();
	for (const past of pastCalibrations) {
		const id = ids.get(past.rig)!;
		const [setting] = await farm.sprayerSettings.of(id);
		const message = messageOf(past, id, now, setting);
		await farm.calibrationLogs.put(message);
		if (past.rig === longMeadow) newest = message.round.id;
		calibrations.set(past.rig.name, message.round.id);
	}
	await farm.tankPlans.put(v7(), newest, demoPlan);
	for (const mix of demoMixes) await farm.tankMixes.put(v7(), mix);
	const products = new Map((await farm.products.all()).map((p) => [p.label.name, p.id]));
	await farm.records.takeIn(pastRecords(now, (name) => blockIds.get(name)!));
	for (const { asked, entries } of demoJobs(
		{
			block: (name) => blockIds.get(name)!,
			product: (name) => products.get(name)!,
			calibration: (sprayer) => calibrations.get(sprayer)!
		},
		now
	)) {
		await farm.jobs.put(asked);
		await farm.jobRuns.put(asked.id, entries);
		if (entries.some((e) => e.kind === 'close')) await farm.records.seal(asked.id, demoAsked, []);
	}
}
