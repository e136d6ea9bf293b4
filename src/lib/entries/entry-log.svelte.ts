import type { Issue } from '$core';
import type { KeptLog, LogStore } from './calibration-store';

/** What stands with every entry: its own id, its place in the device's order, and when it was made. */
interface Placed {
	readonly id: string;
	readonly seq: number;
	readonly at: string;
}

export interface LogOutside<Head, Item> {
	readonly store: Pick<LogStore<Head, Item>, 'add'>;
	/** A new UUIDv7. */
	readonly newId: () => string;
	/** Wall clock, ms. */
	readonly now: () => number;
	/** Something was added that wants sending. */
	readonly onAdded: () => void;
}

/**
 * A log of entries on this device: of a calibration, or of a job. Entries are only ever added; what counts is worked out
 * from them by whoever holds the log.
 */
export class EntryLog<Head extends { readonly id: string }, Body extends object, Item extends Body & Placed> {
	readonly head: Head;
	readonly #outside: LogOutside<Head, Item>;
	readonly #check: (body: Body) => readonly Issue[];
	#queue: Promise<unknown> = Promise.resolve();

	entries = $state.raw<readonly Item[]>([]);
	/** The device could not keep an entry: the one thing that must be shouted. */
	storeError = $state<string | null>(null);

	/** `check`: what is wrong with an entry when its turn comes; nothing is kept of it then. */
	constructor(
		kept: KeptLog<Head, Item>,
		outside: LogOutside<Head, Item>,
		check: (body: Body) => readonly Issue[] = () => []
	) {
		this.head = kept.head;
		this.entries = kept.entries;
		this.#outside = outside;
		this.#check = check;
	}

	/** The place of the next entry. */
	get next(): number {
		return this.entries.reduce((most, e) => Math.max(most, e.seq), -1) + 1;
	}

	/**
	 * Adds what happened: checked, kept on the device, then shown and sent. Answers with what is wrong, in which case
	 * nothing was kept: so also where the device cannot keep it (`not-stored`). Calls wait for each other, so that the order
	 * of a quick hand stays. What is made of the entries before it is handed in as a function, asked when its turn comes: those
	 * that still wait to be kept count too. Null where nothing is to be added then.
	 */
	add(body: Body | (() => Body | null)): Promise<readonly Issue[]> {
		const added = this.#queue.then(() => {
			const now = typeof body === 'function' ? body() : body;
			return now === null ? [] : this.#add(now);
		});
		this.#queue = added.catch(() => undefined);
		return added;
	}

	async #add(body: Body): Promise<readonly Issue[]> {
		const issues = this.#check(body);
		if (issues.length > 0) return issues;
		const placed: Placed = {
			id: this.#outside.newId(),
			seq: this.next,
			at: new Date(this.#outside.now()).toISOString()
		};
		const entry = { ...body, ...placed } as Item;
		try {
			await this.#outside.store.add(this.head.id, entry);
		} catch (error) {
			this.storeError = error instanceof Error ? error.message : String(error);
			return [{ code: 'not-stored', path: '', text: this.storeError }];
		}
		this.storeError = null;
		this.entries = [...this.entries, entry];
		this.#outside.onAdded();
		return [];
	}

	/** Takes in entries that another device made. */
	takeIn(entries: readonly Item[]): void {
		const known = new Set(this.entries.map((e) => e.id));
		const fresh = entries.filter((e) => !known.has(e.id));
		if (fresh.length > 0) this.entries = [...this.entries, ...fresh];
	}
}
