import { sql } from 'kysely';
import { v7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { demoAsked } from '../../demo/jobs';
import { demoProducts } from '../../demo/products';
import type { SprayRecord } from '../../src/core';
import { logFilterSchema } from '../../src/lib/wire/record';
import { readRecordFile } from '../../src/lib/files/record-files';
import { refillRecordNames } from '../../src/lib/server/db/record-chain';
import { refillOldLogs, refillRecordUses } from '../../src/lib/server/db/record-uses';
import { makePdf } from '../../src/lib/server/pdf/make-pdf';
import { seasonPdf } from '../../src/lib/server/pdf/season-pdf';
import { seasonSums } from '../../src/lib/server/season-page';
import { farmDatabase } from '../support/database';
import { t } from '../support/entries';
import { Seeded } from '../support/seeded';

let made: Awaited<ReturnType<typeof farmDatabase>>;
beforeAll(async () => {
	made = await farmDatabase();
	await made.farm.products.takeIn(demoProducts);
});
afterAll(() => made.drop());

const random = new Seeded(42);
const pick = <T>(from: readonly T[]): T => from[Math.floor(random.next() * from.length)]!;
function record(change: Partial<SprayRecord> = {}): SprayRecord {
	const product = pick(demoProducts);
	return {
		...demoAsked,
		format: 'fallow-record/1',
		day: `202${5 + Math.floor(random.next() * 2)}-0${1 + Math.floor(random.next() * 9)}-1${Math.floor(random.next() * 10)}`,
		startedAt: null,
		endedAt: null,
		blocks: [
			{ id: '', name: pick(['A', 'B', 'C']), area: 10_000, share: 1, part: null },
			...(random.next() < 0.3 ? [{ id: '', name: 'D', area: 30_000, share: 0.5, part: null }] : [])
		],
		area: 10_000,
		products: [
			{
				id: '',
				name: product.name,
				registration: '',
				group: product.group,
				dose: t('1 L/ha', 'L/ha'),
				kind: product.state === 'dry' ? 'mass' : 'volume',
				total: random.next(),
				perGround: random.next() * 1e-6,
				entryHours: 12,
				harvestDays: 7
			}
		],
		plannedVolume: 2e-5,
		trueVolume: 2e-5,
		mix: 0.2,
		sprayer: 'Boom',
		calibrationId: null,
		takenIn: true,
		speed: null,
		weather: { before: null, end: null },
		...change
	};
}
const sums = async () =>
	(
		await sql<object>`select year, block, product, kind, round(per_ground::numeric, 12) g, round(total::numeric, 12) t, times
			from season_use where farm_id = ${made.farm.id} order by year, block, product, kind`.execute(made.db)
	).rows;

describe('records from a file', () => {
	it('are sealed once, whatever their order and however often the file comes', async () => {
		const { farm } = made;
		const later = {
			format: 'fallow-amendment/1',
			by: 'B. Sample',
			at: '2026-05-02T08:00:00Z',
			text: 'Windy.'
		} as const;
		const list = Array.from({ length: 60 }, (_, i) => ({
			id: i % 2 ? v7() : '',
			record: record(),
			amendments: i === 0 ? [later] : []
		}));
		expect(await farm.records.takeIn(list)).toEqual({ taken: 60, known: 0 });
		expect(await farm.records.takeIn([...list].reverse())).toEqual({ taken: 0, known: 60 });
		expect(await farm.records.takeIn([...list, { id: '', record: record(), amendments: [] }])).toEqual({
			taken: 1,
			known: 60
		});
		expect(await farm.records.check()).toEqual({ checked: 62, broken: null });
		expect(await farm.records.count()).toBe(62);
	});

	it('come out as JSON with what was added, and into another farm the same', async () => {
		const all: unknown[] = [];
		for await (const { id, record, amendments } of made.farm.records.all(logFilterSchema.parse({ oldest: '1' })))
			all.push({ id, ...record, ...(amendments.length > 0 ? { amendments } : {}) });
		const { rows } = readRecordFile(JSON.stringify({ format: 'fallow-log/1', records: all }), made.farm.settings, {
			blocks: [],
			products: []
		});
		expect(rows.every((r) => r.ok)).toBe(true);
		const other = await farmDatabase();
		try {
			await other.farm.records.takeIn(rows.flatMap((r) => (r.ok ? [r.value] : [])));
			const again: unknown[] = [];
			for await (const { id, record, amendments } of other.farm.records.all(logFilterSchema.parse({ oldest: '1' })))
				again.push({ id, ...record, ...(amendments.length > 0 ? { amendments } : {}) });
			expect(again).toEqual(all);
		} finally {
			await other.drop();
		}
	});
});

describe('names to filter the log by', () => {
	it('leave out what a record says nothing of, as it is sealed and when all are filled in anew', async () => {
		const other = await farmDatabase();
		try {
			const bare = record({ operator: '', sprayer: '', target: '', products: [], blocks: [] });
			await other.farm.records.takeIn([{ id: '', record: bare, amendments: [] }]);
			const none = { blocks: [], products: [], operators: [], sprayers: [] };
			expect(await other.farm.records.names()).toEqual(none);
			await other.db.transaction().execute((trx) => refillRecordNames(trx, other.farm.id));
			expect(await other.farm.records.names()).toEqual(none);
		} finally {
			await other.drop();
		}
	});
});

describe('what the records come to by season', () => {
	it('is kept as they are sealed, and the same when it is made anew from all of them', async () => {
		const { farm, db } = made;
		const kept = await sums();
		expect(kept.length).toBeGreaterThan(10);
		await db.transaction().execute((trx) => refillRecordUses(trx, { farmId: farm.id, cropSeason: null }));
		expect(await sums()).toEqual(kept);
		// A log of before these sums were kept gets them at the next start; one that has them is left alone.
		await db.deleteFrom('record_use').execute();
		await db.deleteFrom('season_use').execute();
		expect(await refillOldLogs(db)).toBe(61);
		expect(await sums()).toEqual(kept);
		expect(await refillOldLogs(db)).toBe(0);
	});

	it('is what the slow way says: every record looked through', async () => {
		const { farm } = made;
		const slow = new Map<string, { perGround: number; times: number }>();
		for await (const { record } of farm.records.all(logFilterSchema.parse({ from: '2026-01-01', to: '2026-12-31' })))
			for (const block of record.blocks)
				for (const p of record.products) {
					const key = `${block.name} ${p.name} ${p.kind}`;
					const one = slow.get(key) ?? { perGround: 0, times: 0 };
					slow.set(key, { perGround: one.perGround + p.perGround, times: one.times + 1 });
				}
		const { uses } = await seasonSums(farm, 2026);
		expect(uses.length).toBe(slow.size);
		for (const u of uses) {
			const one = slow.get(`${u.block} ${u.product} ${u.kind}`)!;
			expect([u.times, u.perGround.toFixed(12)]).toEqual([one.times, one.perGround.toFixed(12)]);
		}
		// All of a product by year is all that went out of it, shared among its blocks.
		const byYear = await farm.records.usedByYear();
		let total = 0;
		for await (const { record } of farm.records.all(logFilterSchema.parse({})))
			total += record.products.reduce((sum, p) => sum + p.total, 0);
		expect(byYear.reduce((sum, y) => sum + y.total, 0)).toBeCloseTo(total, 9);
	});

	it('tells a group that follows itself by the days, though the records came in another order', async () => {
		const { farm } = made;
		const one = (day: string, group: string) => {
			const r = record({ day, blocks: [{ id: '', name: 'Rows', area: 1e4, share: 1, part: null }] });
			return { id: '', record: { ...r, products: r.products.map((p) => ({ ...p, group })) }, amendments: [] };
		};
		await farm.records.takeIn([one('2024-05-03', '3'), one('2024-05-01', '9'), one('2024-05-04', '3')]);
		expect((await seasonSums(farm, 2024)).runs).toEqual([]);
		await farm.records.takeIn([one('2024-05-02', '3')]);
		expect((await seasonSums(farm, 2024)).runs).toEqual([{ block: 'Rows', group: '3', times: 3 }]);
	});

	it('goes on paper for an inspector: all records of the year, on as many pages as they take', async () => {
		const { farm } = made;
		const records = [];
		for await (const r of farm.records.all(
			logFilterSchema.parse({ from: '2026-01-01', to: '2026-12-31', oldest: '1' })
		))
			records.push(r);
		expect(records.length).toBeGreaterThan(20);
		const { uses } = await seasonSums(farm, 2026);
		for (const paper of ['A4', 'LETTER'] as const) {
			const definition = seasonPdf({ year: 2026, records, uses }, farm, paper, Date.parse('2026-12-01T00:00:00Z'));
			const pdf = Buffer.from(await makePdf(definition)).toString('latin1');
			expect(pdf.startsWith('%PDF-1.')).toBe(true);
			expect(pdf.match(/\/Type \/Page\b/g)!.length).toBeGreaterThan(1);
		}
		const empty = Buffer.from(await makePdf(seasonPdf({ year: 1999, records: [], uses: [] }, farm, 'A4', 0)));
		expect(empty.toString('latin1').match(/\/Type \/Page\b/g)).toHaveLength(1);
	});
});
