import type { EntryBody, TypedSprayer } from '../../src/core';
import { CalibrationState } from '../../src/lib/calibration/calibration.svelte';
import type { FarmSettings } from '../../src/lib/settings/farm-settings';
import { defaultSettings } from '../../src/lib/settings/farm-settings';
import { MemoryStore } from './memory-store';
import { entriesOf, idOf, testSprayer } from './entries';

/** A farm with everything as usual. */
export const metric: FarmSettings = defaultSettings;

/** A calibration's state on a memory store, with a clock and ids that only go forward. */
export async function calibrationState(
	bodies: readonly EntryBody[] = [],
	settings: Partial<FarmSettings> = {},
	sprayer: TypedSprayer = testSprayer
) {
	const store = new MemoryStore();
	const head = {
		id: idOf(1),
		sprayerId: idOf(2),
		startedAt: '2026-03-14T08:00:00.000Z',
		rig: structuredClone(sprayer)
	};
	await store.create(head);
	const entries = entriesOf(bodies);
	for (const entry of entries) await store.add(head.id, entry);
	let n = 5000;
	let sent = 0;
	const state = new CalibrationState(
		{ head, entries },
		{ ...metric, ...settings },
		{
			store,
			newId: () => idOf(n++),
			now: () => 1_790_000_100_000 + n,
			onAdded: () => (sent += 1)
		}
	);
	return { state, store, head, kicks: () => sent };
}
