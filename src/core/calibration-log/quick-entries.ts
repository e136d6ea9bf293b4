import type { Entry, EntryKind } from './entries';

/** What is caught: of the calibration's own catches a quick check knows nothing. */
const catching: readonly EntryKind[] = ['catch', 'bucket', 'not-caught', 'catch-time'];

/**
 * The entries of a calibration as its quick evenness check sees them: the quick catches in the place of the others, all else as it
 * is. Folded, they make the calibration that the check is judged in.
 *
 * Source: a catch of a few seconds compares nozzles; the volume rests on catches as long as the course.
 * @example
 * const at = { id: 'a', seq: 0, at: '' };
 * const amount = { text: '200', unit: 'ml', gallon: 'US' };
 * const own = { ...at, kind: 'catch', nozzle: 1, amount, why: 'first' };
 * quickEntries([own, { ...at, kind: 'quick', entry: { kind: 'catch', nozzle: 2, amount, why: 'first' } }]).map((e) => e.nozzle) // => [2]
 */
export const quickEntries = (entries: readonly Entry[]): Entry[] =>
	entries.flatMap((entry): Entry[] => {
		if (entry.kind === 'quick') return [{ ...entry.entry, id: entry.id, seq: entry.seq, at: entry.at }];
		if (entry.kind === 'carry')
			return [{ ...entry, entries: entry.entries.filter((one) => !catching.includes(one.kind)) }];
		return catching.includes(entry.kind) ? [] : [entry];
	});
