import { isMainThread, parentPort, workerData } from 'node:worker_threads';
import { overwriteGetLocale } from '$words/runtime.js';
import type { Language } from '../../language/language';
import type { Kind } from './readers';
import { readers } from './readers';

/** What a thread is asked, and what it answers: what was read, or the fault of Fallow that it met. */
export interface Asked {
	readonly kind: Kind;
	readonly text: string;
	readonly with: object;
	readonly language: Language;
}
export type Answered = { readonly read: unknown } | { readonly fault: string };

/** Marks a thread as one that reads: this module is loaded by the server too, to know where it stands. */
export const mark = 'fallow-reads';
/** Where this module stands: beside the source, or in the built server, where it is a file of its own. */
export const here = import.meta.url;

if (!isMainThread && workerData === mark) {
	let language: Language = 'en';
	overwriteGetLocale(() => language);
	parentPort!.on('message', (asked: Asked) => {
		language = asked.language;
		let answer: Answered;
		try {
			const read = readers[asked.kind] as (text: string, how: object) => unknown;
			answer = { read: read(asked.text, asked.with) };
		} catch (error) {
			answer = { fault: error instanceof Error ? (error.stack ?? error.message) : String(error) };
		}
		parentPort!.postMessage(answer);
	});
}
