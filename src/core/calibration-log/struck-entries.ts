import type { Entry } from './entries';
import { inOrder } from './in-order';

/**
 * Ids of the entries that are struck. A strike that was struck itself counts no more, so that what it had taken out is back:
 * the newest strike decides first.
 *
 * Source: what Undo means.
 * @example
 * const strike = (n, entry) => ({ kind: 'strike', entry, id: `s${n}`, seq: n, at: '' });
 * [...struckEntries([strike(1, 'run')])] // => ["run"]
 * [...struckEntries([strike(1, 'run'), strike(2, 's1')])] // => ["s1"]
 */
export function struckEntries(entries: readonly Entry[]): ReadonlySet<string> {
	const struck = new Set<string>();
	for (const entry of inOrder(entries).reverse())
		if (entry.kind === 'strike' && !struck.has(entry.id)) struck.add(entry.entry);
	return struck;
}
