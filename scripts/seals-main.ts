import { connect } from '../src/lib/server/db/connect';
import { farmHandle } from '../src/lib/server/db/farm';
import { migrate } from '../src/lib/server/db/migrate';
import { sealWords } from '../src/lib/wording/seals';

// Looks through the chain of seals of every farm in the database; ends with 1 where one does not hold.
const url = process.env.DATABASE_URL;
if (!url) throw new Error('DATABASE_URL is not set');
const { db, close } = connect(url, () => undefined, 2);
try {
	await migrate(db);
	const farms = await db.selectFrom('farm').select(['id', 'name']).orderBy('created_at').execute();
	if (farms.length === 0) console.log('No farm is in this database yet, so there is nothing to check.');
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
