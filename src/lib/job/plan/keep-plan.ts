import type { RunEntry } from '$core';
import type { LogStore } from '$lib/entries/calibration-store';
import type { JobHead } from '$lib/wire/run-message';

export interface KeepPlanOutside {
	readonly runs: Pick<LogStore<JobHead, RunEntry>, 'create' | 'refused' | 'unsent' | 'discard'>;
	/** Sends what waits; ends when that went through, or did not. */
	readonly kick: () => Promise<unknown>;
	/** Ends when an answer was waited for long enough. */
	readonly patience: () => Promise<unknown>;
}

/** Where a plan is that was kept: on the server, on this device alone, or nowhere, since the server refused it. */
export type KeptPlan = { readonly at: 'server' | 'device' } | { readonly refused: string };

/**
 * Keeps a planned job: on the device first, then on the server if that can be reached. What the server refuses at once is
 * taken off the device again: its form is still open, says why, and nothing was done for it.
 */
export async function keepPlan(head: JobHead, { runs, kick, patience }: KeepPlanOutside): Promise<KeptPlan> {
	await runs.create(head);
	await Promise.race([kick(), patience()]);
	const refused = (await runs.refused()).find((log) => log.head.id === head.id);
	if (refused) {
		await runs.discard(head.id);
		// Told as all sent again, where nothing else waits.
		void kick();
		return { refused: refused.why.message };
	}
	const waits = (await runs.unsent()).some((log) => log.head.id === head.id);
	return { at: waits ? 'device' : 'server' };
}
