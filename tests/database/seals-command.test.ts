import { mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { sql } from 'kysely';
import { v7 } from 'uuid';
import { expect, it } from 'vitest';
import { pastRecords } from '../../demo/past-records';
import { backup } from '../../scripts/lib/backup.mjs';
import { runTypeScript } from '../../scripts/lib/demo.mjs';
import { emptyDatabase, farmDatabase } from '../support/database';

const seals = (url: string) => {
	const { status, stdout } = runTypeScript('scripts/seals-main.ts', [], { DATABASE_URL: url });
	return { status, said: stdout.trim() };
};

it('the command that looks through the seals says that they hold, and ends badly where one does not', async () => {
	const empty = await emptyDatabase();
	try {
		expect(seals(empty.url)).toEqual({
			status: 0,
			said: 'No farm is in this database yet, so there is nothing to check.'
		});
	} finally {
		await empty.drop();
	}
	const made = await farmDatabase();
	try {
		await made.farm.records.takeIn(pastRecords(Date.now(), () => v7()));
		expect(seals(made.url)).toEqual({
			status: 0,
			said: 'Test farm: ✓ 18 records verified: nothing was changed since they were written.'
		});
		// Behind Fallow's back: the text and its seal alike, as somebody would who knows how it is made.
		await sql`update record set canonical = replace(canonical, 'Hazel mite', 'Pear scab'),
			body = replace(body::text, 'Hazel mite', 'Pear scab')::jsonb where place = 8`.execute(made.db);
		const { status, said } = seals(made.url);
		expect(status).toBe(1);
		expect(said).toBe(
			'Test farm: ✕ The seal of record 8 does not match: its text was changed after it was sealed. The 7 before it are verified.'
		);
	} finally {
		await made.drop();
	}
});

it('a backup carries what it holds beside it: records that go afterwards are told by it', async () => {
	const made = await farmDatabase();
	const folder = mkdtempSync(join(tmpdir(), 'fallow-anchor-'));
	const before = process.env.FALLOW_DATA;
	process.env.FALLOW_DATA = folder;
	try {
		await made.farm.records.takeIn(pastRecords(Date.now(), () => v7()));
		expect(backup(made.url, join(folder, 'one.dump'))).toBeGreaterThan(1000);
		const anchor = join(folder, 'one.anchor.json');
		const held = () =>
			runTypeScript('scripts/seals-main.ts', [anchor], { DATABASE_URL: made.url, FALLOW_DATA: folder }).stdout;
		expect(held()).toContain('is there unchanged');
		// Signed by the key of this data folder, which stands beside and not in the database.
		expect(held()).not.toContain('is not signed');
		expect(readdirSync(folder).sort()).toEqual(['one.anchor.json', 'one.dump', 'signing-key.pem']);
		await sql`delete from record where place > 16`.execute(made.db);
		expect(held()).toContain('2 of the 18 records');
	} finally {
		if (before === undefined) delete process.env.FALLOW_DATA;
		else process.env.FALLOW_DATA = before;
		rmSync(folder, { recursive: true, force: true });
		await made.drop();
	}
}, 60_000);
