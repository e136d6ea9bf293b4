// The scripts of the browser come in one language each: a page in Spanish does not carry the English words along. The
// build keeps both at each word behind a mark; once all is written, a tree of scripts a language is made from it, the base
// language's where the build put it. The server names the tree of the page's language (src/lib/language/trees.ts).
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { parseAst } from 'vite';

const mark = '__fallow_words';
const ours = /_app\/immutable\/(?=(?:entry|chunks|nodes)\/.*\.js$)/;
const ofWords = /\/\.words\/messages\/(?!_index)[^/]+\.js$/;

/** Every node of a syntax tree. */
function* nodesOf(node) {
	if (Array.isArray(node)) for (const one of node) yield* nodesOf(one);
	else if (node && typeof node === 'object') {
		if (typeof node.type === 'string') yield node;
		for (const value of Object.values(node)) if (value && typeof value === 'object') yield* nodesOf(value);
	}
}

const textOf = (code, node) => code.slice(node.start, node.end);

/** A compiled message with its languages side by side behind the mark; as it is where it is built in another way. */
export function marked(code, languages) {
	const body = parseAst(code).body;
	const texts = new Map();
	let name = null;
	for (const statement of body) {
		const declared = statement.type === 'ExportNamedDeclaration' ? statement.declaration : statement;
		if (declared?.type !== 'VariableDeclaration') continue;
		const [{ id, init }] = declared.declarations;
		if (statement !== declared) name = id.name;
		else texts.set(id.name, init.type === 'Identifier' ? texts.get(init.name) : textOf(code, init));
	}
	const each = languages.map((language) => texts.get(`${language}_${name}`));
	if (name === null || each.includes(undefined))
		throw new Error(`A message is compiled in a way that is not known: ${code}`);
	const imports = body.filter((s) => s.type === 'ImportDeclaration' && /registry/.test(s.source.value));
	return `${imports.map((s) => textOf(code, s)).join('\n')}\nexport const ${name} = /*@__PURE__*/ ${mark}(${each.join(', ')});`;
}

/** A script with the words of one language, the `at`th behind each mark. */
export function inOneLanguage(code, at) {
	if (!code.includes(mark)) return code;
	let out = '';
	let from = 0;
	for (const node of nodesOf(parseAst(code))) {
		if (node.type !== 'CallExpression' || node.callee.type !== 'Identifier' || node.callee.name !== mark) continue;
		out += `${code.slice(from, node.start)}(${textOf(code, node.arguments[at])})`;
		from = node.end;
	}
	out += code.slice(from);
	if (out.includes(mark)) throw new Error('A word was left in every language.');
	return out;
}

/** Each script that is named, in the tree of a language. */
const treeOf = (text, language) =>
	text.replace(/_app\/immutable\/(?=(?:entry|chunks|nodes)\/)/g, `_app/immutable/${language}/`);

/** The plugin of the build. `languages`: the base language first. */
export function oneLanguage(languages) {
	let folder = null;
	return {
		name: 'one-language',
		apply: 'build',
		enforce: 'post',
		configResolved(config) {
			// The server speaks every language.
			if (!config.build.ssr) folder = resolve(config.root, config.build.outDir);
		},
		transform(code, id) {
			return folder !== null && ofWords.test(id) ? { code: marked(code, languages), map: null } : null;
		},
		writeBundle: {
			order: 'post',
			handler(_, bundle) {
				if (folder === null) return;
				for (const name of Object.keys(bundle).filter((n) => ours.test(n))) {
					const code = readFileSync(join(folder, name), 'utf8');
					for (const [at, language] of languages.entries()) {
						const to = join(folder, at === 0 ? name : treeOf(name, language));
						mkdirSync(dirname(to), { recursive: true });
						const words = inOneLanguage(code, at);
						writeFileSync(to, at === 0 ? words : treeOf(words, language));
					}
				}
			}
		}
	};
}
