import type { Entry } from '$core';
import type { PracticeWork } from '$lib/wire/practice';
import type { YardHead, YardItem } from './yard-log';

interface Kept {
	readonly open: (id: string) => Promise<{
		readonly yard: { readonly entries: readonly YardItem[] };
		readonly entries: readonly Entry[];
	} | null>;
}

/** Readings that come one after the other are sent together, ms. */
const wait = 1500;

/**
 * Tells a class's trainer what its learner has done: all of it each time, so that what did not come through comes with the next. Without
 * a signal nothing is lost: the yard stands on the device.
 */
export class ClassReport {
	readonly #head: YardHead;
	readonly #kept: Kept;
	readonly #fetch: typeof fetch;
	readonly #later: (ms: number, run: () => void) => void;
	#due = false;
	#failed = false;

	constructor(
		head: YardHead,
		kept: Kept,
		fetcher: typeof fetch,
		later: (ms: number, run: () => void) => void = (ms, run) => void setTimeout(run, ms)
	) {
		this.#head = head;
		this.#kept = kept;
		this.#fetch = fetcher;
		this.#later = later;
	}

	/** Whether the last report did not come through. */
	get failed(): boolean {
		return this.#failed;
	}

	/** Soon after the last of several readings. */
	soon(): void {
		if (this.#due) return;
		this.#due = true;
		this.#later(wait, () => {
			this.#due = false;
			void this.send();
		});
	}

	async send(): Promise<boolean> {
		const { seat, id } = this.#head;
		const kept = seat && (await this.#kept.open(id));
		if (!seat || !kept) return false;
		const work: PracticeWork = {
			step: kept.entries.at(-1)?.kind ?? '',
			items: kept.yard.entries,
			entries: kept.entries
		};
		try {
			const response = await this.#fetch(`/api/practice/seats/${seat.token}`, {
				method: 'PUT',
				headers: { 'content-type': 'application/json' },
				body: JSON.stringify(work)
			});
			this.#failed = !response.ok;
		} catch {
			this.#failed = true;
		}
		return !this.#failed;
	}
}
