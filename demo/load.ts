import { connect } from '../src/lib/server/db/connect';
import { farmHandle, firstFarm } from '../src/lib/server/db/farm';
import { migrate } from '../src/lib/server/db/migrate';
import { demoFarm } from './farm';
import { fillDemo } from './fill';
import { addPeople } from './people';

// Loads the demo farm once: a database that has a sprayer already is left as it is.
const url = process.env.DATABASE_URL;
if (!url) throw new Error('DATABASE_URL is not set');
const { db, close } = connect(url, () => undefined, 2);
try {
	await migrate(db);
	const farmId = await firstFarm(db, demoFarm.name);
	const before = await farmHandle(db, farmId);
	if (!before) throw new Error('the farm that was just made is not there');
	if ((await before.sprayers.list()).length === 0) {
		await fillDemo(db, farmId, Date.now());
		console.log(`${demoFarm.name} is loaded.`);
	}
	if (process.argv.includes('--people')) await addPeople(db, farmId);
} finally {
	await close();
}
