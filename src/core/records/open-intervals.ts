import { daysBetween } from '../jobs/days-between';
import type { SprayRecord } from './record';

/** An interval of a label that still runs on sprayed ground. */
export interface OpenInterval {
	readonly kind: 'entry' | 'harvest';
	readonly blocks: readonly string[];
	readonly product: string;
	/** Seconds since 1970 at which people may go in again; null for a harvest. */
	readonly until: number | null;
	/** Days until the harvest may begin; null for re-entry. */
	readonly days: number | null;
}

/**
 * The intervals of a record that still run: re-entry from when the spraying ended (from the end of its day, UTC, where
 * nobody ticked that), harvest by days of the calendar. Of several products the one that keeps longest counts.
 *
 * ended: seconds since 1970 at which the spraying ended, or its day did. now: the same. today: YYYY-MM-DD.
 * @example
 * openIntervals({ day: '2026-03-20', blocks: [{ name: 'B' }], products: [{ name: 'P', entryHours: 12, harvestDays: 21 }] }, 1000, 2000, '2026-03-25').map((i) => [i.kind, i.until, i.days]) // => [["entry",44200,null],["harvest",null,16]]
 */
export function openIntervals(
	record: {
		readonly day: string;
		readonly blocks: readonly Pick<SprayRecord['blocks'][number], 'name'>[];
		readonly products: readonly Pick<SprayRecord['products'][number], 'name' | 'entryHours' | 'harvestDays'>[];
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
		found.push({ kind: 'entry', blocks, product: entry.name, until: ended + entry.length * 3600, days: null });
	const harvest = longest('harvestDays');
	const left = harvest ? harvest.length - daysBetween(record.day, today) : 0;
	if (harvest && left > 0) found.push({ kind: 'harvest', blocks, product: harvest.name, until: null, days: left });
	return found;
}
