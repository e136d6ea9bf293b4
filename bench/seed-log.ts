import { v7 } from 'uuid';
import { demoAsked } from '../demo/jobs';
import { demoBlocks } from '../demo/ground';
import { demoProducts } from '../demo/products';
import type { SprayRecord } from '../src/core';
import { canonicalJson } from '../src/lib/server/canonical-json';
import { connect } from '../src/lib/server/db/connect';
import { farmHandle, firstFarm } from '../src/lib/server/db/farm';
import { firstSeal, sealOf } from '../src/lib/server/seal';
import { namesIn } from '../src/lib/server/db/record-chain';
import { openUntil, refillRecordUses } from '../src/lib/server/db/record-uses';
import { migrate } from '../src/lib/server/db/migrate';
import { Seeded } from '../tests/support/seeded';

// A long log: so many sealed records on 200 blocks over the twenty years up to today, in one true chain. The same seed, the
// same log.
const url = process.env.DATABASE_URL;
if (!url) throw new Error('DATABASE_URL is not set');
const count = Number(process.argv[2] ?? 100_000);
const { db, close } = connect(url, () => undefined, 2);
const random = new Seeded(20_260_314);
const pick = <T>(from: readonly T[]): T => from[Math.floor(random.next() * from.length)]!;
const now = Date.now();
const blocks = Array.from({ length: 200 }, (_, i) => ({ id: v7(), name: `Block ${i + 1}` }));
const targets = ['Sample mite', 'Sample rust', 'Thistles', 'Sample scab', 'Grasses'];
const people = ['A. Sample', 'B. Sample', 'C. Sample'];
const sprayers = ['Long-meadow boom', 'Hazel-row blower', 'Nursery knapsack'];

function record(i: number): SprayRecord {
	const day = new Date(now - Math.floor((1 - (i + 1) / count) * 7300) * 86_400_000).toISOString().slice(0, 10);
	const block = pick(blocks);
	const products = [pick(demoProducts), ...(random.next() < 0.4 ? [pick(demoProducts)] : [])];
	const area = 5000 + random.next() * 60_000;
	return {
		...demoAsked,
		format: 'fallow-record/1',
		day,
		startedAt: `${day}T08:00:00.000Z`,
		endedAt: `${day}T10:00:00.000Z`,
		blocks: [{ ...block, area, share: 1, part: null }],
		area,
		products: products.map((p) => ({
			id: p.name,
			name: p.name,
			registration: p.registration,
			group: p.group,
			dose: p.dose.low,
			kind: p.state === 'dry' ? 'mass' : 'volume',
			total: random.next(),
			perGround: 2e-7,
			entryHours: p.entryHours,
			harvestDays: p.harvestDays
		})),
		plannedVolume: 2e-5,
		trueVolume: 2e-5 * (0.95 + random.next() * 0.1),
		mix: area * 2e-5,
		sprayer: pick(sprayers),
		calibrationId: null,
		speed: 2,
		weather: { before: null, end: null },
		operator: pick(people),
		target: pick(targets)
	};
}

try {
	await migrate(db);
	const farmId = await firstFarm(db, 'Bench farm');
	const farm = (await farmHandle(db, farmId))!;
	await farm.products.takeIn(demoProducts);
	await farm.blocks.takeIn(
		blocks.map(({ id, name }, i) => ({ id, block: { ...demoBlocks[i % demoBlocks.length]!, name } }))
	);
	let previous = firstSeal;
	const names = new Map<string, ReturnType<typeof namesIn>[number]>();
	const size = 1000;
	for (let at = 0; at < count; at += size) {
		const rows = Array.from({ length: Math.min(size, count - at) }, (_, k) => {
			const body = record(at + k);
			const canonical = canonicalJson(body);
			const hash = sealOf(canonical, previous);
			for (const n of namesIn(body)) names.set(`${n.kind} ${n.name}`, n);
			const row = {
				id: v7(),
				farm_id: farmId,
				place: at + k + 1,
				job_id: null,
				amends: null,
				canonical,
				previous,
				hash,
				body: canonical,
				day: body.day,
				sprayer: body.sprayer,
				operator: body.operator,
				target: body.target,
				block_names: body.blocks.map((b) => b.name),
				product_names: body.products.map((p) => p.name),
				groups: body.products.map((p) => p.group).filter(Boolean),
				area_m2: body.area,
				open_until: openUntil(body)
			};
			previous = hash;
			return row;
		});
		await db.insertInto('record').values(rows).execute();
	}
	await db
		.insertInto('record_name')
		.values([...names.values()].map((n) => ({ farm_id: farmId, ...n })))
		.onConflict((oc) => oc.columns(['farm_id', 'kind', 'name']).doNothing())
		.execute();
	await db.transaction().execute((trx) => refillRecordUses(trx, { farmId, cropSeason: null }));
	process.stdout.write(`${count}`);
} finally {
	await close();
}
