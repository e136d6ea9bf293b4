import type { KeptRound, RoundStore } from './round-store';

/** What the person is told about what is still to be sent. */
export type OutboxStatus =
	| { readonly state: 'sent' }
	| { readonly state: 'sending'; readonly waiting: number }
	/** The server cannot be reached; all is on the device and will be sent. */
	| { readonly state: 'waiting'; readonly waiting: number }
	/** The server said no: something to look at. Nothing is lost, it stays on the device. */
	| { readonly state: 'refused'; readonly waiting: number; readonly message: string };

/** How one message goes out: acknowledged ids, a refusal in words, or null where nobody answered. */
export type Send = (
	round: KeptRound
) => Promise<{ readonly acknowledged: readonly string[] } | { readonly refused: string } | null>;

export interface OutboxOutside {
	readonly store: Pick<RoundStore, 'unsent' | 'sent'>;
	readonly send: Send;
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
export class Outbox {
	readonly #outside: OutboxOutside;
	#running: Promise<void> | null = null;
	#again = false;
	#wait = firstWait;
	#callOff: (() => void) | null = null;

	constructor(outside: OutboxOutside) {
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

	async #sendAll(rounds: readonly KeptRound[]): Promise<void> {
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

/** Sends over HTTP. A 5xx or no answer is nobody answering; a 4xx is a refusal. */
export const sendByHttp =
	(fetcher: typeof fetch): Send =>
	async (round) => {
		let response: Response;
		try {
			response = await fetcher(`/api/rounds/${round.head.id}`, {
				method: 'PUT',
				headers: { 'content-type': 'application/json' },
				body: JSON.stringify({ round: round.head, entries: round.entries })
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
