import { addDays } from '../jobs/add-days';
import { daysBetween } from '../jobs/days-between';
import type { SprayRecord } from './record';

/** An interval of a label that still runs on sprayed ground. */
export interface OpenInterval {
	readonly kind: 'entry' | 'harvest' | 'plant-back';
	readonly blocks: readonly string[];
	/** What may be sown again, of a plant-back; empty otherwise. */
	readonly crop: string;
	readonly product: string;
	/** Seconds since 1970 at which people may go in again; null for a harvest. */
	readonly until: number | null;
	/** Days until the harvest may begin or the crop may be sown, and the day of it; null for re-entry. */
	readonly days: number | null;
	readonly day: string | null;
}

/**
 * The intervals of a record that still run: re-entry from when the spraying ended (from the end of its day where
 * nobody ticked that), harvest and plant-back by days of the calendar. Of several products the one that keeps longest
 * counts, of a plant-back for each crop.
 *
 * ended: seconds since 1970 at which the spraying ended, or its day did. now: the same. today: YYYY-MM-DD.
 * @example
 * openIntervals({ day: '2026-03-20', blocks: [{ name: 'B' }], products: [{ name: 'P', entryHours: 12, harvestDays: 21 }] }, 1000, 2000, '2026-03-25').map((i) => [i.kind, i.until, i.days]) // => [["entry",44200,null],["harvest",null,16]]
 */
export function openIntervals(
	record: {
		readonly day: string;
		readonly blocks: readonly Pick<SprayRecord['blocks'][number], 'name'>[];
		readonly products: readonly Pick<
			SprayRecord['products'][number],
			'name' | 'entryHours' | 'harvestDays' | 'plantBack'
		>[];
	},
	ended: number,
	now: number,
	today: string
): OpenInterval[] {
	const blocks = record.blocks.map((b) => b.name);
	const longest = (pick: 'entryHours' | 'harvestDays') =>
		record.products.reduce<{ name: string; length: number } | null>((most, p) => {
			const length = p[pick];
			return length !== null && length > (most?.length ?? 0) ? { name: p.name, length } : most;
		}, null);
	const found: OpenInterval[] = [];
	const entry = longest('entryHours');
	if (entry && ended + entry.length * 3600 > now)
		found.push({
			kind: 'entry',
			blocks,
			crop: '',
			product: entry.name,
			until: ended + entry.length * 3600,
			days: null,
			day: null
		});
	const byDays = (kind: 'harvest' | 'plant-back', crop: string, product: string, length: number) => {
		const left = length - daysBetween(record.day, today);
		if (left > 0)
			found.push({ kind, blocks, crop, product, until: null, days: left, day: addDays(record.day, Math.ceil(length)) });
	};
	const harvest = longest('harvestDays');
	if (harvest) byDays('harvest', '', harvest.name, harvest.length);
	const crops = new Map<string, { crop: string; product: string; days: number }>();
	for (const { name, plantBack } of record.products)
		for (const { crop, days } of plantBack ?? []) {
			const key = crop.toLowerCase();
			if (days > (crops.get(key)?.days ?? 0)) crops.set(key, { crop, product: name, days });
		}
	for (const { crop, product, days } of crops.values()) byDays('plant-back', crop, product, days);
	return found;
}
