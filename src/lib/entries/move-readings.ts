import type { Entry } from '$core';
import { inOrder } from '$core';
import type { CalibrationHead } from '$lib/wire/calibration-message';
import type { KeptCalibration } from './calibration-store';

/**
 * A new calibration in progress that starts from another one and goes on with readings that the other could not take: it
 * was signed while they were made. Every entry is made anew under its own id; what names another entry names its copy.
 */
export function movedReadings(
	from: KeptCalibration,
	later: readonly Entry[],
	{ newId, now }: { readonly newId: () => string; readonly now: number }
): { readonly head: CalibrationHead; readonly entries: readonly Entry[] } {
	const apart = new Set(later.map((e) => e.id));
	const kept = from.entries.filter((e) => e.kind !== 'sign-off' && !apart.has(e.id));
	const all = [...inOrder(kept), ...inOrder(later.filter((e) => e.kind !== 'sign-off'))];
	const ids = new Map(all.map((e) => [e.id, newId()]));
	const renamed = (value: unknown): unknown => {
		if (typeof value === 'string') return ids.get(value) ?? value;
		if (Array.isArray(value)) return value.map(renamed);
		if (typeof value !== 'object' || value === null) return value;
		return Object.fromEntries(Object.entries(value).map(([name, one]) => [name, renamed(one)]));
	};
	return {
		head: { ...from.head, id: newId(), startedAt: new Date(now).toISOString() },
		entries: all.map((entry, seq) => ({ ...(renamed(entry) as Entry), seq }))
	};
}
