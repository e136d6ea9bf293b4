import { m } from '$words';
import { Worker } from 'node:worker_threads';
import { getLocale } from '$words/runtime.js';
import { Failure } from '../failure';
import type { Kind, Readers } from './readers';
import type { Answered, Asked } from './thread';

/** What a file may be that is read as one. */
export interface ReadingLimits {
	/** Letters of it; what sends it has its own, lower bound. */
	readonly letters: number;
	readonly lines: number;
	/** Memory of the thread that reads it, MB. */
	readonly memory: number;
	/** ms, from when it is begun. */
	readonly time: number;
}

export const usualLimits: ReadingLimits = { letters: 600_000, lines: 50_000, memory: 256, time: 20_000 };

/** How many are read at a time; others wait for their turn. A machine has two cores, and the rest of the server has its own. */
const atATime = 2;

/**
 * Reads what people send in threads of their own, so that whatever stands in a file, the server answers everybody else
 * meanwhile. A thread that has read is kept for the next file; one that takes too long, or too much, is ended.
 */
export class Reading {
	readonly #limits: ReadingLimits;
	readonly #start: (limits: ReadingLimits) => Promise<Worker>;
	#idle: Worker[] = [];
	#busy = 0;
	#waiting: (() => void)[] = [];

	constructor(limits: ReadingLimits = usualLimits, start = startThread) {
		this.#limits = limits;
		this.#start = start;
	}

	async read<K extends Kind>(kind: K, text: string, how: Parameters<Readers[K]>[1]): Promise<ReturnType<Readers[K]>> {
		const { letters, lines } = this.#limits;
		if (text.length > letters) throw tooLarge(m.that_file_is_over_kb_take({ csvLimit: letters / 1000 }));
		if (linesOver(text, lines)) throw tooLarge(m.too_many_lines_in_file({ most: lines }));
		await this.#turn();
		try {
			return (await this.#ask({ kind, text, with: how, language: getLocale() })) as ReturnType<Readers[K]>;
		} finally {
			this.#busy -= 1;
			this.#waiting.shift()?.();
		}
	}

	async end(): Promise<void> {
		await Promise.all(this.#idle.splice(0).map((thread) => thread.terminate()));
	}

	/** Waits until it may begin. */
	async #turn(): Promise<void> {
		while (this.#busy >= atATime) await new Promise<void>((go) => this.#waiting.push(go));
		this.#busy += 1;
	}

	/** A new thread. One that ends while nobody waits for it takes nothing with it. */
	async #begun(): Promise<Worker> {
		const thread = await this.#start(this.#limits);
		thread.on('error', () => undefined);
		thread.once('exit', () => (this.#idle = this.#idle.filter((idle) => idle !== thread)));
		return thread;
	}

	async #ask(asked: Asked): Promise<unknown> {
		const thread = this.#idle.pop() ?? (await this.#begun());
		thread.ref();
		const answer = await new Promise<Answered | Failure>((resolve) => {
			const timer = setTimeout(() => done(tooLarge(m.file_reads_too_slowly())), this.#limits.time);
			// Out of memory is the one way in which a thread ends by itself.
			const failed = (error: Error & { code?: string }) =>
				done(
					error.code === 'ERR_WORKER_OUT_OF_MEMORY' ? tooLarge(m.file_reads_too_slowly()) : { fault: error.message }
				);
			const done = (what: Answered | Failure) => {
				clearTimeout(timer);
				thread.off('message', done).off('error', failed);
				resolve(what);
			};
			thread.once('message', done).once('error', failed);
			thread.postMessage(asked);
		});
		if ('read' in answer) {
			thread.unref();
			this.#idle.push(thread);
			return answer.read;
		}
		await thread.terminate();
		throw answer instanceof Failure ? answer : new Error(answer.fault);
	}
}

const tooLarge = (words: string) => new Failure(413, 'too-large', 'file', words);

/** Whether a text has more lines than so many; it is not cut into them. */
function linesOver(text: string, most: number): boolean {
	let lines = 1;
	for (let at = text.indexOf('\n'); at !== -1; at = text.indexOf('\n', at + 1)) if ((lines += 1) > most) return true;
	return false;
}

/** A thread from the file in which its program stands. */
export async function startThread({ memory }: ReadingLimits): Promise<Worker> {
	const { here, mark } = await import('./thread');
	const options = { resourceLimits: { maxOldGenerationSizeMb: memory } };
	if (!here.endsWith('.ts')) return new Worker(new URL(here), { ...options, workerData: mark });
	// Not built, as where tests run: Node.js reads the source by what the project's commands read it with.
	const source = `import('tsx/esm/api').then(({ register }) => {
		register({ tsconfig: 'tsconfig.walls.json' });
		return import(${JSON.stringify(here)});
	});`;
	return new Worker(source, { ...options, workerData: mark, eval: true });
}

/** The one of the server. */
export const reading = new Reading();
