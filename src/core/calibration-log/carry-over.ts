import { checkEntry } from './check-entry';
import type { SprayerNumbers, SprayerKind } from '../sprayer/sprayer';
import type { ChangedThing, Entry, EntryKind } from './entries';
import { inOrder } from './in-order';
import { struckEntries } from './struck-entries';

/** Readings by what they measure; all else that is no reading of its day is carried whatever changed. */
const speed: readonly EntryKind[] = ['run', 'dial', 'stated-speed', 'track', 'plot-run'];
const width: readonly EntryKind[] = ['wetted', 'pans', 'pan', 'height', 'sections'];
const flow: readonly EntryKind[] = ['catch', 'bucket', 'not-caught', 'gauge'];
const setUp: readonly EntryKind[] = [
	'method',
	'course',
	'school',
	'rows',
	'band',
	'canopy',
	'canopy-shares',
	'groups',
	'jug',
	'catch-time',
	'plot',
	'tank-by',
	'noted',
	'aim',
	'strike'
];

/** What a change makes stale. */
export function staleReadings(changed: readonly ChangedThing[], kind: SprayerKind): ReadonlySet<EntryKind> {
	const stale = new Set<EntryKind>();
	const drop = (kinds: readonly EntryKind[]) => kinds.forEach((k) => stale.add(k));
	for (const thing of changed)
		switch (thing) {
			case 'pressure':
				drop(flow);
				// A thrown or carried pattern is as wide as its pressure throws it.
				if (kind === 'boomless' || kind === 'knapsack') drop(width);
				break;
			case 'nozzles':
				drop(flow);
				drop(['groups']);
				if (kind === 'boomless' || kind === 'knapsack') drop(width);
				break;
			case 'gear':
				drop(speed);
				break;
			case 'engine':
				// On a pump that the engine drives, its speed is pressure too.
				drop(speed);
				drop(flow);
				break;
			case 'width':
				drop(width);
				break;
			case 'person':
				// Pace, strokes and swing are the person's; the setting is the sprayer's.
				drop(speed);
				drop(width);
				drop(flow);
				break;
		}
	return stale;
}

/**
 * The entries of a calibration that still hold after a change: how it was made, and the readings that the change does not
 * touch. Readings of the tank are never carried: they are of all of it together. Nor is what the sprayer has no more, like the
 * catch of a nozzle that was taken off.
 *
 * Source: what each reading is of.
 * @example
 * const at = { id: 'x', seq: 0, at: '' };
 * const run = { ...at, kind: 'run', time: { text: '27', unit: 's', gallon: 'US' }, by: 'typed' };
 * const gauge = { ...at, kind: 'gauge', pressure: { text: '40', unit: 'psi', gallon: 'US' } };
 * const boom = { kind: 'boom', nozzles: 8, sections: [8] };
 * carryOver([run, gauge], ['pressure'], boom).map((e) => e.kind) // => ["run"]
 * carryOver([run, gauge], ['gear'], boom).map((e) => e.kind) // => ["gauge"]
 */
export function carryOver(
	entries: readonly Entry[],
	changed: readonly ChangedThing[],
	sprayer: SprayerNumbers
): Entry[] {
	const stale = staleReadings(changed, sprayer.kind);
	const kept = new Set<EntryKind>([...setUp, ...speed, ...width, ...flow]);
	// What was struck and restored is carried as it counts: neither its strike nor that strike's own, nor a bucket that is struck.
	const struck = struckEntries(entries);
	const strikes = new Set(entries.flatMap((entry) => (entry.kind === 'strike' ? [entry.id] : [])));
	// What an older calibration had carried itself is gone through in its place.
	return inOrder(entries)
		.filter(
			(entry) =>
				!(entry.kind === 'strike' && (struck.has(entry.id) || strikes.has(entry.entry))) &&
				!(entry.kind === 'bucket' && struck.has(entry.id))
		)
		.flatMap((entry) => (entry.kind === 'carry' ? entry.entries : [entry]))
		.filter((entry) => kept.has(entry.kind) && !stale.has(entry.kind) && checkEntry(entry, sprayer).length === 0)
		.filter((entry) => !(changed.includes('person') && entry.kind === 'noted' && entry.what === 'strokes'));
}
