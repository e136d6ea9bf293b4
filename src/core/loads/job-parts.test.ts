import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { si } from '../quantity/quantity';
import { dilution } from './dilution';
import { jobTime } from './job-time';
import { lowVolume } from './low-volume';
import type { Measure } from './measures';
import { pickMeasure } from './measures';
import { mixingClasses, mixingOrder } from './mixing-order';
import { amountAtMark } from './amount-at-mark';
import { trialPatch } from './trial-patch';
import { trueVolume } from './true-volume';

const positive = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const near = (a: number, b: number) => Math.abs(a - b) <= 1e-9 * Math.max(Math.abs(a), Math.abs(b), 1e-12);

describe('an amount at the mark of a jug', () => {
	it('never passes the label’s most, and is the nearest mark that does not', () => {
		fc.assert(
			fc.property(positive(1e-6, 10), positive(1e-6, 1), positive(0.5, 2), (amount, mark, share) => {
				const most = amount * share;
				const { amount: shown, marks, ratio } = amountAtMark(amount, mark, most);
				const slack = 1e-8 * Math.max(mark, most);
				if (shown > most + slack || !near(shown, marks * mark) || !near(ratio, shown / amount)) return false;
				// A slow look at every mark in turn: none that is allowed lies nearer.
				for (let m = Math.max(0, marks - 2); m <= marks + 2; m += 1)
					if (m * mark <= most - slack && Math.abs(m * mark - amount) < Math.abs(shown - amount) - slack) return false;
				return true;
			}),
			{ numRuns: 3000 }
		);
	});

	const jug = (name: string, mark: number, holds: number): Measure => ({ name, kind: 'volume', mark, holds });
	const farm = [jug('bucket', 0.001, 0.01), jug('jug', 5e-5, 1e-3), jug('cup', 1e-6, 5e-5)];
	const picked = (litres: number) => {
		const { measure, fills, small } = pickMeasure({ kind: 'volume', amount: si(litres / 1000) }, farm, Infinity);
		return [measure?.name, fills, small];
	};
	it('is taken with the finest measure that holds it', () => {
		expect(picked(0.02)).toEqual(['cup', 1, false]);
		expect(picked(0.4)).toEqual(['jug', 1, false]);
		expect(picked(6.67)).toEqual(['bucket', 1, false]);
		expect(picked(25)).toEqual(['bucket', 3, false]);
		expect(picked(0.004)).toEqual(['cup', 1, true]);
	});
	it('is too small under two marks, and told to three figures without any measure', () => {
		expect(pickMeasure({ kind: 'volume', amount: si(6e-5) }, [farm[1]!], Infinity)).toMatchObject({ small: true });
		const { shown, measure } = pickMeasure({ kind: 'mass', amount: si(0.6614888) }, farm, Infinity);
		expect([shown.amount.toFixed(3), measure]).toEqual(['0.661', null]);
	});
});

describe('mixing one load', () => {
	const product = fc.record({ mixes: fc.constantFrom(...mixingClasses), takesUp: positive(0, 0.02) });
	it('begins with water and ends at the mark, never dry, never product first, every product once and by class', () => {
		fc.assert(
			fc.property(positive(0.5, 3), fc.array(product, { maxLength: 8 }), (load, products) => {
				const steps = mixingOrder(si(load), products);
				const poured = steps.flatMap((s) => (s.do === 'product' ? [s.product] : []));
				const classes = poured.map((i) => mixingClasses.indexOf(products[i]!.mixes));
				const levels = steps.map((s) => (s.do === 'product' ? s.in : s.to));
				const first = steps[0]!;
				return (
					first.do === 'water' &&
					near(first.to, load / 2) &&
					steps.at(-1)!.do === 'top-up' &&
					steps.filter((s) => s.do === 'top-up').length === 1 &&
					new Set(poured).size === products.length &&
					poured.length === products.length &&
					classes.every((c, i) => i === 0 || c >= classes[i - 1]!) &&
					levels.every((v, i) => i === 0 || v >= levels[i - 1]! - 1e-12)
				);
			})
		);
	});
	it('begins with a third where a label says so, and pours a halved product before and after the water', () => {
		const steps = mixingOrder(si(0.9), [
			{ mixes: 'emulsion', takesUp: 0, fill: 'third' },
			{ mixes: 'dry', takesUp: 0.01, fill: 'half-product' },
			{ mixes: 'wetter', takesUp: 0, fill: 'half-product' }
		]);
		expect(steps.map((s) => (s.do === 'product' ? [s.product, s.part] : [s.do, Number(s.to.toFixed(4))]))).toEqual([
			['water', 0.3],
			[1, 0.5],
			[0, 1],
			['water', 0.81],
			[1, 0.5],
			[2, 1],
			['top-up', 0.9]
		]);
	});
	it('has the water at nine tenths before a wetter', () => {
		const steps = mixingOrder(si(1), [
			{ mixes: 'wetter', takesUp: 0 },
			{ mixes: 'wetter', takesUp: 0 }
		]);
		expect(steps.map((s) => (s.do === 'product' ? `p${s.product}` : `${s.do} ${s.to}`))).toEqual([
			'water 0.5',
			'water 0.9',
			'p0',
			'p1',
			'top-up 1'
		]);
	});
});

describe('while and after it is sprayed', () => {
	it('the true volume scales with what was used, and is none before anything was', () => {
		fc.assert(
			fc.property(positive(0.1, 3), positive(0, 0.9), positive(100, 1e5), positive(2, 20), (mixed, left, done, k) => {
				const at = (m: number) => trueVolume(si(m), si(left * m), si(done), si(done * 2), si(1e-5))!;
				return near(at(mixed * k).rate, at(mixed).rate * k) && near(at(mixed).remaining, at(mixed).rate * done);
			})
		);
		expect(trueVolume(si(1), si(1), si(10), si(10), si(1e-5))).toBeNull();
	});
	it('asks for a new calibration from more than 5 % on', () => {
		const gap = (share: number) => trueVolume(si(share), si(0), si(1e5), si(1e5), si(1e-5))!.calibrateAgain;
		expect([gap(1.05), gap(1.051), gap(0.95), gap(0.949)]).toEqual([false, true, false, true]);
	});
	it('a third of the water at three times the strength is the same product', () => {
		fc.assert(
			fc.property(positive(1e-5, 1e-3), positive(1e-3, 0.1), positive(1.1, 6), (rate, strength, times) => {
				const low = lowVolume(si(rate), strength, times);
				return near(low.rate * low.strength, rate * strength);
			})
		);
	});
	it('product and water of a dilution make the total', () => {
		fc.assert(
			fc.property(positive(1e-4, 0.4), positive(1e-3, 1), (strength, total) => {
				const { product, water } = dilution(strength, si(total), false);
				return near(product + water, total) && near(product / total, strength);
			})
		);
	});
	it('a patch sprayed twice as wet tells twice the volume, and twice the ground takes twice the spraying', () => {
		expect(trialPatch(si(0.004), si(20))).toBe(2 * trialPatch(si(0.002), si(20)));
		const once = jobTime(si(1e4), si(2), 3, si(600));
		expect(jobTime(si(2e4), si(2), 3, si(600)).spraying).toBe(2 * once.spraying);
		expect(once.total).toBe(5000 + 1800);
	});
});
