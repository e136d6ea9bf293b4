import { coverageOf, simulated, simulations } from '../tests/support/honest';
import { Seeded } from '../tests/support/seeded';

// The long form of the honesty test: 20,000 simulated calibrations a method and number of repeats.
const rounds = Number(process.argv[2] ?? 20_000);
let outside = 0;
for (const kind of simulations)
	for (const repeats of [1, 2, 3]) {
		const random = new Seeded(20_000 + repeats);
		const share = coverageOf(() => simulated(kind, random, repeats), rounds);
		const good = share >= 0.94 && share <= 0.99;
		if (!good) outside += 1;
		console.log(
			`${kind}, ${repeats}: the truth inside in ${(share * 100).toFixed(2)} %${good ? '' : '   OUTSIDE 94 to 99'}`
		);
	}
process.exitCode = outside > 0 ? 1 : 0;
