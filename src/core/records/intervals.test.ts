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
const hour = 3600;
const end = (lastDay: string, ended = 0) => ({ lastDay, ended });

describe('intervals of records', () => {
	it('keep by the longest label of each kind, and a sowing by crop', () => {
		const products = [
			product('P', 12, 21, [{ crop: 'Linseed', days: 90 }]),
			product('Q', 48, 7, [
				{ crop: 'linseed', days: 120 },
				{ crop: 'Barley', days: 30 }
			])
		];
		const open = openIntervals('B', products, end('2026-03-20'), hour, '2026-03-21');
		expect(open.map((i) => [i.kind, i.crop, i.product, i.until, i.days, i.day])).toEqual([
			['entry', '', 'Q', 48 * hour, null, null],
			['harvest', '', 'P', null, 20, '2026-04-10'],
			['plant-back', 'linseed', 'Q', null, 119, '2026-07-18'],
			['plant-back', 'Barley', 'Q', null, 29, '2026-04-19']
		]);
	});

	it('end on the very moment and day that they tell', () => {
		const one = [product('P', 24, 3)];
		const open = (now: number, today: string) => openIntervals('B', one, end('2026-03-20'), now, today);
		expect(open(24 * hour - 1, '2026-03-22').map((i) => i.kind)).toEqual(['entry', 'harvest']);
		expect(open(24 * hour, '2026-03-23')).toEqual([]);
		// A record of before plant-back was kept has none.
		const { plantBack: _, ...old } = product('P', 0, 2);
		expect(openIntervals('B', [old], end('2026-03-20'), 0, '2026-03-21').map((i) => i.days)).toEqual([1]);
	});

	it('count from the last day, not from the one on which the spraying began', () => {
		// Begun on the 20th, out at two in the morning of the 21st.
		const late = openIntervals('B', [product('P', 24, 3)], end('2026-03-21', 2 * hour), 25 * hour, '2026-03-23');
		expect(late.map((i) => [i.kind, i.until, i.days])).toEqual([
			['entry', 26 * hour, null],
			['harvest', null, 1]
		]);
	});

	it('ask about what nobody entered, for thirty days', () => {
		const empty = [product('P', null, 0), product('Q', 0, null)];
		const open = (today: string) =>
			openIntervals('B', empty, end('2026-03-20'), 0, today).map((i) => [i.kind, i.product, i.what]);
		expect(open('2026-04-19')).toEqual([
			['not-entered', 'P', ['entry']],
			['not-entered', 'Q', ['harvest']]
		]);
		expect(open('2026-04-20')).toEqual([]);
	});

	it('come together as the state of each block, people first', () => {
		const states = blockStates([
			...['A', 'B'].flatMap((b) => openIntervals(b, [product('P', 24, 10)], end('2026-03-20'), 1, '2026-03-20')),
			...openIntervals('B', [product('Q', 72, 30)], end('2026-03-18', -48 * hour), 1, '2026-03-20'),
			...openIntervals(
				'C',
				[product('R', null, null, [{ crop: 'Linseed', days: 60 }]), product('R', null, 0)],
				end('2026-03-01'),
				1,
				'2026-03-20'
			)
		]);
		expect(
			states.map((s) => [
				s.block,
				s.entry?.until ?? null,
				s.harvest?.product ?? null,
				s.plantBack.length,
				s.notEntered.length
			])
		).toEqual([
			['A', 24 * hour, 'P', 0, 0],
			['B', 24 * hour, 'Q', 0, 0],
			['C', null, null, 1, 1]
		]);
	});
});
