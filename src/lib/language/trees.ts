import type { Language } from './languages';
import { languages } from './languages';

/**
 * The scripts come in one language each (scripts/lib/one-language.mjs): those of the base language where the build puts
 * them, those of another in a folder of its name beside. A page names the scripts of the language that it is in.
 */
const scripts = /\/_app\/immutable\/(?=(?:entry|chunks|nodes)\/)/g;

/** A text that names scripts, as a page in a language names them. */
export const named = (text: string, language: Language): string =>
	language === languages[0] ? text : text.replace(scripts, `/_app/immutable/${language}/`);

/** Addresses of the app's files, the scripts as a language has them. */
export const inTree = (paths: readonly string[], language: Language): string[] =>
	paths.map((path) => (path.endsWith('.js') ? named(path, language) : path));

/** Which language's scripts a page names. */
export const treeOf = (html: string): Language =>
	languages.find((l) => html.includes(`/_app/immutable/${l}/`)) ?? languages[0];
