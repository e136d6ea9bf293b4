import type { News } from '$lib/wire/news';

type Heard = Pick<News, 'kind' | 'id'>;
type Hear = (news: Heard | 'gap') => void;

/** A stream as the browser has it, as far as it is used. */
export interface NewsSource {
	addEventListener(type: string, listener: (event: Event) => void): void;
	close(): void;
}

export interface NewsOutside {
	/** Opens the stream: the browser's own, which comes again by itself. */
	readonly open: () => NewsSource;
}

/**
 * Runs something each time a thing is written by others, and after a gap; never two at once, and once more where there
 * was more meanwhile.
 */
export function follow(
	line: Pick<NewsLine, 'hear'>,
	about: (news: Heard) => boolean,
	run: () => Promise<void>
): () => void {
	let running = false;
	let again = false;
	const go = async () => {
		again = true;
		if (running) return;
		running = true;
		while (again) {
			again = false;
			await run().catch(() => undefined);
		}
		running = false;
	};
	return line.hear((news) => {
		if (news === 'gap' || about(news)) void go();
	});
}

/**
 * What others write on the farm, for whoever is open on this device. One stream for all of them, open while anybody
 * listens. Each coming of the stream but the first is a gap: something may have been missed, so everything is asked for.
 */
export class NewsLine {
	readonly #outside: NewsOutside;
	readonly #hearers = new Set<Hear>();
	#source: NewsSource | null = null;

	constructor(outside: NewsOutside) {
		this.#outside = outside;
	}

	hear(hear: Hear): () => void {
		this.#hearers.add(hear);
		if (!this.#source) this.#listen();
		return () => {
			this.#hearers.delete(hear);
			if (this.#hearers.size > 0) return;
			this.#source?.close();
			this.#source = null;
		};
	}

	/** Nobody looks: the stream is closed, since a browser has few to one server. */
	pause(): void {
		this.#source?.close();
		this.#source = null;
	}

	/** Somebody looks again; what was missed has to be asked for. */
	resume(): void {
		if (this.#source || this.#hearers.size === 0) return;
		this.#listen();
		for (const hear of [...this.#hearers]) hear('gap');
	}

	#listen(): void {
		const source = this.#outside.open();
		this.#source = source;
		const tell = (news: Heard | 'gap') => {
			for (const hear of [...this.#hearers]) hear(news);
		};
		let opened = 0;
		source.addEventListener('open', () => {
			opened += 1;
			if (opened > 1) tell('gap');
		});
		source.addEventListener('gap', () => tell('gap'));
		source.addEventListener('message', (event) => tell(JSON.parse((event as MessageEvent<string>).data) as Heard));
	}
}
