import type { Language } from './languages';
import { languages } from './languages';

export { languages, type Language };

/** What each calls itself: read by somebody who does not read the others. */
export const languageNames: Readonly<Record<Language, string>> = { en: 'English', es: 'Español' };

export const isLanguage = (text: unknown): text is Language => (languages as readonly unknown[]).includes(text);

/** Cookie of a device that says which language its person reads. */
export const languageCookie = 'fallow-language';

/** The first language of a list like `es-MX,es;q=0.9,en;q=0.5` that there is a catalogue for, by its weights; English else. */
export function languageOf(accepted: string | null): Language {
	const wanted = (accepted ?? '')
		.split(',')
		.map((part, i) => {
			const [tag = '', ...rest] = part.trim().split(';');
			const q = Number(/^\s*q=([\d.]+)$/.exec(rest[0] ?? '')?.[1] ?? 1);
			return { language: tag.toLowerCase().split('-')[0], q, i };
		})
		.filter((w) => w.q > 0)
		.sort((a, b) => b.q - a.q || a.i - b.i);
	for (const { language } of wanted) if (isLanguage(language)) return language;
	return 'en';
}
