// `npm run words`: what the message catalogues lack. Fails where a language misses a message or has one too many, where its
// figures differ, where a message is used nowhere, and where English says what docs/words.md has taken leave of; lists what
// is longer than its place by half, for somebody to look at.
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { ensurePackages } from './lib/packages.mjs';
import { root } from './lib/paths.mjs';
import { main } from './lib/say.mjs';

const read = (language) => JSON.parse(readFileSync(join(root, 'messages', `${language}.json`), 'utf8'));
const languages = readdirSync(join(root, 'messages')).map((name) => name.replace(/\.json$/, ''));
const source = 'en';

/** The texts of a message: one, or one for each of its forms. */
const texts = (message) => (typeof message === 'string' ? [message] : Object.values(message[0].match));
/** What is put into a text, in no order. */
const figures = (text) => [...new Set([...text.matchAll(/(?<!\\)\{(\w+)\}/g)].map((found) => found[1]))].sort().join();

/** Words that nobody who sprays says, or that have a better one (docs/words.md). */
const gone = [
	/\brigs?\b/i,
	/(?<!a |not )\bround\b(?! it\b)/i,
	/\bfindings?\b/i,
	/\bKeep it\b/,
	/\bPut away\b/i,
	/\btake[ns]? in\b/i,
	/\bseals? holds?\b/i,
	/\bGround that waits\b/i,
	/\bthe log\b/i,
	/\bnozzle table\b/i,
	/\b(?:its|label’s) most\b/i,
	/\bstays behind\b/i,
	/\bOffered\b|\bAdvised\b/,
	/\bschools?\b/i,
	/\bgood until\b/i,
	/\bMixes as\b/,
	/\bFilling, by\b/,
	/\bkeep the weather\b/i,
	/\bAll of it in a file\b/,
	/\bThe farm, and how\b/,
	/\bCheck the seals\b/,
	/\bWhat was done to it\b/,
	/\bis it what you want\b/i,
	/\bReady the\b/i
];

function* filesUnder(folder) {
	for (const entry of readdirSync(folder, { withFileTypes: true })) {
		const path = join(folder, entry.name);
		if (entry.isDirectory()) {
			if (path !== join(root, 'src', 'words')) yield* filesUnder(path);
		} else if (/\.(ts|svelte)$/.test(entry.name)) yield path;
	}
}

await main(async () => {
	await ensurePackages();
	const english = read(source);
	const wrong = [];
	const code = [...filesUnder(join(root, 'src'))].map((path) => readFileSync(path, 'utf8')).join('\n');
	const used = new Set([...code.matchAll(/\bm\s*\.(\w+)/g)].map((found) => found[1]));
	for (const key of Object.keys(english)) if (!used.has(key)) wrong.push(`unused: ${key}`);
	for (const [key, message] of Object.entries(english))
		for (const text of texts(message))
			for (const word of gone)
				if (word.test(text.replace(/\{\w+\}|"\w+"/g, '')))
					wrong.push(`not a word of ours (${word.source}): ${key}: ${text}`);

	const long = [];
	for (const language of languages.filter((name) => name !== source)) {
		const other = read(language);
		for (const key of Object.keys(other)) if (!(key in english)) wrong.push(`${language}: not in English: ${key}`);
		for (const [key, message] of Object.entries(english)) {
			const said = other[key];
			if (said === undefined) {
				wrong.push(`${language}: missing: ${key}: ${texts(message)[0]}`);
				continue;
			}
			const [ours, theirs] = [texts(message), texts(said)];
			if (ours.length !== theirs.length) wrong.push(`${language}: other forms than English: ${key}`);
			ours.forEach((text, i) => {
				const there = theirs[i] ?? '';
				if (figures(text) !== figures(there)) wrong.push(`${language}: other figures than English: ${key}: ${there}`);
				if (/^\s/.test(text) !== /^\s/.test(there) || /\s$/.test(text) !== /\s$/.test(there))
					wrong.push(`${language}: a space is lost or added: ${key}`);
				if (there.length > 1.5 * text.length + 8) long.push(`${language}: ${key}: ${text} → ${there}`);
			});
		}
	}
	console.log(`${Object.keys(english).length} messages in ${languages.join(', ')}.`);
	if (long.length > 0) console.log(`Longer than their place by half, to be looked at:\n  ${long.join('\n  ')}`);
	if (wrong.length === 0) return;
	console.log(`Wrong:\n  ${wrong.join('\n  ')}`);
	process.exitCode = 1;
});
