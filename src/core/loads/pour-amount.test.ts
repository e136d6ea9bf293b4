import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { si } from '../quantity/quantity';
import type { Measure } from './measures';
import { mostMoved, pourAmount } from './pour-amount';

const jugs: Measure[] = [
	{ name: '5 L jug', kind: 'volume', mark: 5e-5, holds: 0.005 },
	{ name: '1 L jug', kind: 'volume', mark: 1e-5, holds: 0.001 }
];

describe('an amount brought together at the tank', () => {
	it('is whole containers and a rest at the mark of the finest jug that holds it', () => {
		const made = pourAmount({ kind: 'volume', amount: si(0.01334) }, [0.005, 0.01], jugs, Infinity);
		expect([made.packs, made.pack, made.rest!.measure!.name]).toEqual([1, 0.01, '5 L jug']);
		expect(made.amount).toBeCloseTo(0.01335, 12);
	});
	it('holds down where the next mark would pass the label’s most', () => {
		const made = pourAmount({ kind: 'volume', amount: si(0.00954) }, [0.005], jugs, 0.00954);
		expect(made.heldDown).toBe(true);
		expect(made.amount).toBeCloseTo(0.0095, 12);
	});
	it('never passes the most, is off by half a mark at the most else, and adds up', () => {
		const litres = fc.double({ min: 1e-3, max: 0.06, noNaN: true });
		fc.assert(
			fc.property(
				litres,
				fc.subarray([0.005, 0.01, 0.02]),
				fc.double({ min: 1, max: 1.2, noNaN: true }),
				(v, packs, room) => {
					const most = v * room;
					const made = pourAmount({ kind: 'volume', amount: si(v) }, packs, jugs, most);
					if (made.tooCoarse !== null)
						return made.amount === v && made.ratio === 1 && Math.abs(made.tooCoarse - 1) > mostMoved;
					const rest = made.rest?.shown.amount ?? 0;
					const mark = made.rest?.measure?.mark ?? 0;
					const off = made.amount - v;
					return (
						made.amount <= most * (1 + 1e-8) &&
						Math.abs(made.packs * made.pack + rest - made.amount) < 1e-12 &&
						Math.abs(made.ratio - 1) <= mostMoved * (1 + 1e-9) &&
						off <= mark / 2 + 1e-12 &&
						off >= -(made.heldDown ? mark : mark / 2) - 1e-12 &&
						Math.abs(made.ratio * v - made.amount) < 1e-12
					);
				}
			),
			{ numRuns: 2000 }
		);
	});
	it('stays exact where no mark is within 2.5 %, and never becomes nothing', () => {
		const held = pourAmount({ kind: 'volume', amount: si(4e-6) }, [], [jugs[1]!], 4e-6);
		expect([held.amount, held.ratio, held.tooCoarse]).toEqual([4e-6, 1, 0]);
		const up = pourAmount({ kind: 'volume', amount: si(1.26e-4) }, [], [jugs[1]!], Infinity);
		expect([up.amount, up.tooCoarse!.toFixed(4)]).toEqual([1.26e-4, '1.0317']);
		// 195 ml to 200 ml is 2.56 % and too far; 204.9 ml to 200 ml is 2.39 % and within.
		expect(pourAmount({ kind: 'volume', amount: si(1.95e-4) }, [], [jugs[1]!], Infinity).tooCoarse).not.toBeNull();
		expect(pourAmount({ kind: 'volume', amount: si(2.049e-4) }, [], [jugs[1]!], Infinity).amount).toBeCloseTo(2e-4, 12);
	});
	it('says a small amount only where nothing else is poured', () => {
		expect(pourAmount({ kind: 'volume', amount: si(4e-6) }, [0.005], jugs, Infinity).rest!.small).toBe(true);
		expect(pourAmount({ kind: 'volume', amount: si(0.005004) }, [0.005], jugs, Infinity).rest!.small).toBe(false);
	});
});
