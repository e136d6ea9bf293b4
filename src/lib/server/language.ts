import { AsyncLocalStorage } from 'node:async_hooks';
import { overwriteGetLocale } from '$words/runtime.js';
import type { Language } from '../language/language';
import { isLanguage, languageCookie, languageOf } from '../language/language';

const spoken = new AsyncLocalStorage<Language>();

/** From here on a text is in the language of the request that it is made for; in English outside of one. */
export const speakPerRequest = (): void => overwriteGetLocale(() => spoken.getStore() ?? 'en');

/** Does something in a language. */
export const inLanguage = <T>(language: Language, what: () => T): T => spoken.run(language, what);

/** Which language a request is answered in: what is asked for in its address (a paper), what its device is set to, what its browser wants. */
export function languageFor(url: URL, cookie: string | undefined, accepted: string | null): Language {
	const asked = url.searchParams.get('language');
	if (isLanguage(asked)) return asked;
	return isLanguage(cookie) ? cookie : languageOf(accepted);
}

export { languageCookie };
