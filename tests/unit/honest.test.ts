import { describe, expect, it } from 'vitest';
import { coverageOf, simulated, simulatedCalibration, simulations } from '../support/honest';
import { Seeded } from '../support/seeded';

/**
 * The interval is worth what it says: it holds the truth in 94 to 99 of 100 simulated calibrations. The short form of
 * `npm run honest`, which simulates 20,000 of each.
 */
describe('the ± is honest', () => {
	const calibrations = 3000;
	// 3,000 calibrations tell a share near 0.95 to ±0.004 (one sigma); a margin of that keeps a seeded run from being a lottery.
	const margin = 0.004;
	const holds = (share: number) => {
		expect(share).toBeGreaterThanOrEqual(0.94 - margin);
		expect(share).toBeLessThanOrEqual(0.99 + margin);
	};

	for (const kind of simulations)
		for (const repeats of [1, 2, 3])
			it(`${kind}, ${repeats} ${repeats === 1 ? 'reading' : 'repeats'}`, () => {
				const random = new Seeded(7000 + repeats);
				holds(coverageOf(() => simulated(kind, random, repeats), calibrations));
			});

	for (const sample of [3, 6, 12, 20, 23])
		it(`${sample} of 24 nozzles caught`, () => {
			const random = new Seeded(9000 + sample);
			holds(coverageOf(() => simulatedCalibration(random, 'speed-width-flow', 3, sample), calibrations));
		});
});
