import { addDays } from '../jobs/add-days';
import { daysBetween } from '../jobs/days-between';
import { emptyFor } from '../jobs/job-before';
import type { SprayRecord } from './record';

/** An interval of a label that still runs on sprayed ground, or that nobody entered. */
export interface OpenInterval {
	readonly kind: 'entry' | 'harvest' | 'plant-back' | 'not-entered';
	readonly block: string;
	/** What may be sown again, of a plant-back; empty otherwise. */
	readonly crop: string;
	readonly product: string;
	/** Seconds since 1970 at which people may go in again; null for a harvest. */
	readonly until: number | null;
	/** How long it lasts in all: seconds of a re-entry, days of a harvest or a sowing; 0 where nobody entered it. */
	readonly whole: number;
	/** Days until the harvest may begin or the crop may be sown, and the day of it; null for re-entry. */
	readonly days: number | null;
	readonly day: string | null;
	/** Which of the label's intervals nobody entered. */
	readonly what: readonly ('entry' | 'harvest')[];
}

/** What an interval counts from: when the spraying of a block ended, seconds since 1970, and the day of that. */
export interface SprayEnd {
	readonly ended: number;
	readonly lastDay: string;
}

type RecordedProduct = Pick<
	SprayRecord['products'][number],
	'name' | 'entryHours' | 'harvestDays' | 'plantBack' | 'dye'
>;

/**
 * The intervals of a record that still run on one of its blocks: re-entry from when its last load was out, harvest and
 * plant-back by days of the calendar from that day on. Of several products the one that keeps longest counts, of a plant-back
 * for each crop. An interval that nobody entered is told for thirty days.
 *
 * now: seconds since 1970. today: YYYY-MM-DD.
 * @example
 * openIntervals('B', [{ name: 'P', entryHours: 12, harvestDays: 21 }], { ended: 1000, lastDay: '2026-03-21' }, 2000, '2026-03-25').map((i) => [i.kind, i.until, i.days]) // => [["entry",44200,null],["harvest",null,17]]
 * openIntervals('B', [{ name: 'P', entryHours: null, harvestDays: 0 }], { ended: 0, lastDay: '2026-03-21' }, 2000, '2026-03-25').map((i) => [i.kind, i.what]) // => [["not-entered",["entry"]]]
 */
export function openIntervals(
	block: string,
	products: readonly RecordedProduct[],
	{ ended, lastDay }: SprayEnd,
	now: number,
	today: string
): OpenInterval[] {
	const nothing = { block, crop: '', until: null, days: null, day: null, whole: 0, what: [] };
	const longest = (pick: 'entryHours' | 'harvestDays') =>
		products.reduce<{ name: string; length: number } | null>((most, p) => {
			const length = p[pick];
			return length !== null && length > (most?.length ?? 0) ? { name: p.name, length } : most;
		}, null);
	const found: OpenInterval[] = [];
	const since = daysBetween(lastDay, today);
	const entry = longest('entryHours');
	if (entry && ended + entry.length * 3600 > now)
		found.push({
			...nothing,
			kind: 'entry',
			product: entry.name,
			until: ended + entry.length * 3600,
			whole: entry.length * 3600
		});
	const byDays = (kind: 'harvest' | 'plant-back', crop: string, product: string, length: number) => {
		const days = Math.ceil(length) - since;
		if (days > 0) {
			const whole = Math.ceil(length);
			found.push({ ...nothing, kind, crop, product, days, day: addDays(lastDay, whole), whole });
		}
	};
	const harvest = longest('harvestDays');
	if (harvest) byDays('harvest', '', harvest.name, harvest.length);
	const crops = new Map<string, { crop: string; product: string; days: number }>();
	for (const { name, plantBack } of products)
		for (const { crop, days } of plantBack ?? []) {
			const key = crop.toLowerCase();
			if (days > (crops.get(key)?.days ?? 0)) crops.set(key, { crop, product: name, days });
		}
	for (const { crop, product, days } of crops.values()) byDays('plant-back', crop, product, days);
	if (since <= emptyFor)
		for (const { name, entryHours, harvestDays, dye } of products) {
			if (dye) continue;
			const what = [
				...(entryHours === null ? ['entry' as const] : []),
				...(harvestDays === null ? ['harvest' as const] : [])
			];
			if (what.length > 0) found.push({ ...nothing, kind: 'not-entered', product: name, what });
		}
	return found;
}
