import { describe, expect, it } from 'vitest';
import { inOneLanguage, marked } from '../../scripts/lib/one-language.mjs';
import settings from '../../project.inlang/settings.json';
import { languages } from '../../src/lib/language/languages';
import { inTree, named, treeOf } from '../../src/lib/language/trees';
import { locales } from '../../src/words/runtime.js';

/** A message as the compiler writes it, plural and all. */
const compiled = `import * as registry from '../registry.js'
import { getLocale, experimentalStaticLocale } from '../runtime.js';
const en_jugs = /** @type {(i: object) => string} */ (i) => {const p = registry.plural("en", i?.n, {});
	if (p === "one") return \`\${i?.n} jug (full)\`;
	return \`\${i?.n} jugs (full)\`
};
const es_jugs = (i) => \`\${i?.n} jarras, "llenas"\`;
export const jugs = ((inputs, options = {}) => {
	const locale = experimentalStaticLocale ?? options.locale ?? getLocale()
	if (locale === "en") return en_jugs(inputs)
	return es_jugs(inputs)
});`;

/** What a script says, run with a registry of one plural. */
const said = (code: string, n: number): string => {
	const body = code.replace(/^import.*$/gm, '').replace(/export const/, 'const');
	return new Function('registry', `${body}; return jugs({ n: ${n} });`)({
		plural: (_: string, of: number) => (of === 1 ? 'one' : 'other')
	}) as string;
};

describe('scripts in one language', () => {
	it('keep what each language says of a message, and nothing of the other', () => {
		const both = marked(compiled, ['en', 'es']);
		const [english, spanish] = [inOneLanguage(both, 0), inOneLanguage(both, 1)];
		expect([said(english, 1), said(english, 3)]).toEqual(['1 jug (full)', '3 jugs (full)']);
		expect(said(spanish, 3)).toBe('3 jarras, "llenas"');
		expect(english).not.toContain('jarras');
		expect(spanish).not.toContain('jugs (full)');
		expect(both).toContain('import * as registry');
	});

	it('are made of several words in a line, and of none', () => {
		const line = 'let a=__fallow_words(()=>"field",()=>"lote"),b=x=>__fallow_words(()=>"boom",()=>"aguilón")(x)+a();';
		expect(inOneLanguage(line, 0)).toBe('let a=(()=>"field"),b=x=>(()=>"boom")(x)+a();');
		expect(inOneLanguage(line, 1)).toBe('let a=(()=>"lote"),b=x=>(()=>"aguilón")(x)+a();');
		expect(inOneLanguage('let a=1;', 1)).toBe('let a=1;');
	});

	it('are not made where a word would stay in every language', () => {
		expect(() => inOneLanguage('export let pick=__fallow_words;', 0)).toThrow('in every language');
		expect(() => marked('export const jugs = 1;', ['en', 'es'])).toThrow('not known');
		expect(() => marked(compiled.replaceAll('es_jugs', 'fr_jugs'), ['en', 'es'])).toThrow('not known');
	});
});

describe('the trees of scripts', () => {
	const page = '<script src="/_app/immutable/entry/start.A1.js"></script><link href="/_app/immutable/assets/0.css">';

	it('are named by a page in its language, the base language’s as the build names them', () => {
		expect(named(page, 'en')).toBe(page);
		expect(named(page, 'es')).toBe(page.replace('immutable/entry', 'immutable/es/entry'));
		for (const language of languages) expect(treeOf(named(page, language))).toBe(language);
		expect(named(named(page, 'es'), 'es')).toBe(named(page, 'es'));
	});

	it('hold the scripts; styles, pictures and workers are for all', () => {
		const all = ['/_app/immutable/chunks/a.js', '/_app/immutable/assets/a.css', '/_app/immutable/workers/w.js'];
		expect(inTree(all, 'es')).toEqual(['/_app/immutable/es/chunks/a.js', ...all.slice(1)]);
		expect(inTree(all, 'en')).toEqual(all);
	});

	it('are of the languages that the catalogues are in, the base language first', () => {
		expect(languages).toEqual(settings.locales);
		expect(languages).toEqual(locales);
		expect(languages[0]).toBe(settings.baseLocale);
	});
});
