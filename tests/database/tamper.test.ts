import { generateKeyPairSync } from 'node:crypto';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { sql } from 'kysely';
import { v7 } from 'uuid';
import { afterAll, describe, expect, it } from 'vitest';
import { pastRecords } from '../../demo/past-records';
import { runTypeScript } from '../../scripts/lib/demo.mjs';
import { anchorProblem, makeAnchor, signingKey } from '../../src/lib/server/anchor';
import { refillSeasons } from '../../src/lib/server/db/record-uses';
import { firstSeal, sealOf } from '../../src/lib/server/seal';
import { farmDatabase } from '../support/database';

const folder = mkdtempSync(join(tmpdir(), 'fallow-anchor-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));
const at = '2026-06-01T12:00:00.000Z';

type Made = Awaited<ReturnType<typeof farmDatabase>>;
async function log(use: (made: Made) => Promise<void>) {
	const made = await farmDatabase();
	try {
		await made.farm.records.takeIn(pastRecords(Date.parse(at), () => v7()));
		await use(made);
	} finally {
		await made.drop();
	}
}

/** Behind Fallow's back, one column or link at a time; each has to be found by the look through the seals. */
const changes: Readonly<Record<string, string>> = {
	'the text': `update record set canonical = replace(canonical, 'Hazel mite', 'Pear scab') where place = 8`,
	'what is shown of it': `update record set body = replace(body::text, 'Hazel mite', 'Pear scab')::jsonb where place = 8`,
	'its operator': `update record set operator = 'Z. Other' where place = 3`,
	'its day': `update record set day = day + 1 where place = 3`,
	'its ground': `update record set area_m2 = area_m2 * 2 where place = 3`,
	'until when it keeps people out': `update record set open_until = coalesce(open_until, day) + 1 where place = 3`,
	'its fields': `update record set block_names = array['Elsewhere'] where place = 3`,
	'its products': `update record set product_names = array['Water'] where place = 3`,
	'its resistance groups': `update record set groups = array['99'] where place = 3`,
	'its sprayer': `update record set sprayer = 'Another one' where place = 3`,
	'what it was against': `update record set target = 'Nothing' where place = 3`,
	'what a field had of a product': `update record_use set per_ground = per_ground * 1.01 where record_id = (select id from record where place = 3)`,
	'a use that is gone': `delete from record_use where record_id = (select id from record where place = 3)`,
	'the sums of a season': `update season_use set total = total * 0.9 where ctid = (select min(ctid) from season_use)`,
	'how often, in a season': `update season_use set times = times - 1 where ctid = (select min(ctid) from season_use)`,
	'a season that was left out': `delete from season_use where ctid = (select min(ctid) from season_use)`,
	'one in the middle, deleted': `delete from record_use where record_id = (select id from record where place = 5);
		delete from record where place = 5`,
	'two in each other’s places': `update record set place = 1003 where place = 3; update record set place = 3 where place = 4;
		update record set place = 4 where place = 1003`
};

describe('what is changed behind Fallow’s back is found', () => {
	it.each(Object.entries(changes))('%s', async (_, statement) => {
		await log(async ({ db, farm }) => {
			expect((await farm.records.check()).broken).toBeNull();
			for (const one of statement.split(';')) await sql.raw(one).execute(db);
			expect((await farm.records.check()).broken).not.toBeNull();
		});
	});

	it('the last ones deleted, and a chain that was sealed anew: by an anchor kept elsewhere', async () => {
		await log(async ({ db, farm, url }) => {
			const key = signingKey(folder)!;
			const anchor = makeAnchor({ farm: farm.id, ...(await farm.records.newest()) }, at, key);
			const file = join(folder, 'anchor.json');
			writeFileSync(file, JSON.stringify(anchor));
			const hold = () => {
				const run = runTypeScript('scripts/seals-main.ts', [file], { DATABASE_URL: url, FALLOW_DATA: folder });
				return { status: run.status, said: run.stdout.split('\n')[0] };
			};
			expect(hold()).toEqual({ status: 0, said: `Anchor: ✓ all that was there at ${at} is there unchanged.` });

			await sql`delete from record_use where record_id in (select id from record where place > 16)`.execute(db);
			await sql`delete from record where place > 16`.execute(db);
			// Who forgets what the season shows is found by that; who does not, by the anchor alone.
			expect((await farm.records.check()).broken).toMatchObject({ why: 'sums' });
			await db.transaction().execute((trx) => refillSeasons(trx, { farmId: farm.id, cropSeason: null }));
			expect((await farm.records.check()).broken).toBeNull();
			expect(hold()).toEqual({
				status: 1,
				said: `Anchor: ✕ 2 of the 18 records that were there at ${at} are missing.`
			});
		});
		await log(async ({ db, farm }) => {
			const before = await farm.records.newest();
			// By somebody who knows how seals are made: every link after a change anew.
			let previous = firstSeal;
			const rows = await db.selectFrom('record').select(['id', 'canonical']).orderBy('place').execute();
			for (const { id, canonical } of rows) {
				const text = canonical.replace('Hazel mite', 'Pear scab');
				const hash = sealOf(text, previous);
				await sql`update record set canonical = ${text}, body = ${text}::jsonb, previous = ${previous}, hash = ${hash},
					target = ${text}::jsonb->>'target' where id = ${id}`.execute(db);
				previous = hash;
			}
			expect((await farm.records.check()).broken).toBeNull();
			expect(await farm.records.sealAt(before.count)).not.toBe(before.seal);
		});
	});

	it('an anchor that was changed, or made with another key', () => {
		const key = signingKey(folder)!;
		const anchor = makeAnchor({ farm: v7(), count: 3, seal: 'a'.repeat(64) }, at, key);
		expect(anchorProblem(anchor, key)).toBeNull();
		expect(anchorProblem({ ...anchor, count: 2 }, key)).toBe('forged');
		expect(anchorProblem({ ...anchor, seal: 'b'.repeat(64) }, key)).toBe('forged');
		expect(anchorProblem({ ...anchor, key: 'nonsense' }, key)).toBe('forged');
		const { privateKey } = generateKeyPairSync('ed25519');
		expect(anchorProblem(makeAnchor({ farm: v7(), count: 3, seal: 'a'.repeat(64) }, at, privateKey), key)).toBe(
			'other-key'
		);
		expect(anchorProblem(makeAnchor({ farm: v7(), count: 3, seal: 'a'.repeat(64) }, at, null), key)).toBe('unsigned');
		// The same key with the next start.
		expect(signingKey(folder)!.export({ type: 'pkcs8', format: 'pem' })).toBe(
			key.export({ type: 'pkcs8', format: 'pem' })
		);
	});
});
