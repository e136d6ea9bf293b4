import { describe, expect, it } from 'vitest';
import { readDay } from '$lib/settings/day-text';
import type { TraceLike } from './history';
import { fieldLine, wearLine } from './history';
import { usedBars } from '$lib/record/used-bars';

const trace = (signedDay: string, wear: number | null): TraceLike => ({
	id: signedDay,
	signedDay,
	person: '',
	rate: 2e-5,
	relativeU95: 0.05,
	wear,
	unevenness: null,
	nozzles: []
});

describe('the wear of a set', () => {
	it('tells the day on which 10 % is reached, and between which days that is', () => {
		const line = wearLine(
			[trace('2024-01-01', 0), trace('2024-07-01', 0.02), trace('2025-01-01', 0.041), trace('2026-01-01', 0.08)],
			null,
			false
		);
		expect(line.points).toBe(4);
		const told = /about (.+)\. 95 % sure: between (.+) and (.+)\./.exec(line.outlook)!;
		const [day, from, to] = told.slice(1).map((text) => readDay(text)!);
		expect(day! > '2026-06-01' && day! < '2026-08-01').toBe(true);
		expect(from! < day! && day! < to!).toBe(true);
		// The dashed line goes from the first calibration to that day.
		const series = line.options.series as { name: string; data: { x: number }[] }[];
		expect(series.map((s) => s.name)).toEqual(['over new, %', 'trend']);
		expect(series[1]!.data.map((p) => p.x)).toEqual([Date.parse('2024-01-01'), Date.parse(day!)]);
	});

	it('leaves the sets before the newest nozzles out', () => {
		const traces = [
			trace('2024-01-01', 0.09),
			trace('2025-01-01', 0.12),
			trace('2026-01-01', 0),
			trace('2026-06-01', 0.02)
		];
		expect(wearLine(traces, null, false).points).toBe(4);
		expect(wearLine(traces, '2025-11-01', false).points).toBe(2);
	});

	it('says plainly what cannot be told', () => {
		expect(wearLine([], null, false).outlook).toBe('');
		expect(wearLine([trace('2026-01-01', 0.02), trace('2026-02-01', null)], null, false).outlook).toBe('');
		expect(wearLine([trace('2026-01-01', 0.04), trace('2026-05-01', 0.03)], null, false).outlook).toContain(
			'does not rise'
		);
		expect(wearLine([trace('2026-01-01', 0.01), trace('2026-05-01', 0.0101)], null, false).outlook).toContain(
			'over ten years'
		);
		expect(wearLine([trace('2025-01-01', 0.08), trace('2026-01-01', 0.11)], null, false).outlook).toBe(
			'This set is past 10 % already: 11 % on 1 Jan 2026. Fit new nozzles.'
		);
		expect(wearLine([trace('2026-01-01', 0.01), trace('2026-02-01', 0.02)], null, false).outlook).toMatch(
			/2 calibrations (cannot tell|are too few)/
		);
	});
});

it('a job’s true volume stands against its calibration in per cent, with the limits of doubt', () => {
	const line = fieldLine(
		[
			{ id: 'a', day: '2026-03-01', planned: 2e-5, truth: 2.08e-5 },
			{ id: 'b', day: '2026-04-01', planned: 4e-5, truth: 3.9e-5 }
		],
		false
	);
	const [series] = line.options.series as { data: { y: number }[] }[];
	expect(series!.data.map((p) => p.y)).toEqual([4, -2.5]);
	expect(line.options.annotations!.yaxis!.map((a) => a.y)).toEqual([5, -5]);
});

describe('what was used by year', () => {
	const used = [
		{ year: 2025, product: 'B', kind: 'volume' as const, total: 0.002 },
		{ year: 2026, product: 'A', kind: 'volume' as const, total: 0.001 },
		{ year: 2026, product: 'B', kind: 'volume' as const, total: 0.0005 },
		{ year: 2026, product: 'C', kind: 'mass' as const, total: 3 }
	];

	it('has a bar a product and year, in the farm’s own unit, and words for all of it', () => {
		const bars = usedBars(used, 'volume', { name: 'L', of: (v) => v * 1000 }, false);
		expect(bars.options.xaxis!.categories).toEqual(['A', 'B']);
		expect(bars.options.series).toEqual([
			{ name: '2025', data: [0, 2] },
			{ name: '2026', data: [1, 0.5] }
		]);
		expect(bars.words).toBe('2025: B 2 L. 2026: A 1 L, B 0.500 L');
		expect(usedBars(used, 'volume', { name: 'L', of: (v) => v * 1000 }, true).words).toContain('B 0,500 L');
		const label = bars.options.dataLabels!.formatter! as (v: number, at: { seriesIndex: number }) => string;
		expect([label(0, { seriesIndex: 0 }), label(2, { seriesIndex: 0 })]).toEqual(['', '2025  2 L']);
	});

	it('is nothing where nothing of a kind was used', () => {
		expect(usedBars(used.slice(0, 3), 'mass', { name: 'kg', of: (v) => v }, false)).toMatchObject({
			products: 0,
			words: ''
		});
	});
});
