import { v7 } from 'uuid';
import { barleyBoom } from '../demo/sprayers';
import { connect } from '../src/lib/server/db/connect';
import { farmHandle, firstFarm } from '../src/lib/server/db/farm';

// A boom of 72 nozzles with its fans known, so that the ground below it is worked out with every key.
const { db, close } = connect(process.env.DATABASE_URL!, () => undefined, 2);
const farm = (await farmHandle(db, await firstFarm(db, 'Bench farm')))!;
const id = v7();
const { spacing } = barleyBoom;
await farm.sprayers.put(id, {
	...barleyBoom,
	nozzles: 72,
	sections: [24, 24, 24],
	fan: { angle: 110, height: spacing! }
});
await close();
process.stdout.write(id);
