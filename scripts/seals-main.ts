import { readFileSync, writeFileSync } from 'node:fs';
import { anchorProblem, makeAnchor, signingKey } from '../src/lib/server/anchor';
import type { Anchor } from '../src/lib/wire/anchor';
import { anchorSchema } from '../src/lib/wire/anchor';
import { connect } from '../src/lib/server/db/connect';
import { farmHandle } from '../src/lib/server/db/farm';
import { migrate } from '../src/lib/server/db/migrate';
import { sealWords } from '../src/lib/wording/seals';

// Looks through the chain of seals of every farm in the database; ends with 1 where one does not hold.
const url = process.env.DATABASE_URL;
if (!url) throw new Error('DATABASE_URL is not set');
const { db, close } = connect(url, () => undefined, 2);
/** Holds the chains against an anchor that was kept outside of the database: what is missing since, or was sealed anew. */
async function holdAgainst(anchor: Anchor): Promise<string | null> {
	const wrong = anchorProblem(anchor, signingKey(process.env.FALLOW_DATA));
	if (wrong === 'forged') return 'the anchor was changed: its signature does not fit.';
	if (wrong === 'other-key') return 'the anchor was signed by another key than the one in the data folder.';
	const farm = await farmHandle(db, anchor.farm);
	if (!farm) return 'the farm of the anchor is not in this database.';
	const { count } = await farm.records.newest();
	if (count < anchor.count)
		return `${anchor.count - count} of the ${anchor.count} records that were there at ${anchor.at} are missing.`;
	return (await farm.records.sealAt(anchor.count)) === anchor.seal
		? null
		: `record ${anchor.count} has another seal than at ${anchor.at}: the chain was sealed anew.`;
}

try {
	await migrate(db);
	const [file, write] = process.argv.slice(2);
	if (file === '--write' && write) {
		// The newest seal of each farm, beside a backup: the first in this file, others in files of their own.
		const farms = await db.selectFrom('farm').select('id').orderBy('created_at').execute();
		for (const [i, { id }] of farms.entries()) {
			const farm = await farmHandle(db, id);
			if (!farm) continue;
			const anchor = makeAnchor(
				{ farm: id, ...(await farm.records.newest()) },
				new Date(Date.now()).toISOString(),
				signingKey(process.env.FALLOW_DATA)
			);
			const name = i === 0 ? write : write.replace(/\.json$/, `-${i + 1}.json`);
			writeFileSync(name, `${JSON.stringify(anchor, null, '\t')}\n`);
		}
	} else if (file) {
		// An anchor by itself, or the export that carries one.
		const json = JSON.parse(readFileSync(file, 'utf8')) as { readonly anchor?: unknown };
		const read = anchorSchema.safeParse(json.anchor ?? json);
		const problem = read.success ? await holdAgainst(read.data) : 'the file is no anchor of Fallow.';
		console.log(
			problem ? `Anchor: ✕ ${problem}` : `Anchor: ✓ all that was there at ${read.data!.at} is there unchanged.`
		);
		if (read.success && read.data.signature === '')
			console.log('The anchor is not signed: whoever has the file may have changed it.');
		if (problem) process.exitCode = 1;
	}
	const farms =
		file === '--write' ? [] : await db.selectFrom('farm').select(['id', 'name']).orderBy('created_at').execute();
	if (farms.length === 0 && file !== '--write')
		console.log('No farm is in this database yet, so there is nothing to check.');
	for (const { id, name } of farms) {
		const farm = await farmHandle(db, id);
		if (!farm) throw new Error(`farm ${id} is gone`);
		const checked = await farm.records.check();
		console.log(`${name}: ${sealWords(checked)}`);
		if (checked.broken) process.exitCode = 1;
	}
} finally {
	await close();
}
