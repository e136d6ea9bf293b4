import type { Entry, RunEntry } from '$core';
import type { KeptLog, KeptRig, LogStore, RoundStore } from '$lib/entries/round-store';
import type { Day } from '$lib/wire/day';
import type { RoundHead } from '$lib/wire/round-message';
import type { JobHead } from '$lib/wire/run-message';

export interface KeepDayOutside {
	/** A JSON answer; null where there is none. */
	readonly ask: <T>(path: string) => Promise<T | null>;
	/** Has a page looked at, so that the device keeps it. */
	readonly look: (path: string) => Promise<void>;
	readonly store: Pick<RoundStore, 'keepRig' | 'merge'>;
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
	for (const { id, round, calibration } of day.sprayers) {
		const rig = await ask<KeptRig>(`/api/sprayers/${id}`);
		if (rig) {
			await store.keepRig(id, { rig: rig.rig, settings: rig.settings, dial: rig.dial ?? null });
			kept += 1;
		}
		if (round) {
			const stored = await ask<{ round: RoundHead; entries: readonly Entry[] }>(`/api/rounds/${round}`);
			if (stored) {
				await store.merge({ head: stored.round, entries: stored.entries });
				kept += 1;
			}
		}
		await look(`/sprayers/${id}`);
		if (calibration) await look(`/calibrations/${calibration}`);
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
