import { describe, expect, it } from 'vitest';
import { coverage } from '../support/honest';
import { Seeded } from '../support/seeded';

/** The interval is worth what it says: it holds the truth in 94 to 99 of 100 simulated rounds. */
describe('the ± is honest', () => {
	const rounds = 3000;
	// 3,000 rounds tell a share near 0.95 to ±0.004 (one sigma); a margin of that keeps a seeded run from being a lottery.
	const margin = 0.004;

	for (const method of ['speed-width-flow', 'course-catch'] as const)
		for (const runs of [1, 2, 3])
			it(`${method}, ${runs} ${runs === 1 ? 'run' : 'runs'}, every nozzle caught`, () => {
				const share = coverage(new Seeded(7000 + runs), rounds, method, runs, null);
				expect(share).toBeGreaterThanOrEqual(0.94 - margin);
				expect(share).toBeLessThanOrEqual(0.99 + margin);
			});

	for (const sample of [3, 6, 20])
		it(`${sample} of 24 nozzles caught`, () => {
			const share = coverage(new Seeded(9000 + sample), rounds, 'speed-width-flow', 3, sample);
			expect(share).toBeGreaterThanOrEqual(0.94 - margin);
			expect(share).toBeLessThanOrEqual(0.99 + margin);
		});
});
