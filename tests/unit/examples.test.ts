import { readdirSync, readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import * as core from '../../src/core';

const root = new URL('../../src/core/', import.meta.url).pathname;

function* files(folder: string): Generator<string> {
	for (const name of readdirSync(folder)) {
		const path = join(folder, name);
		if (statSync(path).isDirectory()) yield* files(path);
		else if (name.endsWith('.ts') && !name.endsWith('.test.ts')) yield path;
	}
}

interface Example {
	/** What it takes, in lines of its own. */
	readonly before: string;
	readonly code: string;
	readonly wanted: string;
}

/** Lines of an example that say no answer come before the line that does; a blank line or the docstring's end starts anew. */
function examplesIn(text: string): Example[] {
	const all: Example[] = [];
	for (const [, block] of text.matchAll(/^ \* @example\n((?: \* .+\n)+)/gm)) {
		let before = '';
		for (const line of block!.trimEnd().split('\n')) {
			const [code, wanted] = line.slice(3).split(' // => ');
			if (wanted === undefined) before += `${code}\n`;
			else all.push({ before, code: code!, wanted: wanted.trim() });
		}
	}
	return all;
}

const same = (got: unknown, wanted: unknown): boolean => {
	if (typeof got === 'number' && typeof wanted === 'number')
		return Math.abs(got - wanted) <= 1e-9 * Math.max(1e-12, Math.abs(wanted));
	if (Array.isArray(got) && Array.isArray(wanted))
		return got.length === wanted.length && got.every((one, i) => same(one, wanted[i]));
	return JSON.stringify(got) === JSON.stringify(wanted);
};

/** Formulas by folder: each file that exports one has a worked example in its docstring. */
const formulaFolders = [
	'calibration',
	'loads',
	'measurement',
	'track',
	'adjust',
	'nozzles',
	'ground',
	'jobs',
	'run',
	'conditions',
	'records',
	'due',
	'safety',
	'practice'
];
const notFormulas = new Set([
	'findings.ts',
	'working.ts',
	'working-parts.ts',
	'working-rate.ts',
	'apply-change.ts',
	'typed-nozzle.ts',
	'arc-places.ts',
	'arc-set.ts',
	'read-block.ts',
	'check-boundary.ts',
	'job.ts',
	'read-pace.ts',
	'check-run-entry.ts',
	'fold-run.ts',
	'build-record.ts'
]);

describe('worked examples of the core', () => {
	const all = [...files(root)].map((path) => {
		const text = readFileSync(path, 'utf8');
		return {
			path: path.slice(root.length),
			formula: /^export (function|const \w+ = (<[^=]*>)?\()/m.test(text),
			examples: examplesIn(text)
		};
	});

	it('stand in every formula file', () => {
		const without = all
			.filter(({ formula }) => formula)
			.filter(({ path }) => formulaFolders.includes(path.split('/')[0]!) && !notFormulas.has(path.split('/').at(-1)!))
			.filter(({ examples }) => examples.length === 0)
			.map(({ path }) => path);
		expect(without).toEqual([]);
	});

	for (const { path, examples } of all)
		for (const { before, code, wanted } of examples)
			it(`${path}: ${code}`, () => {
				const run = new Function(...Object.keys(core), `${before}return (${code});`);
				const got: unknown = run(...Object.values(core));
				expect(same(got, JSON.parse(wanted)), `${code} gave ${JSON.stringify(got)}, the docstring says ${wanted}`).toBe(
					true
				);
			});
});
