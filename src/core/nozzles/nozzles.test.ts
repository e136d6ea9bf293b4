import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { Seeded } from '../../../tests/support/seeded';
import { si } from '../quantity/quantity';
import { impossiblePoint, misfits } from './check-points';
import type { ChoiceAsked } from './choose-nozzles';
import { chooseNozzles } from './choose-nozzles';
import { dropletClassAt } from './droplet-class';
import { flowAt } from './flow-at';
import { isoNozzles } from './iso-nozzles';
import type { FlowPoint, Nozzle } from './nozzle';
import { dropletClasses } from './nozzle';
import { pressureAt } from './pressure-at';
import { pumpMargin, usualAgitation } from './pump-margin';
import { passes, readNozzleFilter } from './read-filter';
import type { TypedNozzle } from './typed-nozzle';
import { readNozzle } from './typed-nozzle';

const bar = (p: number) => si<'pressure'>(p * 1e5);
const lmin = (q: number) => si<'flow'>(q / 6e4);
const kmh = (v: number) => si<'speed'>(v / 3.6);
const near = (a: number, b: number, within = 1e-9) => Math.abs(a - b) <= within * Math.max(Math.abs(a), Math.abs(b));
const sheet: fc.Arbitrary<FlowPoint[]> = fc
	.tuple(
		fc.uniqueArray(fc.integer({ min: 10, max: 200 }), { minLength: 1, maxLength: 6 }),
		fc.double({ min: 0.2, max: 4, noNaN: true }),
		fc.array(fc.double({ min: 0.995, max: 1.005, noNaN: true }), { minLength: 6, maxLength: 6 })
	)
	.map(([pressures, k, wobble]) =>
		pressures
			.sort((a, b) => a - b)
			.map((p, i) => ({ pressure: bar(p / 10), flow: lmin(k * Math.sqrt(p / 10) * wobble[i]!) }))
	)
	.filter((points) => impossiblePoint(points) < 0);

describe('a nozzle’s sheet', () => {
	it('passes through its points, and back from flow to pressure', () => {
		fc.assert(
			fc.property(sheet, fc.double({ min: 0.5, max: 40, noNaN: true }), (points, p) => {
				const through = points.every((at) => near(flowAt(points, at.pressure), at.flow));
				return through && near(pressureAt(points, flowAt(points, bar(p))), bar(p), 1e-7);
			})
		);
	});

	it('keeps the square law between points of an orifice', () => {
		fc.assert(
			fc.property(fc.double({ min: 0.5, max: 40, noNaN: true }), (p) => {
				const points = [1, 3, 8].map((x) => ({ pressure: bar(x), flow: lmin(0.7 * Math.sqrt(x)) }));
				return near(flowAt(points, bar(p)), lmin(0.7 * Math.sqrt(p)));
			})
		);
	});

	it('tells a point that was copied wrongly', () => {
		const points = [1, 2, 3, 4].map((x) => ({ pressure: bar(x), flow: lmin(0.7 * Math.sqrt(x)) }));
		expect(misfits(points)).toEqual([]);
		const slip = points.map((p, i) => (i === 2 ? { ...p, flow: si<'flow'>(p.flow * 1.12) } : p));
		expect(misfits(slip).map((m) => [m.at, Math.round(m.share * 100)])).toEqual([[2, 12]]);
	});

	it('counts the finer drops between two pressures, and claims none above the last', () => {
		const classes = [
			{ pressure: bar(2), drops: 'very-coarse' as const },
			{ pressure: bar(4), drops: 'coarse' as const }
		];
		expect([1, 2, 2.1, 4, 4.1].map((p) => dropletClassAt(classes, bar(p)))).toEqual([
			'very-coarse',
			'very-coarse',
			'coarse',
			'coarse',
			null
		]);
	});

	it('generic entries pass what their size says, and are marked as typical', () => {
		const table = isoNozzles('metric', new Set(['iso-flat-fan-03']));
		const blue = table.find((n) => n.key === 'iso-flat-fan-03')!;
		expect(blue).toMatchObject({ typical: true, shed: true, size: '03', angle: 110, classes: [] });
		expect(table.find((n) => n.kind === 'hollow-cone')!.angle).toBeNull();
		expect(flowAt(blue.points, bar(3)) * 6e4).toBeCloseTo(1.2, 12);
		const us = isoNozzles('US', new Set()).find((n) => n.key === 'iso-flat-fan-03')!;
		expect(us.shed).toBe(false);
		// The two ways to tell a size differ by 1.3 %.
		expect(flowAt(us.points, bar(3)) / flowAt(blue.points, bar(3))).toBeCloseTo(0.987, 2);
		expect(new Set(table.map((n) => n.key)).size).toBe(table.length);
	});
});

describe('a nozzle as typed', () => {
	const t = (text: string, unit = 'bar') => ({ text, unit, gallon: 'US' as const });
	const point = (p: string, q: string) => ({ pressure: t(p), flow: t(q, 'L/min') });
	const nozzle = (change: Partial<TypedNozzle>): TypedNozzle => ({
		name: 'Sample fan',
		kind: 'flat-fan',
		size: '03',
		angle: 110,
		points: [point('3', '1.2'), point('2', '0.98')],
		classes: [],
		...change
	});
	const codes = (change: Partial<TypedNozzle>) => {
		const read = readNozzle('k', nozzle(change), false);
		return read.ok ? read.value.points.length : read.issues.map((i) => `${i.path} ${i.code}`);
	};

	it('reads its points in any order and takes the usual range where none is given', () => {
		const read = readNozzle('k', nozzle({}), true);
		expect(read.ok && [read.value.points[0]!.pressure, read.value.typical, read.value.low]).toEqual([2e5, true, 1e5]);
	});

	it.each([
		[{ points: [] }, ['points missing']],
		[{ points: [point('2', '0.98'), point('3', '0.9')] }, ['points.1 no-orifice']],
		[{ points: [point('2', '0.98'), point('3', '1.9')] }, ['points.1 no-orifice']],
		[{ points: [point('2', '0.98'), point('2 bar', '1')] }, ['points.1 same-pressure']],
		[{ points: [point('2', 'some')] }, ['points.0.flow unreadable']],
		[{ points: [point('-2', '1')] }, ['points.0.pressure negative']],
		[{ range: { low: t('4'), high: t('2') } }, ['range.low upside-down']],
		[{ angle: 300 }, ['angle angle']],
		[{ classes: [{ pressure: t('x'), drops: 'coarse' as const }] }, ['classes.0.pressure unreadable']]
	])('%j is told', (change, wanted) => {
		expect(codes(change)).toEqual(wanted);
	});
});

describe('the chooser', () => {
	const source = new Seeded(4);
	const random = () => source.next();
	const between = (low: number, high: number) => source.between(low, high);
	const made = (i: number): Nozzle => {
		const k = between(0.15, 3);
		const low = between(1, 3);
		const high = low + between(1, 6);
		const pressures = [low, (low + high) / 2, high];
		return {
			key: `n${i}`,
			name: `n${i}`,
			kind: 'flat-fan',
			size: '',
			angle: 110,
			points: pressures.map((p) => ({ pressure: bar(p), flow: lmin(k * Math.sqrt(p) * between(0.99, 1.01)) })),
			low: bar(low),
			high: bar(high),
			typical: false,
			classes:
				random() < 0.5
					? []
					: pressures.map((p, c) => ({ pressure: bar(p), drops: dropletClasses[Math.max(0, 5 - c - (i % 3))]! })),
			shed: random() < 0.3
		};
	};
	const table = Array.from({ length: 300 }, (_, i) => made(i));
	const asked: ChoiceAsked = {
		rate: si(150e-7),
		speeds: { low: kmh(6), high: kmh(10) },
		served: si(0.5),
		specificGravity: 1,
		drops: null,
		now: { speed: kmh(8), pressure: bar(3), nozzle: 'n7' }
	};
	const needs = (v: number) => asked.rate * v * asked.served;

	it('finds exactly what trying every speed finds', () => {
		const found = new Set(chooseNozzles(table, asked).choices.map((c) => c.nozzle.key));
		for (const nozzle of table) {
			const slow = Array.from({ length: 4001 }, (_, i) => kmh(6 + i / 1000)).some((v) => {
				const p = pressureAt(nozzle.points, si<'flow'>(needs(v)));
				return p >= nozzle.low && p <= nozzle.high;
			});
			// The slow way may miss a sliver of speeds between two of its steps, never the other way round.
			if (slow) expect(found.has(nozzle.key), nozzle.key).toBe(true);
		}
	});

	it('every choice gives the wanted volume inside its ranges', () => {
		for (const c of chooseNozzles(table, asked).choices) {
			expect(near(flowAt(c.nozzle.points, c.pressure), needs(c.speed), 1e-7)).toBe(true);
			expect(c.speed).toBeGreaterThanOrEqual(asked.speeds.low * (1 - 1e-9));
			expect(c.speed).toBeLessThanOrEqual(asked.speeds.high * (1 + 1e-9));
			expect(c.pressure).toBeGreaterThanOrEqual(c.nozzle.low * (1 - 1e-9));
			expect(c.pressure).toBeLessThanOrEqual(c.nozzle.high * (1 + 1e-9));
		}
	});

	it('is ordered: middle of the range, in the shed, least change', () => {
		const { choices } = chooseNozzles(table, asked);
		const rank = (c: (typeof choices)[number]) => (c.middle ? 0 : 2) + (c.nozzle.shed ? 0 : 1);
		for (let i = 1; i < choices.length; i += 1) {
			const [a, b] = [choices[i - 1]!, choices[i]!];
			expect(rank(a)).toBeLessThanOrEqual(rank(b));
			if (rank(a) === rank(b)) expect(a.change).toBeLessThanOrEqual(b.change + 1e-9);
		}
		expect(choices.some((c) => c.middle) && choices.some((c) => !c.middle)).toBe(true);
	});

	it('keeps to the drop sizes that the label asks for, and counts the sheets that give none', () => {
		const drops = ['coarse', 'very-coarse'] as const;
		const { choices, withoutDrops } = chooseNozzles(table, { ...asked, drops });
		expect(choices.length).toBeGreaterThan(0);
		for (const c of choices) expect(drops).toContain(c.drops);
		expect(withoutDrops).toBe(table.filter((n) => n.classes.length === 0).length);
	});

	it('a heavier liquid needs more of a nozzle', () => {
		const [light] = chooseNozzles(table.slice(0, 60), asked).choices;
		const heavy = chooseNozzles([light!.nozzle], { ...asked, specificGravity: 1.28 }).choices[0];
		if (heavy) expect(heavy.pressure / heavy.speed ** 2).toBeGreaterThan(light!.pressure / light!.speed ** 2);
	});
});

describe('filters', () => {
	const read = (text: string) => {
		const filter = readNozzleFilter(text, 'US');
		if (!filter.ok) throw new Error(filter.issues[0]!.code);
		return filter.value;
	};
	const one = {
		kind: 'air-induction' as const,
		text: 'air induction 110-03 03',
		shed: true,
		drops: 'coarse' as const,
		pressure: bar(2.5),
		speed: kmh(8)
	};

	it.each([
		['', true],
		['air induction', true],
		['air-induction shed', true],
		['flat fan', false],
		['03', true],
		['04', false],
		['coarse', true],
		['very coarse', false],
		['<3 bar', true],
		['< 2 bar', false],
		['>2 bar <3 bar 03', true],
		['<5 mph', true],
		['>10 km/h', false],
		['flat fan air induction', true]
	])('%s: %s', (text, wanted) => {
		expect(passes(read(text), one)).toBe(wanted);
	});

	it.each([
		['<3', 'no-unit'],
		['<soft', 'unreadable'],
		['<3 L', 'no-unit']
	])('%s is told, not guessed', (text, code) => {
		const filter = readNozzleFilter(text, 'US');
		expect(filter.ok ? 'read' : filter.issues[0]!.code).toBe(code);
	});
});

describe('the pump', () => {
	it('feeds nozzles and agitation, or does not', () => {
		const stir = usualAgitation(si(0.6));
		expect(stir * 6e4).toBeCloseTo(30, 9);
		expect(pumpMargin(lmin(28.8), stir, lmin(60)).enough).toBe(true);
		expect(pumpMargin(lmin(40), stir, lmin(60)).spare * 6e4).toBeCloseTo(-10, 9);
	});
});
