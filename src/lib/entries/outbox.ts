import type { LogStore, UnsentLog } from './calibration-store';

interface Known {
	readonly id: string;
}

/** Why what is on the device is not on the server yet. */
export type WaitingFor = 'signal' | 'server' | 'sign-in';

/** What the person is told about what is still to be sent. */
export type OutboxStatus =
	| { readonly state: 'sent' }
	| { readonly state: 'sending'; readonly waiting: number }
	/** All is on the device and will be sent: once there is a signal, once the server is not busy, once somebody signs in. */
	| { readonly state: 'waiting'; readonly waiting: number; readonly why: WaitingFor }
	/** The server said no: something to look at. Nothing is lost, it stays on the device. */
	| { readonly state: 'refused'; readonly waiting: number; readonly message: string };

const seriousness = { sent: 0, sending: 1, waiting: 2, refused: 3 } as const;

/** What is told of two outboxes: the graver of the two, with all that waits in both. */
export function worstStatus(a: OutboxStatus, b: OutboxStatus): OutboxStatus {
	const worst = seriousness[a.state] >= seriousness[b.state] ? a : b;
	if (worst.state === 'sent') return worst;
	const count = (s: OutboxStatus) => (s.state === 'sent' ? 0 : s.waiting);
	return { ...worst, waiting: count(a) + count(b) };
}

/** What came of one message. */
export type Answer =
	| { readonly acknowledged: readonly string[] }
	/** Never to be stored as it is. `entry`: the place of the entry that it is about; null where it is about all of it. */
	| { readonly refused: string; readonly code: string; readonly entry: number | null }
	| { readonly later: WaitingFor };

/** How one message goes out. */
export type Send<Head, Item> = (log: UnsentLog<Head, Item>) => Promise<Answer>;

export interface OutboxOutside<Head, Item> {
	readonly store: Pick<LogStore<Head, Item>, 'unsent' | 'sent' | 'refuse' | 'refused'>;
	readonly send: Send<Head, Item>;
	/** Calls back once after a while; returns how to call it off. */
	readonly later: (milliseconds: number, run: () => void) => () => void;
	readonly onStatus: (status: OutboxStatus) => void;
}

const firstWait = 1000;
const longestWait = 30_000;
/** The server takes 500 entries in a message, and half a megabyte; a head may be a tenth of that. */
const batch = 200;
const batchBytes = 300_000;

/** What is told as still to be sent: entries; of a log without any, itself. */
const countOf = (logs: readonly { readonly entries: readonly unknown[] }[]) =>
	logs.reduce((sum, log) => sum + Math.max(1, log.entries.length), 0);

/** As many entries from the front as make one message: at least one, so that one that is too long is refused by itself. */
export function firstBatch<Item>(entries: readonly Item[]): readonly Item[] {
	let bytes = 0;
	let count = 0;
	for (const entry of entries.slice(0, batch)) {
		// Letters of three bytes at the most for each of the text; a long text of them is rare.
		bytes += JSON.stringify(entry).length * 1.5;
		if (count > 0 && bytes > batchBytes) break;
		count += 1;
	}
	return entries.slice(0, count);
}

/**
 * Sends what the device holds, oldest log first, until the server has acknowledged all of it. It may send the same entry
 * again when an answer got lost; the server takes it without harm. What the server refuses is set aside with its reason,
 * for a person to look at, and holds up nothing else.
 */
export class Outbox<Head extends Known, Item extends Known> {
	readonly #outside: OutboxOutside<Head, Item>;
	#running: Promise<void> | null = null;
	#again = false;
	#wait = firstWait;
	#callOff: (() => void) | null = null;

	constructor(outside: OutboxOutside<Head, Item>) {
		this.#outside = outside;
	}

	/** Starts sending, or makes the run that is under way look once more. Resolves when that run has ended. */
	kick(): Promise<void> {
		this.#callOff?.();
		this.#callOff = null;
		this.#again = true;
		return (this.#running ??= this.#run());
	}

	/** Something was just kept: it is told as on its way at once, so that nobody reads “sent” too early. */
	added(): Promise<void> {
		this.#outside.onStatus({ state: 'sending', waiting: 1 });
		return this.kick();
	}

	/**
	 * Until there is nothing to look at again. It is over in the very turn in which it finds that out: a turn later, and what is
	 * added between would wake a run that has ended, and wait for good.
	 */
	async #run(): Promise<void> {
		try {
			while (this.#again) {
				this.#again = false;
				const logs = await this.#outside.store.unsent();
				if (logs.length > 0) {
					await this.#sendAll(logs);
					continue;
				}
				this.#wait = firstWait;
				const refused = await this.#outside.store.refused();
				// What was added meanwhile is looked for before anybody is told that all is sent.
				if (this.#again) continue;
				const [first] = refused;
				this.#outside.onStatus(
					first ? { state: 'refused', waiting: refused.length, message: first.why.message } : { state: 'sent' }
				);
			}
		} finally {
			this.#running = null;
		}
	}

	async #sendAll(logs: readonly UnsentLog<Head, Item>[]): Promise<void> {
		const waiting = countOf(logs);
		this.#outside.onStatus({ state: 'sending', waiting });
		for (const log of logs) {
			const part = { head: log.head, entries: firstBatch(log.entries), fresh: log.fresh };
			const answer = await this.#outside.send(part);
			if ('later' in answer) {
				this.#outside.onStatus({ state: 'waiting', waiting, why: answer.later });
				this.#tryLater();
				return;
			}
			if ('refused' in answer) {
				const one = answer.entry === null ? undefined : part.entries[answer.entry];
				// One entry by itself where the server says which; else all of the log that waits.
				const aside = one ? [one] : log.entries;
				await this.#outside.store.refuse(
					log.head.id,
					aside.map((e) => e.id),
					{ code: answer.code, message: answer.refused }
				);
			} else await this.#outside.store.sent(log.head.id, answer.acknowledged);
			this.#again = true;
		}
	}

	#tryLater(): void {
		this.#callOff = this.#outside.later(this.#wait, () => void this.kick());
		this.#wait = Math.min(longestWait, this.#wait * 2);
	}
}

/** Where a log is sent to, and how it is told there. */
export interface Address {
	readonly path: string;
	readonly body: unknown;
}

interface Told {
	readonly acknowledged?: string[];
	readonly error?: { readonly code?: string; readonly path?: string; readonly message: string };
}

/** A send that nobody answers for so long is given up and made again: a network can swallow one for good, ms. */
const patience = 120_000;

/** Sends over HTTP. No answer is no signal; a 5xx is a busy server; a 401 wants somebody to sign in; any other 4xx is a refusal. */
export const sendByHttp =
	<Head, Item>(
		fetcher: typeof fetch,
		address: (log: UnsentLog<Head, Item>) => Address,
		longest = patience
	): Send<Head, Item> =>
	async (log) => {
		const { path, body: message } = address(log);
		let response: Response;
		try {
			response = await fetcher(path, {
				method: 'PUT',
				headers: { 'content-type': 'application/json' },
				body: JSON.stringify(message),
				signal: AbortSignal.timeout(longest)
			});
		} catch {
			return { later: 'signal' };
		}
		const { status } = response;
		if (status === 401) return { later: 'sign-in' };
		if (status >= 500 || status === 408 || status === 429) return { later: 'server' };
		const body = (await response.json().catch(() => null)) as Told | null;
		if (response.ok && body?.acknowledged) return { acknowledged: body.acknowledged };
		// A page of a café's network answers too, and is no word of the server's.
		if (!body?.error) return { later: 'signal' };
		const { code = '', path: where = '', message: words } = body.error;
		const place = /^entries\.(\d+)(\.|$)/.exec(where);
		return { refused: words, code, entry: place ? Number(place[1]) : null };
	};
