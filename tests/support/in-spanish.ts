import { overwriteGetLocale } from '../../src/words/runtime.js';

/** Does something in Spanish; afterwards words are English again. */
export function inSpanish<T>(what: () => T): T {
	overwriteGetLocale(() => 'es');
	try {
		return what();
	} finally {
		overwriteGetLocale(() => 'en');
	}
}
