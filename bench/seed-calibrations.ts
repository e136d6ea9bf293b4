import { v7 } from 'uuid';
import { messageOf, pastCalibrations } from '../demo/farm';
import { longMeadow } from '../demo/sprayers';
import { connect } from '../src/lib/server/db/connect';
import { farmHandle, firstFarm } from '../src/lib/server/db/farm';
import { migrate } from '../src/lib/server/db/migrate';

// Signed-off calibrations, each through the same door as a device's message: so many in all, on so many sprayers. Tells the
// first sprayer's id.
const [many = '500', sprayers = '1'] = process.argv.slice(2);
const { db, close } = connect(process.env.DATABASE_URL!, () => undefined, 4);
await migrate(db);
const farm = (await farmHandle(db, await firstFarm(db, 'Bench farm')))!;
const ids = Array.from({ length: Number(sprayers) }, () => v7());
for (const [i, id] of ids.entries()) await farm.sprayers.put(id, { ...longMeadow, name: `Boom ${i + 1}` });
for (let i = 0; i < Number(many); i += 1)
	await farm.calibrationLogs.put(
		messageOf(
			{ ...pastCalibrations[i % 3]!, daysAgo: Math.floor(i / ids.length) },
			ids[i % ids.length]!,
			Date.UTC(2026, 0, 1)
		)
	);
await close();
process.stdout.write(ids[0]!);
