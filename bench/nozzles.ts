import { dropletClasses, nozzleKinds, si, zoneWeights } from '../src/core';
import type { ArcAsked, Nozzle } from '../src/core';
import { nozzleJob } from '../src/lib/workers/nozzle-job';
import { Seeded } from '../tests/support/seeded';

// What the worker does, timed without the worker: choosing from a table of 5,000, and searching an arc of 16 positions.
const random = new Seeded(9);
const table = Array.from({ length: 5000 }, (_, i): Nozzle => {
	const low = random.between(0.5e5, 4e5);
	const flow = random.between(0.2, 8) / 6e4;
	const points = Array.from({ length: random.whole(1, 6) }, (_, k) => (k + 1) * 1e5).map((pressure) => ({
		pressure: si<'pressure'>(pressure),
		flow: si<'flow'>(flow * Math.sqrt(pressure / 3e5) * random.between(0.99, 1.01))
	}));
	return {
		key: `n${i}`,
		name: `Nozzle ${i}`,
		kind: nozzleKinds[random.whole(0, nozzleKinds.length - 1)]!,
		size: '03',
		angle: 110,
		points,
		low: si<'pressure'>(low),
		high: si<'pressure'>(low * random.between(2, 5)),
		typical: false,
		classes: [{ pressure: si<'pressure'>(low), drops: dropletClasses[random.whole(0, 6)]! }],
		shed: random.next() < 0.1
	};
});
nozzleJob.table(table);
const chosen: number[] = [];
for (let i = 0; i < 120; i += 1) {
	const start = performance.now();
	nozzleJob.choose(
		{
			rate: si<'volumePerArea'>(random.between(60, 400) * 1e-7),
			speeds: { low: si<'speed'>(1.2), high: si<'speed'>(3.6) },
			served: si<'length'>(0.5),
			specificGravity: 1,
			drops: i % 2 === 0 ? null : dropletClasses.slice(3),
			now: { speed: si<'speed'>(2.2), pressure: si<'pressure'>(3e5), nozzle: null }
		},
		null
	);
	// The first tens warm the code up, as the first moves of a lever would.
	if (i >= 20) chosen.push(performance.now() - start);
}
const searched: number[] = [];
for (let i = 0; i < 20; i += 1) {
	const sizes = Array.from({ length: 12 }, () => si<'flow'>(random.between(0.5, 4) / 6e4));
	const places = zoneWeights(16, 3).map((weights) => ({ weights, present: [random.whole(0, 11)] }));
	const shares = [random.between(0.2, 0.45), random.between(0.2, 0.45)];
	const asked: ArcAsked = {
		sizes,
		places,
		total: si<'flow'>((random.between(1, 3.5) / 6e4) * 16),
		shares: [...shares, 1 - shares[0]! - shares[1]!]
	};
	const start = performance.now();
	await nozzleJob.arc(asked, () => undefined);
	searched.push(performance.now() - start);
}
const sorted = (list: number[]) => list.sort((a, b) => a - b);
const [choose, arc] = [sorted(chosen), sorted(searched)];
console.log(
	JSON.stringify({
		choose: [choose[Math.floor(choose.length / 2)], choose[Math.floor(choose.length * 0.95)]],
		arc: [arc[Math.floor(arc.length / 2)], arc.at(-1)]
	})
);
