import { describe, expect, it } from 'vitest';
import { blockStates } from './block-states';
import { openIntervals } from './open-intervals';

const product = (
	name: string,
	entryHours: number | null,
	harvestDays: number | null,
	plantBack = [] as { crop: string; days: number }[]
) => ({
	name,
	entryHours,
	harvestDays,
	plantBack
});
const record = (day: string, blocks: string[], products: ReturnType<typeof product>[]) => ({
	day,
	blocks: blocks.map((name) => ({ name })),
	products
});
const hour = 3600;

describe('intervals of records', () => {
	it('keep by the longest label of each kind, and a sowing by crop', () => {
		const open = openIntervals(
			record(
				'2026-03-20',
				['B'],
				[
					product('P', 12, 21, [{ crop: 'Linseed', days: 90 }]),
					product('Q', 48, 7, [
						{ crop: 'linseed', days: 120 },
						{ crop: 'Barley', days: 30 }
					])
				]
			),
			0,
			hour,
			'2026-03-21'
		);
		expect(open.map((i) => [i.kind, i.crop, i.product, i.until, i.days, i.day])).toEqual([
			['entry', '', 'Q', 48 * hour, null, null],
			['harvest', '', 'P', null, 20, '2026-04-10'],
			['plant-back', 'linseed', 'Q', null, 119, '2026-07-18'],
			['plant-back', 'Barley', 'Q', null, 29, '2026-04-19']
		]);
	});

	it('end on the very moment and day that they tell', () => {
		const one = record('2026-03-20', ['B'], [product('P', 24, 3)]);
		expect(openIntervals(one, 0, 24 * hour - 1, '2026-03-22').map((i) => i.kind)).toEqual(['entry', 'harvest']);
		expect(openIntervals(one, 0, 24 * hour, '2026-03-23')).toEqual([]);
		// A record of before plant-back was kept has none.
		const { plantBack: _, ...old } = product('P', null, 2);
		expect(openIntervals({ ...one, products: [old] }, 0, 0, '2026-03-21').map((i) => i.days)).toEqual([1]);
	});

	it('come together as the state of each block, people first', () => {
		const states = blockStates([
			...openIntervals(record('2026-03-20', ['A', 'B'], [product('P', 24, 10)]), 0, 1, '2026-03-20'),
			...openIntervals(record('2026-03-18', ['B'], [product('Q', 72, 30)]), -48 * hour, 1, '2026-03-20'),
			...openIntervals(
				record('2026-03-01', ['C'], [product('R', null, null, [{ crop: 'Linseed', days: 60 }])]),
				0,
				1,
				'2026-03-20'
			)
		]);
		expect(
			states.map((s) => [s.block, s.entry?.until ?? null, s.harvest?.product ?? null, s.plantBack.length])
		).toEqual([
			['A', 24 * hour, 'P', 0],
			['B', 24 * hour, 'Q', 0],
			['C', null, null, 1]
		]);
	});
});
