// `npm run house`: counts the house. Files and lines by room, arrows, circles, parts that stand in the wrong room, styles,
// casts, long ways through a function, places that say the same, exports that nobody uses, parts of the component library.
import { spawnSync } from 'node:child_process';
import { readFileSync, readdirSync } from 'node:fs';
import { dirname, join, relative, resolve } from 'node:path';
import { ESLint } from 'eslint';
import { ensurePackages } from './lib/packages.mjs';
import { root } from './lib/paths.mjs';
import { main } from './lib/say.mjs';

/** Lines in a row that have to be the same to count as said twice. */
const alike = 6;
/** Branches of a function from which on it counts as a long way. */
const long = 15;

const lines = (text) => text.split('\n').length - 1;
const files = readdirSync(join(root, 'src'), { recursive: true, encoding: 'utf8' })
	.filter((file) => /\.(ts|svelte|css)$/.test(file))
	.map((file) => ({ file: `src/${file}`, text: readFileSync(join(root, 'src', file), 'utf8') }));
const product = files.filter(({ file }) => !file.endsWith('.test.ts'));

/** src/core/adjust, src/lib/kit, src/routes: the room that a file stands in. */
const roomOf = (file) =>
	file
		.split('/')
		.slice(0, file.startsWith('src/routes') ? 2 : 3)
		.join('/')
		.replace(/\/[^/]*\.[^/]*$/, '');

function byRoom() {
	const rooms = new Map();
	for (const { file, text } of files) {
		const room = rooms.get(roomOf(file)) ?? { files: 0, lines: 0, tests: 0 };
		room.files += 1;
		room[file.endsWith('.test.ts') ? 'tests' : 'lines'] += lines(text);
		rooms.set(roomOf(file), room);
	}
	return [...rooms].sort(([a], [b]) => (a < b ? -1 : 1));
}

function walls() {
	const done = spawnSync(
		join(root, 'node_modules/.bin/depcruise'),
		['src', '--config', '.dependency-cruiser.cjs', '--output-type', 'json'],
		{ cwd: root, encoding: 'utf8', maxBuffer: 2 ** 28 }
	);
	return JSON.parse(done.stdout).summary.violations.map(({ rule }) => rule.name);
}

/** Components of a room that only another room uses. What stands on a floor (drawings, kit, frame) is there to be shared. */
function strays() {
	const rooms = /^src\/lib\/(calibration|job|field|product|sprayer|record|today|farm)\//;
	return product
		.filter(({ file }) => file.endsWith('.svelte') && rooms.test(file))
		.filter(({ file }) => {
			const users = product.filter(
				({ file: by, text }) =>
					by !== file &&
					[...text.matchAll(/['"]([^'"\n]+\.svelte)['"]/g)].some(([, spec]) => {
						const at = spec.startsWith('$lib') ? spec.replace('$lib', 'src/lib') : join(dirname(by), spec);
						return resolve(root, at) === join(root, file);
					})
			);
			return users.length === 1 && users[0].file.startsWith('src/lib') && roomOf(users[0].file) !== roomOf(file);
		});
}

/** Places that begin to say the same for so many lines, each run of them once. */
function twice() {
	const seen = new Map();
	let pairs = 0;
	for (const { file, text } of product.filter(({ file }) => !file.endsWith('.css'))) {
		const said = text
			.split('\n')
			.map((line) => line.trim())
			.filter((line) => line.length > 3 && !/^(import|export \*|\/\/|\*|\/\*|<!--)/.test(line));
		let running = false;
		for (let i = 0; i + alike <= said.length; i += 1) {
			const block = said.slice(i, i + alike).join('\n');
			const before = seen.get(block);
			if (before !== undefined && !running) pairs += 1;
			running = before !== undefined;
			if (before === undefined) seen.set(block, file);
		}
	}
	return pairs;
}

async function longWays() {
	const eslint = new ESLint({ cwd: root, overrideConfig: [{ rules: { complexity: ['warn', long] } }] });
	const told = await eslint.lintFiles(['src/**/*.ts', 'src/**/*.svelte']);
	return told
		.flatMap(({ filePath, messages }) =>
			messages
				.filter(({ ruleId }) => ruleId === 'complexity')
				.map(({ message, line }) => ({
					at: `${relative(root, filePath)}:${line}`,
					ways: Number(/complexity of (\d+)/.exec(message)?.[1])
				}))
		)
		.sort((a, b) => b.ways - a.ways);
}

function unused() {
	const done = spawnSync(join(root, 'node_modules/.bin/knip'), ['--no-progress', '--reporter', 'json'], {
		cwd: root,
		encoding: 'utf8',
		maxBuffer: 2 ** 26
	});
	const { issues } = JSON.parse(done.stdout);
	return issues.reduce((sum, one) => sum + (one.exports?.length ?? 0) + (one.types?.length ?? 0), 0);
}

const styles = () =>
	product
		.filter(({ file }) => file.endsWith('.svelte'))
		.reduce((sum, { text }) => sum + lines(/<style[^>]*>\n([\s\S]*)<\/style>/.exec(text)?.[1] ?? ''), 0);

const library = () =>
	[
		...new Set(
			product.flatMap(({ text }) =>
				[...text.matchAll(/import \{([^}]+)\} from '@skeletonlabs\/skeleton-svelte'/g)].flatMap(([, names]) =>
					names.split(',').map((name) => name.trim())
				)
			)
		)
	].sort();

await main(async () => {
	await ensurePackages();
	const row = (name, ...cells) => `${name.padEnd(24)}${cells.map((cell) => String(cell).padStart(9)).join('')}`;
	const out = [row('room', 'files', 'lines', 'of tests')];
	for (const [room, count] of byRoom()) out.push(row(room, count.files, count.lines, count.tests));
	const broken = walls();
	const ways = await longWays();
	const count = (name, value) => out.push(`${name.padEnd(52)}${String(value).padStart(6)}`);
	out.push('');
	count('arrows up, and through other walls', broken.filter((name) => name !== 'no-circles').length);
	count('circles', broken.filter((name) => name === 'no-circles').length);
	count('components that only another room uses', strays().length);
	count('lines of scoped styles', styles());
	count('casts to never', product.filter(({ text }) => text.includes(`as ${'never'}`)).length);
	count(`functions of a complexity over ${long}`, ways.length);
	count(`pairs of places that say ${alike} lines alike`, twice());
	count('exports and types that nobody uses', unused());
	count('files over 400 lines', product.filter(({ text }) => lines(text) > 400).length);
	const tests = files.filter(({ file }) => file.endsWith('.test.ts')).reduce((sum, { text }) => sum + lines(text), 0);
	count('lines of tests beside the code', tests);
	out.push(`parts of the component library: ${library().join(', ')}`, '', 'the longest ways:');
	for (const { at, ways: branches } of ways.slice(0, 10)) out.push(`  ${String(branches).padStart(3)}  ${at}`);
	process.stdout.write(`${out.join('\n')}\n`);
});
