import { describe, expect, it } from 'vitest';
import { checkSum, slipFactors } from '../index';
import type { Sum, SumPart } from '../index';
import { factor } from '../index';
import type { Slip, SlipFactor } from '../index';

/** A small seeded generator, so that a failure can be run again. */
function seeded(seed: number): () => number {
	let s = seed >>> 0;
	return () => {
		s = (Math.imul(s, 1664525) + 1013904223) >>> 0;
		return s / 2 ** 32;
	};
}

const part = (name: SumPart['name'], kind: SumPart['kind'], figure: number, unit: string, power: 1 | -1): SumPart => ({
	name,
	kind,
	value: kind === 'count' ? figure : figure * factor(kind, unit),
	unit,
	power
});
const answerOf = (parts: readonly SumPart[]) => parts.reduce((p, { value, power }) => p * value ** power, 1);

/** A calibration by speed, width and flow as somebody would have measured it, in either system. */
function sumOf(random: () => number): Sum {
	const us = random() < 0.5;
	const between = (low: number, high: number, digits: number) =>
		Number((low + (high - low) * random()).toFixed(digits));
	const nozzles = 4 + Math.floor(random() * 30);
	const parts = [
		us
			? part('catch', 'volume', between(12.1, 39.9, 1), 'US fl oz', 1)
			: part('catch', 'volume', between(301, 1499, 0), 'ml', 1),
		part('catchTime', 'time', between(21, 119, 1), 's', -1),
		part('nozzles', 'count', nozzles, '', 1),
		us
			? part('course', 'length', between(151, 399, 1), 'ft', -1)
			: part('course', 'length', between(51, 119, 1), 'm', -1),
		part('courseTime', 'time', between(21, 95, 1), 's', 1),
		us
			? part('width', 'length', between(20.1, 59.9, 1), 'ft', -1)
			: part('width', 'length', between(6.1, 23.9, 2), 'm', -1)
	];
	const speed = parts[3]!.value / parts[4]!.value;
	return {
		parts,
		answer: answerOf(parts),
		kind: 'volumePerArea',
		relativeU95: 0.03,
		aside: {
			dial: speed * (1.06 + random() * 0.1),
			gross: parts[5]!.value * (1.1 + random() * 0.15),
			...(random() < 0.5 && { sides: true })
		}
	};
}

const same = (a: readonly Slip[], b: readonly Slip[]) =>
	[...a.map((s) => s.code)].sort().join() === [...b.map((s) => s.code)].sort().join();
/** An answer as it is written down: to five figures. */
const written = (value: number) => Number(value.toPrecision(5));
const step = 0.5e-4;
const unlike = (a: Slip, b: Slip) => a.code !== b.code;

describe('check my sum', () => {
	it('names the slip of 500 seeded sums, alone and in pairs', () => {
		const wrong: string[] = [];
		let tried = 0;
		for (let seed = 1; tried < 500; seed += 1) {
			const random = seeded(seed * 7919);
			const sum = sumOf(random);
			const all = slipFactors(sum);
			const pick = (): SlipFactor => all[Math.floor(random() * all.length)]!;
			const first = pick();
			const pair = seed % 2 === 0;
			const second = pair ? pick() : null;
			const made = second ? [first, second] : [first];
			if (second && (!unlike(first.slip, second.slip) || ofOneThing(first.slip, second.slip))) continue;
			const f = made.reduce((p, s) => p * s.factor, 1);
			// A slip that stays within the ± cannot be told from a right sum, nor one that another undoes.
			if (Math.abs(f - 1) <= sum.relativeU95 + step || made.some((s) => Math.abs(s.factor - 1) < 0.01)) continue;
			tried += 1;
			const checked = checkSum(sum, written(sum.answer * f), step);
			const slips = made.map((s) => s.slip);
			if (checked.verdict !== 'slip' || !same(checked.slips, slips))
				wrong.push(`${seed}: ${slips.map((s) => s.code).join('+')} told as ${JSON.stringify(checked)}`);
		}
		expect(wrong.length, wrong.slice(0, 12).join('\n')).toBeLessThanOrEqual(25);
	});

	it('names none for 500 sums that are right within their ±', () => {
		for (let seed = 1; seed <= 500; seed += 1) {
			const random = seeded(seed * 104729);
			const sum = sumOf(random);
			const mine = sum.answer * (1 + (random() * 2 - 1) * sum.relativeU95);
			expect(checkSum(sum, mine, step).verdict, `seed ${seed}`).toBe('agrees');
		}
	});

	it('names no slip where a figure comes of none', () => {
		const sum = sumOf(seeded(5));
		const checked = checkSum(
			{ ...sum, parts: [part('nozzles', 'count', 8, '', 1)], aside: {} },
			sum.answer * 1.5,
			step
		);
		expect(checked).toMatchObject({ verdict: 'no-slip' });
		// A figure of two digits is too coarse for two slips at once.
		expect(checkSum(sum, sum.answer * 7.3, 0.02).verdict).not.toBe('agrees');
	});

	it('offers no gallons, acres or feet to a sum that has none', () => {
		const sum: Sum = {
			parts: [part('catch', 'volume', 602, 'ml', 1), part('width', 'length', 12, 'm', -1)],
			answer: 2e-5,
			kind: 'volumePerArea',
			relativeU95: 0.02
		};
		const codes = slipFactors(sum).map((s) => s.slip.code);
		for (const code of ['gallon', 'ounces', 'acre', 'square-feet', 'inches']) expect(codes).not.toContain(code);
	});

	it('knows the slips of the trade by their own figures', () => {
		// 17.65 gal/ac over 24 nozzles: one of them gives a 24th; Imperial gallons 0.8327 of it.
		const sum: Sum = {
			parts: [
				part('catch', 'volume', 19.23, 'US fl oz', 1),
				part('nozzles', 'count', 24, '', 1),
				part('width', 'length', 40, 'ft', -1)
			],
			answer: 17.65 * factor('volumePerArea', 'US gal/ac'),
			kind: 'volumePerArea',
			relativeU95: 0.02
		};
		const of = (figure: number) => {
			const checked = checkSum(sum, figure * factor('volumePerArea', 'US gal/ac'), 5e-4);
			return checked.verdict === 'slip' ? checked.slips.map((s) => s.code) : checked.verdict;
		};
		expect(of(0.7354)).toEqual(['one-nozzle']);
		expect(of(14.697)).toEqual(['gallon']);
		expect(of(211.8)).toEqual(['inches']);
		expect(of(17.7)).toBe('agrees');
	});
});

/** Slips of one part, of the same unit or of the same ground do not go together. */
function ofOneThing(a: Slip, b: Slip): boolean {
	const group = (s: Slip) =>
		s.code === 'gallon' || s.code === 'ounces' ? 'unit' : s.code === 'acre' || s.code === 'square-feet' ? 'ground' : '';
	if (group(a) !== '' && group(a) === group(b)) return true;
	return 'part' in a && 'part' in b && a.part === b.part;
}
