import { sql } from 'kysely';
import { v7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { demoBlocks } from '../../demo/ground';
import { demoAsked } from '../../demo/jobs';
import { demoProducts } from '../../demo/products';
import type { RunEntry, RunEntryBody } from '../../src/core';
import { logFilterSchema } from '../../src/lib/wire/record';
import { recordColumns, recordLines } from '../../src/lib/files/record-csv';
import type { AskedJob } from '../../src/lib/wire/job';
import { refillRecordUses } from '../../src/lib/server/db/record-uses';
import { farmDatabase } from '../support/database';
import { t } from '../support/entries';
import { refused } from '../support/refused';

let made: Awaited<ReturnType<typeof farmDatabase>>;
const ids = { block: [v7(), v7()], product: [v7(), v7()] } as const;
beforeAll(async () => {
	made = await farmDatabase();
	const { farm } = made;
	await farm.blocks.put(
		ids.block[0],
		demoBlocks.find((b) => b.name === 'Hazel rows')!
	);
	await farm.blocks.put(
		ids.block[1],
		demoBlocks.find((b) => b.name === 'Nursery strip')!
	);
	await farm.products.put(
		ids.product[0],
		demoProducts.find((p) => p.name === 'Sample Tuff')!
	);
	await farm.products.put(
		ids.product[1],
		demoProducts.find((p) => p.name === 'Sample Chalk')!
	);
});
afterAll(() => made.drop());

/** A job that was mixed, sprayed and closed on some day. */
async function closedJob(day: string, block = 0, product = 0, close = true, remarks = 'calm'): Promise<string> {
	const { farm } = made;
	const id = v7();
	const job: AskedJob = {
		id,
		day,
		basis: { by: 'trial', used: t('5', 'L'), patch: t('100 m2', 'ha') },
		calibrationId: null,
		blocks: [{ id: ids.block[block]!, part: { by: 'share', share: 0.1 } }],
		sprayed: 1,
		tank: t('200', 'L'),
		products: [{ id: ids.product[product]!, dose: t('0.2 %', '%') }],
		split: 'full-then-part',
		harvest: null,
		pace: null,
		reason: '',
		notes: ''
	};
	await farm.jobs.put(job);
	const bodies: RunEntryBody[] = [
		...[0, 1, 2].map((step): RunEntryBody => ({ kind: 'tick', load: 1, step, poured: null })),
		{ kind: 'spray', load: 1, act: 'start' },
		{ kind: 'spray', load: 1, act: 'end' },
		...(close
			? [
					{
						kind: 'close',
						done: { by: 'area', area: t(block === 0 ? '100 m2' : '10 m2', 'ha') },
						left: t('0', 'L'),
						remarks
					} as const
				]
			: [])
	];
	const entries = bodies.map((body, seq): RunEntry => ({
		...body,
		id: v7(),
		seq,
		at: new Date(Date.parse(`${day}T08:00:00Z`) + seq * 60_000).toISOString()
	}));
	await farm.jobRuns.put(id, entries);
	return id;
}
const filter = (change: Record<string, string> = {}) => logFilterSchema.parse(change);
const pageOf = async (change: Record<string, string>) =>
	(await made.farm.records.page(filter(change))).rows.map((r) => r.id);

describe('the record of a job', () => {
	it('is filled from what is known, sealed once, and takes no more entries', async () => {
		const { farm } = made;
		const id = await closedJob('2025-03-01');
		await farm.records.seal(id, demoAsked, []);
		await farm.records.seal(id, demoAsked, []);
		const kept = await farm.records.get(id);
		expect(kept.record).toMatchObject({
			day: '2025-03-01',
			startedAt: '2025-03-01T08:03:00.000Z',
			endedAt: '2025-03-01T08:04:00.000Z',
			area: 100,
			operator: 'A. Sample',
			remarks: 'calm',
			products: [{ name: 'Sample Tuff', registration: 'SAMPLE-0006', group: '14', kind: 'volume' }]
		});
		expect(await refused(farm.records.seal(id, { ...demoAsked, target: 'other' }, []))).toMatchObject({
			status: 409,
			code: 'sealed'
		});
		// A farm that asks for the weather gets no record without it, or without a word why.
		const dry = await closedJob('2025-03-03', 0, 0, true, '');
		const bare = { ...demoAsked, remarks: '' };
		expect(await refused(farm.records.seal(dry, bare, ['weather']))).toMatchObject({ status: 422, code: 'empty' });
		await farm.records.seal(dry, { ...bare, remarks: 'The instrument was broken.' }, ['weather']);
		const late: RunEntry = { kind: 'strike', entry: v7(), id: v7(), seq: 9, at: '2025-03-02T00:00:00Z' };
		expect(await refused(farm.jobRuns.put(id, [late]))).toMatchObject({ status: 409, code: 'sealed' });
		expect(await refused(farm.jobs.remove(id))).toMatchObject({ code: 'begun' });
	});

	it('is refused while the job is open, or a field that the farm wants is empty', async () => {
		const { farm } = made;
		const open = await closedJob('2025-03-02', 0, 0, false);
		expect(await refused(farm.records.seal(open, demoAsked, []))).toMatchObject({ code: 'not-closed' });
		const id = await closedJob('2025-03-03');
		const code = async (asked = demoAsked, required: readonly 'condition'[] = []) =>
			await refused(farm.records.seal(id, asked, required));
		expect(await code({ ...demoAsked, operator: ' ' })).toMatchObject({ code: 'empty', path: 'operator' });
		expect(await code(demoAsked, ['condition'])).toMatchObject({ code: 'empty', path: 'condition' });
		await farm.records.seal(id, { ...demoAsked, condition: 'dry' }, ['condition']);
	});

	it('is added to, once whatever is sent twice, and stays as it is itself', async () => {
		const { farm } = made;
		const id = await closedJob('2025-03-04');
		await farm.records.seal(id, demoAsked, []);
		const before = await farm.records.get(id);
		const addition = v7();
		await farm.records.amend(id, addition, 'B. Sample', 'The wind was from the north.', '2025-03-05T10:00:00Z');
		await farm.records.amend(id, addition, 'B. Sample', 'The wind was from the north.', '2025-03-05T10:00:00Z');
		const after = await farm.records.get(id);
		expect(after.amendments).toEqual([
			{
				format: 'fallow-amendment/1',
				by: 'B. Sample',
				at: '2025-03-05T10:00:00Z',
				text: 'The wind was from the north.'
			}
		]);
		expect(after.record).toEqual(before.record);
		expect(after.hash).toBe(before.hash);
		expect(await refused(farm.records.amend(id, v7(), '', 'x', '2025-03-05T10:00:00Z'))).toMatchObject({ path: 'by' });
		expect(await refused(farm.records.amend(v7(), v7(), 'B', 'x', '2025-03-05T10:00:00Z'))).toMatchObject({
			status: 404
		});
	});
});

describe('the chain of seals', () => {
	it('has one place for each, also where many are sealed at once', async () => {
		const { farm, db } = made;
		const jobs = [];
		for (let i = 0; i < 6; i += 1) jobs.push(await closedJob(`2025-04-0${i + 1}`));
		await Promise.all(jobs.map((id) => farm.records.seal(id, demoAsked, [])));
		const places = await db.selectFrom('record').select('place').orderBy('place').execute();
		expect(places.map((p) => Number(p.place))).toEqual(places.map((_, i) => i + 1));
		expect(await farm.records.check()).toEqual({ checked: places.length, broken: null });
	});

	it.each([
		[
			'what is sealed',
			sql`update record set canonical = replace(canonical, 'Hazel mite', 'Nothing') where place = 3`,
			'changed'
		],
		[
			'what is shown of it',
			sql`update record set body = jsonb_set(body, '{target}', '"Nothing"') where place = 3`,
			'changed'
		],
		['its seal', sql`update record set hash = repeat('a', 64) where place = 3`, 'changed']
	])('breaks where %s was changed behind its back', async (_what, change, why) => {
		const { farm, db } = made;
		const { checked } = await farm.records.check();
		const [row] = await db.selectFrom('record').selectAll().where('place', '=', '3').execute();
		await change.execute(db);
		expect(await farm.records.check()).toMatchObject({ checked: 2, broken: { place: 3, why } });
		await sql`update record set canonical = ${row!.canonical}, hash = ${row!.hash}, body = ${row!.canonical}::jsonb where place = 3`.execute(
			db
		);
		expect(await farm.records.check()).toEqual({ checked, broken: null });
	});

	it('breaks where a record was taken out', async () => {
		const { farm, db } = made;
		const [row] = await db.selectFrom('record').selectAll().where('place', '=', '2').execute();
		await db.deleteFrom('record').where('place', '=', '2').execute();
		expect((await farm.records.check()).broken).toMatchObject({ place: 3, why: 'gone' });
		const { sealed_at: _, ...withoutStamp } = row!;
		await db
			.insertInto('record')
			.values({ ...withoutStamp, place: 2, body: row!.canonical })
			.execute();
		// Its use on the ground went with it, and is not in what a season shows.
		expect((await farm.records.check()).broken).toMatchObject({ place: 2, why: 'sums' });
		await db.transaction().execute((trx) => refillRecordUses(trx, { farmId: farm.id, cropSeason: null }));
		expect((await farm.records.check()).broken).toBeNull();
	});
});

describe('the log', () => {
	it('is found by every filter, in pages that miss nothing and show nothing twice', async () => {
		const { farm } = made;
		const other = await closedJob('2025-05-01', 1, 1);
		await farm.records.seal(other, { ...demoAsked, operator: 'C. Sample', target: 'Thistles, tall' }, []);
		expect(await pageOf({ block: 'Nursery strip' })).toEqual([other]);
		expect(await pageOf({ product: 'Sample Chalk' })).toEqual([other]);
		expect(await pageOf({ operator: 'C. Sample' })).toEqual([other]);
		expect(await pageOf({ target: 'thistle' })).toEqual([other]);
		expect(await pageOf({ target: '100%' })).toEqual([]);
		expect(await pageOf({ from: '2025-05-01', to: '2025-05-01' })).toEqual([other]);
		expect((await pageOf({ group: '14' })).includes(other)).toBe(false);
		const all = await pageOf({});
		expect(all[0]).toBe(other);
		expect(await pageOf({ oldest: '1' })).toEqual([...all].reverse());
		// Day by day from the newest on, whatever page one begins at.
		for (let i = 0; i < all.length - 1; i += 1) {
			const { record } = await farm.records.get(all[i]!);
			expect(await pageOf({ after: `${record.day}_${all[i]}` })).toEqual(all.slice(i + 1));
		}
		const names = await farm.records.names();
		expect(names.blocks).toEqual(['Hazel rows', 'Nursery strip']);
		expect(names.operators).toEqual(['A. Sample', 'C. Sample']);
	});

	it('goes out as CSV with a line a product, safe from what begins like a formula', async () => {
		const lines: string[] = [];
		for await (const { id, record } of made.farm.records.all(filter()))
			lines.push(recordLines(id, { ...record, remarks: '=1+1, "quoted"' }));
		expect(lines.length).toBe((await pageOf({})).length);
		for (const line of lines) expect(line.includes(`,"'=1+1, ""quoted"""`)).toBe(true);
		expect(recordColumns.length).toBe(37);
	});
});

describe('filters that no name and no place can be', () => {
	it('find nothing, and fault nobody', async () => {
		const long = '9'.repeat(400);
		for (const name of ['block', 'product', 'group', 'operator', 'sprayer', 'target'])
			expect(await pageOf({ [name]: long })).toEqual([]);
		// A place to go on from that is none is the beginning.
		const all = await pageOf({});
		for (const after of ['9999-99-99_019f0000-0000-7000-8000-000000000000', `2026-01-01_${'-'.repeat(36)}`, long])
			expect(await pageOf({ after })).toEqual(all);
	});
});
