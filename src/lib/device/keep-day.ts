import type { RunEntry } from '$core';
import type { KeptLog, KeptSprayer, LogStore, CalibrationStore } from '$lib/entries/calibration-store';
import type { Day } from '$lib/wire/day';
import type { CalibrationMessage } from '$lib/wire/calibration-message';
import type { JobHead } from '$lib/wire/run-message';

export interface KeepDayOutside {
	/** A JSON answer; null where there is none. */
	readonly ask: <T>(path: string) => Promise<T | null>;
	/** Has a page looked at, so that the device keeps it. */
	readonly look: (path: string) => Promise<void>;
	readonly store: Pick<CalibrationStore, 'keepSprayer' | 'merge'>;
	readonly runs: Pick<LogStore<JobHead, RunEntry>, 'merge'>;
}

/** Pages that a day without signal is worked from. */
const always = ['/', '/jobs', '/sprayers', '/full-tank', '/figures', '/log'];

/**
 * Brings what the day needs to the device before it is asked for: sprayers with their settings, calibrations in progress,
 * jobs of the near days with what was done of them, and the pages that lead to them. One at a time: it must not be in the
 * way of who works. Answers with how many things came; null where the server was not there.
 */
export async function keepDay({ ask, look, store, runs }: KeepDayOutside): Promise<number | null> {
	const day = await ask<Day>('/api/day');
	if (!day) return null;
	let kept = 0;
	for (const { id, round: inProgress, calibration: signed } of day.sprayers) {
		const sprayer = await ask<KeptSprayer>(`/api/sprayers/${id}`);
		if (sprayer) {
			await store.keepSprayer(id, { rig: sprayer.rig, settings: sprayer.settings, dial: sprayer.dial ?? null });
			kept += 1;
		}
		if (inProgress) {
			const stored = await ask<CalibrationMessage>(`/api/rounds/${inProgress}`);
			if (stored) {
				await store.merge({ head: stored.round, entries: stored.entries });
				kept += 1;
			}
		}
		await look(`/sprayers/${id}`);
		if (signed) await look(`/calibrations/${signed}`);
	}
	for (const id of day.jobs) {
		const stored = await ask<KeptLog<JobHead, RunEntry>>(`/api/jobs/${id}`);
		if (stored) {
			await runs.merge({ head: stored.head, entries: stored.entries });
			kept += 1;
		}
		await look(`/jobs/${id}`);
	}
	for (const path of always) await look(path);
	return kept;
}
