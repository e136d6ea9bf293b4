import { readFileSync, readdirSync } from 'node:fs';
import ts from 'typescript';
import { describe, expect, it } from 'vitest';

/** Words that no unit, name, query or address has. */
const small =
	/\b(the|of|as|is|are|be|it|that|and|from|to|not|with|for|which|this|a|an|in|on|by|or|has|have|than|no)\b/i;
/** What reads like a sentence or a piece of one, and is no style, query or address of elements. */
const isSentence = (text: string) =>
	(text.trim().split(/\s+/).length >= 3 &&
		small.test(text) &&
		!/[-:]\[|color-mix|^\s*:scope|grid|input,|\[role/.test(text)) ||
	// What ends a sentence behind a name that is put into it.
	/^ [a-z]{3,}( [a-z]+)*[.!?…]$/.test(text);

/** Rooms and files whose texts nobody reads on a screen, or that are names for a catalogue. */
const aside = [
	// What the command line answers, and what describes a file to programs.
	'lib/files/calc.ts',
	// A CSV file is in English whoever asks for it, so that two of them can be put together.
	'lib/server/calibration-csv.ts',
	// Names that the core gives its figures; each has a word in the catalogue.
	'lib/wording/working.ts',
	// The program of a thread, as text.
	'lib/server/unzip.ts'
];
/** The shapes of the database, one after another. */
const migrations = /^lib\/server\/db\/migrations\//;
/** Calls whose texts are for programs and for those who keep Fallow running. */
const forPrograms = /^(log|describe|sql|db\b.*|.*\.meta|.*\.(select|selectFrom|innerJoin|leftJoin)|Error|Plain)$/;

function callOf(node: ts.Node, source: ts.SourceFile): string[] {
	const calls: string[] = [];
	for (let up = node.parent; up; up = up.parent) {
		if (ts.isTaggedTemplateExpression(up)) calls.push(up.tag.getText(source).replace(/<[\s\S]*/, ''));
		if (ts.isCallExpression(up) || ts.isNewExpression(up)) {
			const called = up.expression;
			calls.push(called.getText(source).replace(/\s+/g, ''));
			if (ts.isPropertyAccessExpression(called)) calls.push(`x.${called.name.text}`);
		}
	}
	return calls;
}

/** Texts in a file that read like English. */
function englishIn(name: string, text: string): string[] {
	const source = ts.createSourceFile(name, text, ts.ScriptTarget.Latest, true);
	const found: string[] = [];
	const visit = (node: ts.Node): void => {
		const literal =
			ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node) || ts.isTemplateMiddleOrTemplateTail(node)
				? node.text
				: ts.isTemplateHead(node)
					? node.text
					: '';
		if (isSentence(literal) && !callOf(node, source).some((call) => forPrograms.test(call))) found.push(literal);
		ts.forEachChild(node, visit);
	};
	visit(source);
	return found;
}

/** The script of a component, and each text in its markup that stands in quotes of a script. */
function scriptOf(component: string): string {
	const scripts = [...component.matchAll(/<script[^>]*>([\s\S]*?)<\/script>/g)].map(([, script]) => script!);
	const markup = component.replace(/<script[\s\S]*?<\/script>|<style[\s\S]*?<\/style>|<!--[\s\S]*?-->/g, '');
	const quoted = [...markup.matchAll(/'([^'\n]*)'/g)].map(([, text]) => `;${JSON.stringify(text)}`);
	return [...scripts, ...quoted].join('\n');
}

describe('a text that somebody reads', () => {
	it('stands in the catalogues, in both languages, and nowhere in the code', () => {
		const files = readdirSync('src', { recursive: true, encoding: 'utf8' }).filter(
			(file) =>
				!migrations.test(file) &&
				/^(lib|routes)\/.*\.(ts|svelte)$/.test(file) &&
				!/\.(test|d)\.ts$/.test(file) &&
				!aside.includes(file)
		);
		expect(files.length).toBeGreaterThan(500);
		const left = files.flatMap((file) => {
			const text = readFileSync(`src/${file}`, 'utf8');
			return englishIn(file, file.endsWith('.svelte') ? scriptOf(text) : text).map((found) => `${file}: ${found}`);
		});
		expect(left).toEqual([]);
	});

	it('is found where it stands in the code', () => {
		expect(englishIn('a.ts', "const why = 'US fl oz read as gal/ac';")).toEqual(['US fl oz read as gal/ac']);
		expect(englishIn('a.ts', 'say(`It took ${n} of the cans`);')).toEqual([' of the cans']);
		expect(englishIn('a.svelte', scriptOf("<p>{x ? 'It could not be sent.' : ''}</p>"))).toEqual([
			'It could not be sent.'
		]);
		expect(englishIn('a.ts', "log('info', 'nothing of it is left');")).toEqual([]);
	});
});
