// The message catalogues (messages/*.json) as code: one module a language for whatever runs from the sources, and one
// module a message for the build, so that a page carries only what it shows.
import { compile } from '@inlang/paraglide-js';
import { createHash } from 'node:crypto';
import { existsSync, readFileSync, readdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { root } from './paths.mjs';

const project = join(root, 'project.inlang');
const catalogues = join(root, 'messages');
const shapes = [
	{ outdir: join(root, 'src', 'words'), outputStructure: 'locale-modules' },
	{ outdir: join(root, '.words'), outputStructure: 'message-modules' }
];

/** What the compiled words were made from. */
function inputs() {
	const hash = createHash('sha256');
	for (const name of readdirSync(catalogues).sort()) hash.update(name).update(readFileSync(join(catalogues, name)));
	for (const path of [join(project, 'settings.json'), join(root, 'package-lock.json')]) hash.update(readFileSync(path));
	return hash.update(readFileSync(new URL(import.meta.url))).digest('hex');
}

/** Compiles the catalogues, unless they are what was compiled last. */
export async function ensureWords() {
	const made = inputs();
	for (const shape of shapes) {
		const stamp = join(shape.outdir, 'made-from.txt');
		if (existsSync(stamp) && readFileSync(stamp, 'utf8') === made) continue;
		await compile({
			project,
			...shape,
			// Which language is meant is told by src/lib/language: neither a cookie nor a header is read here.
			strategy: ['baseLocale'],
			emitReadme: false
		});
		writeFileSync(stamp, made);
	}
}
