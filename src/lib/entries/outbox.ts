import type { KeptLog, LogStore } from './round-store';

interface Known {
	readonly id: string;
}

/** What the person is told about what is still to be sent. */
export type OutboxStatus =
	| { readonly state: 'sent' }
	| { readonly state: 'sending'; readonly waiting: number }
	/** The server cannot be reached; all is on the device and will be sent. */
	| { readonly state: 'waiting'; readonly waiting: number }
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

/** How one message goes out: acknowledged ids, a refusal in words, or null where nobody answered. */
export type Send<Head, Item> = (
	log: KeptLog<Head, Item>
) => Promise<{ readonly acknowledged: readonly string[] } | { readonly refused: string } | null>;

export interface OutboxOutside<Head, Item> {
	readonly store: Pick<LogStore<Head, Item>, 'unsent' | 'sent'>;
	readonly send: Send<Head, Item>;
	/** Calls back once after a while; returns how to call it off. */
	readonly later: (milliseconds: number, run: () => void) => () => void;
	readonly onStatus: (status: OutboxStatus) => void;
}

const firstWait = 1000;
const longestWait = 30_000;
/** The server takes 500 entries in a message. */
const batch = 200;

/**
 * Sends what the device holds, oldest round first, until the server has acknowledged all of it. It may send the same
 * entry again when an answer got lost; the server takes it without harm.
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
		this.#running ??= this.#run().finally(() => (this.#running = null));
		return this.#running;
	}

	/** Something was just kept: it is told as on its way at once, so that nobody reads “sent” too early. */
	added(): Promise<void> {
		this.#outside.onStatus({ state: 'sending', waiting: 1 });
		return this.kick();
	}

	async #run(): Promise<void> {
		while (this.#again) {
			this.#again = false;
			const rounds = await this.#outside.store.unsent();
			if (rounds.length === 0) {
				this.#wait = firstWait;
				// What was added meanwhile is looked for before anybody is told that all is sent.
				if (!this.#again) this.#outside.onStatus({ state: 'sent' });
				continue;
			}
			await this.#sendAll(rounds);
		}
	}

	async #sendAll(rounds: readonly KeptLog<Head, Item>[]): Promise<void> {
		const waiting = rounds.reduce((sum, round) => sum + round.entries.length, 0);
		this.#outside.onStatus({ state: 'sending', waiting });
		let refused: string | null = null;
		for (const round of rounds) {
			const part = { head: round.head, entries: round.entries.slice(0, batch) };
			const answer = await this.#outside.send(part);
			if (answer === null) {
				this.#outside.onStatus({ state: 'waiting', waiting });
				this.#tryLater();
				return;
			}
			if ('refused' in answer) {
				// One round's trouble must not hold up the others.
				refused = answer.refused;
				continue;
			}
			await this.#outside.store.sent(round.head.id, answer.acknowledged);
			this.#again = true;
		}
		if (refused !== null && !this.#again) this.#outside.onStatus({ state: 'refused', waiting, message: refused });
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

/** Sends over HTTP. A 5xx or no answer is nobody answering; a 4xx is a refusal. */
export const sendByHttp =
	<Head, Item>(fetcher: typeof fetch, address: (log: KeptLog<Head, Item>) => Address): Send<Head, Item> =>
	async (log) => {
		const { path, body: message } = address(log);
		let response: Response;
		try {
			response = await fetcher(path, {
				method: 'PUT',
				headers: { 'content-type': 'application/json' },
				body: JSON.stringify(message)
			});
		} catch {
			return null;
		}
		if (response.status >= 500 || response.status === 408 || response.status === 429) return null;
		const body = (await response.json().catch(() => null)) as {
			acknowledged?: string[];
			error?: { message: string };
		} | null;
		if (response.ok && body?.acknowledged) return { acknowledged: body.acknowledged };
		return body?.error ? { refused: body.error.message } : null;
	};
