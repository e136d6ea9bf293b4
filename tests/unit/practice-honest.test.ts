import { describe, expect, it } from 'vitest';
import { yardCoverage, yardDiagnosis, yardMethods } from '../support/practice';

/** The practice yard knows the truth: Fallow's ± and its diagnosis are held against it. The short form of `npm run honest`. */
describe('in the practice yard', () => {
	it.each(yardMethods)('the ± holds the truth in 94 to 99 %% by %s', (method) => {
		// 3,000 runs tell a share near 0.95 to ±0.004 (one sigma).
		const share = yardCoverage(method, 3000, 7001);
		expect(share).toBeGreaterThanOrEqual(0.936);
		expect(share).toBeLessThanOrEqual(0.994);
	});

	const table = yardDiagnosis(3000, 7002);
	it.each([...table].filter(([fault]) => fault !== 'sound'))('names %s, and nothing else, in 90 %%', (_, row) => {
		expect(row.made).toBeGreaterThan(40);
		expect(row.right / row.made).toBeGreaterThanOrEqual(0.9);
	});
	it('accuses a sound sprayer in under 5 %', () => {
		const sound = table.get('sound')!;
		expect(sound.wrong / sound.made).toBeLessThan(0.05);
	});
	it('has every fault that catches can show in the table', () => {
		expect([...table.keys()].sort()).toEqual([
			'gauge-high',
			'gauge-low',
			'hose',
			'main-filter',
			'nozzle-blocked',
			'nozzle-larger',
			'nozzle-smaller',
			'nozzle-worn',
			'section-filter',
			'set-worn',
			'sound'
		]);
	});
});
