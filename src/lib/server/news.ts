import pg from 'pg';
import type { News } from '../wire/news';
import { newsSchema } from '../wire/news';

export interface NewsOutside {
	readonly url: string;
	readonly onError: (error: Error) => void;
	/** Calls back once after a while. */
	readonly later: (milliseconds: number, run: () => void) => void;
}

/** `gap`: something may have been missed. `end`: the server goes down, the page comes again elsewhere. */
type Hear = (news: News | 'gap' | 'end') => void;

const firstWait = 500;
const longestWait = 10_000;

/**
 * Hears what any server on this database wrote, on one connection of its own for all open pages. After a gap in that
 * connection every page is told so: it has to ask for everything that it shows.
 */
export class NewsDesk {
	readonly #outside: NewsOutside;
	readonly #pages = new Map<Hear, string>();
	#client: pg.Client | null = null;
	#wait = firstWait;
	#closed = false;

	constructor(outside: NewsOutside) {
		this.#outside = outside;
	}

	/** Opens the connection; one that is lost is opened again. */
	async start(): Promise<void> {
		const client = new pg.Client({
			connectionString: this.#outside.url,
			application_name: 'fallow-news',
			keepAlive: true
		});
		const again = (error?: Error) => {
			if (this.#client !== client || this.#closed) return;
			this.#client = null;
			if (error) this.#outside.onError(error);
			void client.end().catch(() => undefined);
			this.#outside.later(this.#wait, () => void this.start());
			this.#wait = Math.min(longestWait, this.#wait * 2);
		};
		this.#client = client;
		client.on('error', again);
		client.on('end', () => again());
		client.on('notification', ({ payload }) => this.#tell(payload ?? ''));
		try {
			await client.connect();
			await client.query('listen fallow_news');
			if (this.#wait !== firstWait) for (const hear of this.#pages.keys()) hear('gap');
			this.#wait = firstWait;
		} catch (error) {
			again(error instanceof Error ? error : new Error(String(error)));
		}
	}

	#tell(payload: string): void {
		const news = newsSchema.safeParse(JSON.parse(payload));
		if (!news.success) return;
		for (const [hear, farm] of this.#pages) if (farm === news.data.farm) hear(news.data);
	}

	/** Tells a page of a farm from now on; answers with how to stop. */
	hear(farm: string, hear: Hear): () => void {
		this.#pages.set(hear, farm);
		return () => void this.#pages.delete(hear);
	}

	/** Lets all pages go, so that a server that is stopped need not wait for them. */
	letGo(): void {
		for (const hear of [...this.#pages.keys()]) hear('end');
	}

	async close(): Promise<void> {
		this.#closed = true;
		await this.#client?.end();
	}
}
