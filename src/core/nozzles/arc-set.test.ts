import { describe, expect, it } from 'vitest';
import { Seeded } from '../../../tests/support/seeded';
import { zoneWeights } from '../calibration/zone-weights';
import { si } from '../quantity/quantity';
import type { ArcAsked } from './arc-places';
import { gapsAlike, totalWithin } from './arc-places';
import type { ArcSet } from './arc-set';
import { searchArc } from './arc-set';

function run(asked: ArcAsked): ArcSet | null {
	const search = searchArc(asked);
	for (;;) {
		const step = search.next();
		if (step.done) return step.value;
		expect(step.value).toBeGreaterThanOrEqual(0);
		expect(step.value).toBeLessThanOrEqual(1);
	}
}

/** Every set there is, judged one by one. */
function bruteForce({
	sizes,
	places,
	total,
	shares
}: ArcAsked): { gap: number; changes: number; kinds: number } | null {
	let all: { gap: number; changes: number; kinds: number }[] = [];
	const picked: number[] = [];
	const visit = (at: number): void => {
		if (at < places.length) {
			for (let s = 0; s < sizes.length; s += 1) {
				picked[at] = s;
				visit(at + 1);
			}
			return;
		}
		const zones = shares.map((_, z) =>
			places.reduce((sum, p, i) => sum + p.weights[z]! * sizes[picked[i]!]! * p.present.length, 0)
		);
		const sum = zones.reduce((s, v) => s + v, 0);
		if (Math.abs(sum / total - 1) > totalWithin + 1e-9) return;
		const gap = Math.max(...zones.map((v, z) => Math.abs(v / sum - shares[z]!)));
		const changes = places.reduce((n, p, i) => n + p.present.filter((now) => now !== picked[i]).length, 0);
		all.push({ gap, changes, kinds: new Set(picked.slice(0, places.length)).size });
	};
	visit(0);
	if (all.length === 0) return null;
	const gap = Math.min(...all.map((a) => a.gap));
	all = all.filter((a) => a.gap <= gap + gapsAlike);
	const changes = Math.min(...all.map((a) => a.changes));
	return { gap, changes, kinds: Math.min(...all.filter((a) => a.changes === changes).map((a) => a.kinds)) };
}

const random = new Seeded(91);
const pick = (low: number, high: number) => random.between(low, high);
const whole = (low: number, high: number) => random.whole(low, high);

function small(lattice: boolean): ArcAsked {
	const perSide = whole(2, 5);
	const zones = whole(1, 3);
	const kinds = whole(2, perSide > 4 ? 4 : 5);
	const sizes = Array.from({ length: kinds }, (_, i) => si<'flow'>(lattice ? 0.4 + 0.2 * i : pick(0.3, 3)));
	const alike = random.next() < 0.5;
	const weights = zoneWeights(perSide, zones);
	const present = () => whole(-1, kinds - 1);
	const sides = alike || perSide > 3 ? [weights] : [weights, weights];
	const places = sides.flat().map((w) => ({ weights: w, present: alike ? [present(), present()] : [present()] }));
	const raw = Array.from({ length: zones }, () => pick(0.2, 1));
	const sum = raw.reduce((s, v) => s + v, 0);
	const nozzles = places.reduce((n, p) => n + p.present.length, 0);
	const mean = sizes.reduce((s, v) => s + v, 0) / kinds;
	return {
		sizes,
		places,
		total: si<'flow'>(nozzles * mean * pick(0.8, 1.2)),
		shares: raw.map((v) => v / sum)
	};
}

describe('a set for an arc', () => {
	it('is the one that trying all of them finds', () => {
		let none = 0;
		for (let i = 0; i < 150; i += 1) {
			const asked = small(i % 2 === 0);
			const slow = bruteForce(asked);
			const set = run(asked);
			if (!slow) {
				expect(set).toBeNull();
				none += 1;
				continue;
			}
			expect(set, JSON.stringify(asked)).not.toBeNull();
			expect(set!.gap).toBeLessThanOrEqual(slow.gap + gapsAlike);
			expect(set!.gap).toBe(Math.max(...asked.shares.map((share, z) => Math.abs(set!.shares[z]! - share))));
			expect([set!.changes, set!.kinds], JSON.stringify(asked)).toEqual([slow.changes, slow.kinds]);
			expect(Math.abs(set!.total / asked.total - 1)).toBeLessThanOrEqual(totalWithin + 1e-9);
		}
		expect(none).toBeLessThan(75);
	});

	it('changes nothing where what is fitted does it', () => {
		const sizes = [1, 1.5, 2].map((q) => si<'flow'>(q));
		const places = zoneWeights(6, 3).map((weights, i) => ({ weights, present: [i >> 1, i >> 1] }));
		const set = run({ sizes, places, total: si<'flow'>(18), shares: [4 / 18, 6 / 18, 8 / 18] })!;
		expect([set.changes, set.gap < 1e-9, set.sizes]).toEqual([0, true, [0, 0, 1, 1, 2, 2]]);
	});

	it('says so where no set comes near the wanted flow', () => {
		const places = zoneWeights(8, 3).map((weights) => ({ weights, present: [0, 0] }));
		expect(run({ sizes: [si<'flow'>(1)], places, total: si<'flow'>(40), shares: [0.3, 0.3, 0.4] })).toBeNull();
	});

	it('finds its way through sixteen places, twelve sizes and three zones', () => {
		const sizes = [0.41, 0.63, 0.77, 1.03, 1.19, 1.57, 2.02, 2.43, 3.14, 4.07, 5.9, 8.3].map((q) => si<'flow'>(q));
		const weights = zoneWeights(8, 3);
		const places = [...weights, ...weights].map((w, i) => ({ weights: w, present: [(i % 4) + 2] }));
		const set = run({ sizes, places, total: si<'flow'>(24), shares: [0.2, 0.4, 0.4] })!;
		expect(set.gap).toBeLessThan(1e-6);
		expect(set.sizes).toHaveLength(16);
	});

	it('says how far it is, at every breath and never backwards', () => {
		const sizes = [0.41, 0.63, 0.77, 1.03, 1.19, 1.57, 2.02, 2.43].map((q) => si<'flow'>(q));
		// Five places in three zones: two of them straddle, and their combinations are what is counted.
		const places = zoneWeights(5, 3).map((weights, i) => ({ weights, present: [i] }));
		const told: number[] = [];
		const search = searchArc({ sizes, places, total: si<'flow'>(5), shares: [0.3, 0.4, 0.3] });
		for (let step = search.next(); !step.done; step = search.next()) told.push(step.value);
		expect(told[0]).toBe(0);
		expect(told).toEqual([...told].sort((a, b) => a - b));
		expect(told.at(-1)).toBeGreaterThan(0.5);
		expect(told.at(-1)).toBeLessThanOrEqual(1);
		expect(new Set(told).size).toBeGreaterThan(2);
		expect(new Set(told).size).toBeLessThan(20);
	});
});
