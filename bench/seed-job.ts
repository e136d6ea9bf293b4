import { v7 } from 'uuid';
import { demoBlocks } from '../demo/ground';
import { demoProducts } from '../demo/products';
import { t } from '../demo/sprayers';
import { connect } from '../src/lib/server/db/connect';
import { farmHandle, firstFarm } from '../src/lib/server/db/farm';
import type { AskedJob } from '../src/lib/wire/job';

// A job of 40 loads, on the farm of a database; prints its id.
const url = process.env.DATABASE_URL;
if (!url) throw new Error('DATABASE_URL is not set');
const { db, close } = connect(url, () => undefined, 2);
try {
	const farm = (await farmHandle(db, await firstFarm(db)))!;
	const [block, id] = [v7(), v7()];
	await farm.blocks.put(block, { ...demoBlocks[5]!, name: 'Forty loads' });
	const products = [];
	for (const label of demoProducts.slice(0, 3)) {
		const product = v7();
		// Much more water than any label allows, so these allow all of it.
		await farm.products.put(product, { ...label, name: `Forty ${label.name}`, volume: null });
		products.push({ id: product, dose: (label.dose.high ?? label.dose.low) as AskedJob['tank'] });
	}
	// 1,350 m² at 2.9 L/m² is 3,915 L: 40 loads of 100 L, the last one smaller.
	await farm.jobs.put({
		id,
		day: '2026-03-14',
		basis: { by: 'surface', volume: t('290 L/100 m2', 'L/100 m2') as AskedJob['tank'] },
		calibrationId: null,
		blocks: [{ id: block, part: { by: 'share', share: 1 } }],
		sprayed: 1,
		tank: t('100 L', 'L') as AskedJob['tank'],
		products,
		split: 'full-then-part',
		harvest: null,
		pace: null,
		reason: '',
		notes: ''
	});
	const { loads } = (await farm.jobs.list()).find((j) => j.id === id)!;
	if (loads !== 40) throw new Error(`${loads} loads, not 40`);
	process.stdout.write(id);
} finally {
	await close();
}
