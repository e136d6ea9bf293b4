import { si } from '../quantity/quantity';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { groupRuns } from './group-runs';
import { seasonUse } from './season-use';

const name = fc.constantFrom('A', 'B', 'C');
const use = fc.record({
	block: name,
	product: fc.constantFrom('P', 'Q'),
	kind: fc.constant('volume' as const),
	perGround: fc.double({ min: 1e-8, max: 1e-6, noNaN: true })
});

describe('a season by block and product', () => {
	it('adds up to all that was used, counted once each, in whatever order it came', () => {
		fc.assert(
			fc.property(fc.array(use, { maxLength: 40 }), (uses) => {
				const sums = seasonUse(uses, () => null);
				const total = sums.reduce((sum, s) => sum + s.perGround, 0);
				const wanted = uses.reduce((sum, u) => sum + u.perGround, 0);
				return (
					Math.abs(total - wanted) <= 1e-12 &&
					sums.reduce((n, s) => n + s.times, 0) === uses.length &&
					new Set(sums.map((s) => s.block + s.product)).size === sums.length
				);
			})
		);
	});
	it('is held against a most that is told in the same way only', () => {
		const one = [{ block: 'B', product: 'P', kind: 'mass' as const, perGround: 1 }];
		expect(seasonUse(one, () => ({ kind: 'volume', perArea: si(2) }))[0]!.ofMost).toBeNull();
		expect(seasonUse(one, () => ({ kind: 'mass', perArea: si(2) }))[0]!.ofMost).toBe(0.5);
	});
});

describe('a group that follows itself', () => {
	it('is the same as by counting back from the newest spraying of each block', () => {
		const spraying = fc.record({ block: name, groups: fc.subarray(['3', '9', 'M']) });
		fc.assert(
			fc.property(fc.array(spraying, { maxLength: 30 }), fc.integer({ min: 1, max: 4 }), (sprayings, least) => {
				const wanted: string[] = [];
				for (const block of ['A', 'B', 'C'])
					for (const group of ['3', '9', 'M']) {
						const mine = sprayings.filter((s) => s.block === block && s.groups.length > 0).reverse();
						const end = mine.findIndex((s) => !s.groups.includes(group));
						const times = end < 0 ? mine.length : end;
						if (times >= least && times > 0) wanted.push(`${block}${group}${times}`);
					}
				const got = groupRuns(sprayings, least).map((r) => `${r.block}${r.group}${r.times}`);
				return got.sort().join() === wanted.sort().join();
			}),
			{ numRuns: 500 }
		);
	});
});
