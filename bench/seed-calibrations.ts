import { v7 } from 'uuid';
import { messageOf, pastRounds } from '../demo/farm';
import { longMeadow } from '../demo/rigs';
import { connect } from '../src/lib/server/db/connect';
import { farmHandle, firstFarm } from '../src/lib/server/db/farm';
import { migrate } from '../src/lib/server/db/migrate';

// One sprayer with as many signed-off calibrations as asked for, each through the same door as a device's message.
const [many = '500'] = process.argv.slice(2);
const { db, close } = connect(process.env.DATABASE_URL!, () => undefined, 4);
await migrate(db);
const farm = (await farmHandle(db, await firstFarm(db, 'Bench farm')))!;
const id = v7();
await farm.sprayers.put(id, longMeadow);
for (let i = 0; i < Number(many); i += 1)
	await farm.rounds.put(messageOf({ ...pastRounds[i % 3]!, daysAgo: i }, id, Date.UTC(2026, 0, 1)));
await close();
process.stdout.write(id);
