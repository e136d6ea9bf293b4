import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { entered } from '../quantity/entered';
import { fields } from '../quantity/fields';
import { si } from '../quantity/quantity';
import { containerRinse, pouredLoad } from '../run/poured-load';
import type { MixedProduct } from './mixing-order';
import { labelFills, mixingClasses, mixingOrder } from './mixing-order';

const steps = (load: number, products: readonly MixedProduct[]) =>
	mixingOrder(si(load), products).map((s) => [s.do, Number((s.do === 'product' ? s.in : s.to).toFixed(6))]);

describe('the steps of filling', () => {
	it('leave room for a product that is most of the load', () => {
		// 100 L/ha of liquid fertiliser in 150 L/ha, a tank of 600 L.
		expect(steps(0.6, [{ mixes: 'solution', takesUp: 0.4 }])).toEqual([
			['water', 0.2],
			['product', 0.6],
			['top-up', 0.6]
		]);
	});
	it('leave room for the rinses of containers, but never the agitation without water', () => {
		expect(steps(0.6, [{ mixes: 'solution', takesUp: 0.4, rinse: 0.05 }])[0]).toEqual(['water', 0.15]);
		expect(steps(0.6, [{ mixes: 'solution', takesUp: 0.4, rinse: 0.9 }])[0]).toEqual(['water', 0.1]);
	});
	it('take foliar feeds last', () => {
		const order = mixingOrder(si(0.6), [
			{ mixes: 'foliar', takesUp: 0.002 },
			{ mixes: 'wetter', takesUp: 0.001 },
			{ mixes: 'packet', takesUp: 0 }
		]);
		expect(order.flatMap((s) => (s.do === 'product' ? [s.product] : []))).toEqual([2, 1, 0]);
	});

	const product = fc.record({
		mixes: fc.constantFrom(...mixingClasses),
		part: fc.double({ min: 0, max: 1, noNaN: true }),
		rinse: fc.double({ min: 0, max: 0.5, noNaN: true }),
		fill: fc.constantFrom(undefined, ...labelFills)
	});
	it('never pass the load on the way, and end on it, whatever goes in', () => {
		fc.assert(
			fc.property(
				fc.double({ min: 1e-3, max: 10, noNaN: true }),
				fc.array(product, { maxLength: 8 }),
				fc.double({ min: 0, max: 0.99, noNaN: true }),
				(load, parts, full) => {
					const whole = parts.reduce((sum, p) => sum + p.part, 0) || 1;
					const made = mixingOrder(
						si(load),
						parts.map(({ mixes, part, rinse, fill }) => ({
							mixes,
							takesUp: (part / whole) * full * load,
							rinse: rinse * load,
							fill
						}))
					);
					const levels = made.map((s) => (s.do === 'product' ? s.in : s.to) as number);
					const poured = made.reduce((sum, s) => sum + (s.do === 'product' ? s.part : 0), 0);
					return (
						made[0]!.do === 'water' &&
						levels[0]! > 0 &&
						levels.every((l, i) => l <= load && (i === 0 || l >= levels[i - 1]! - 1e-12)) &&
						levels.at(-1) === load &&
						Math.abs(poured - parts.length) < 1e-9
					);
				}
			),
			{ numRuns: 3000 }
		);
	});
});

describe('what was poured', () => {
	const load = {
		mix: si<'volume'>(0.6),
		area: si<'area'>(30000),
		water: si<'volume'>(0.594),
		products: [
			{ kind: 'volume' as const, amount: si<'volume'>(0.006) },
			{ kind: 'mass' as const, amount: si<'mass'>(3) }
		],
		rows: null,
		packs: null
	};
	const order = mixingOrder(load.mix, [
		{ mixes: 'emulsion', takesUp: 0.006, fill: 'half-product' },
		{ mixes: 'dry', takesUp: 0 }
	]);
	const tick = (text: string, unit: string) => ({ poured: entered(fields.poured, { text, unit, gallon: 'US' }) });
	it('is told by the ticks, halves and all; what nobody ticked is as planned', () => {
		// Water, dry, half of the emulsion, water, the other half, top up.
		expect(order.map((s) => (s.do === 'product' ? s.product : s.do))).toEqual(['water', 1, 0, 'water', 0, 'top-up']);
		const all = pouredLoad(load, order, [null, tick('3.2', 'kg'), tick('4 L', 'L'), null, tick('5 L', 'L'), null]);
		expect(all.poured.products[0]!.amount).toBeCloseTo(0.009, 9);
		expect(all.poured.products[1]!.amount).toBeCloseTo(3.2, 9);
		expect(all.measured).toBe(true);
		const some = pouredLoad(load, order, [null, null, tick('4 L', 'L'), null, null, null]);
		expect(some.poured.products[0]!.amount).toBeCloseTo(0.007, 9);
		expect(some.measured).toBe(false);
	});
	it('rinses only whole containers of its own kind', () => {
		expect(containerRinse({ kind: 'volume', amount: si(0.0049) }, { kind: 'volume', amount: si(0.005) })).toBe(0);
		expect(containerRinse({ kind: 'mass', amount: si(10) }, { kind: 'volume', amount: si(0.005) })).toBe(0);
	});
});
