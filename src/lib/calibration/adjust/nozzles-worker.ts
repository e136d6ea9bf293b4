import { proxy, wrap } from 'comlink';
import type { ArcAsked, ArcSet, ChoiceAsked, Nozzle, NozzleFilter } from '$core';
import type { Chosen } from '$lib/workers/nozzle-job';
import type { NozzlesWorker } from '$lib/workers/nozzles.worker';

/** Who works out nozzles and sets; the screens' states are handed one. */
export interface NozzleMaths {
	choose(table: readonly Nozzle[], asked: ChoiceAsked, filter: NozzleFilter | null): Promise<Chosen>;
	/** Resolves with null where no set comes near enough; rejects where it was cancelled. */
	arc(asked: ArcAsked, onProgress: (share: number) => void, cancelled: AbortSignal): Promise<ArcSet | null>;
}

const start = () => new Worker(new URL('../../workers/nozzles.worker.ts', import.meta.url), { type: 'module' });

/** The same in workers: one that stays for choosing, and one for each search, so that ending it is cancelling. */
export function nozzleMaths(): NozzleMaths {
	let chooser: ReturnType<typeof wrap<NozzlesWorker>> | null = null;
	let known: readonly Nozzle[] | null = null;
	return {
		async choose(table, asked, filter) {
			chooser ??= wrap<NozzlesWorker>(start());
			if (known !== table) {
				known = table;
				await chooser.table(table);
			}
			return chooser.choose(asked, filter);
		},
		arc(asked, onProgress, cancelled) {
			const worker = start();
			const done = () => worker.terminate();
			return new Promise<ArcSet | null>((resolve, reject) => {
				cancelled.addEventListener('abort', () => reject(new Error('cancelled')), { once: true });
				worker.addEventListener('error', () => reject(new Error('The search could not be started.')));
				wrap<NozzlesWorker>(worker).arc(asked, proxy(onProgress)).then(resolve, reject);
			}).finally(done);
		}
	};
}
