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
	readonly code: string;
	readonly wanted: string;
}

function examplesIn(text: string): Example[] {
	return [...text.matchAll(/^ \* (.+?) \/\/ => (.+)$/gm)].map((m) => ({ code: m[1]!, wanted: m[2]!.trim() }));
}

const same = (got: unknown, wanted: unknown): boolean =>
	typeof got === 'number' && typeof wanted === 'number'
		? Math.abs(got - wanted) <= 1e-9 * Math.max(1e-12, Math.abs(wanted))
		: JSON.stringify(got) === JSON.stringify(wanted);

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
	'safety'
];
const notFormulas = new Set([
	'rules.ts',
	'sheet.ts',
	'defaults.ts',
	'findings.ts',
	'calibrate.ts',
	'working.ts',
	'working-parts.ts',
	'working-rate.ts',
	'diagnose-flow.ts',
	'calibrate-sheet.ts',
	'nozzle-flow.ts',
	'plan-loads.ts',
	'change.ts',
	'apply-change.ts',
	'predict-volume.ts',
	'nozzle.ts',
	'typed-nozzle.ts',
	'choose-nozzles.ts',
	'arc-places.ts',
	'arc-set.ts',
	'block.ts',
	'read-block.ts',
	'check-boundary.ts',
	'job.ts',
	'read-job.ts',
	'read-pace.ts',
	'entries.ts',
	'check-run-entry.ts',
	'fold-run.ts',
	'weather.ts',
	'record.ts',
	'round-methods.ts',
	'build-record.ts'
]);

describe('worked examples of the core', () => {
	const all = [...files(root)].map((path) => ({
		path: path.slice(root.length),
		examples: examplesIn(readFileSync(path, 'utf8'))
	}));

	it('stand in every formula file', () => {
		const without = all
			.filter(({ path }) => formulaFolders.includes(path.split('/')[0]!) && !notFormulas.has(path.split('/').at(-1)!))
			.filter(({ examples }) => examples.length === 0)
			.map(({ path }) => path);
		expect(without).toEqual([]);
	});

	for (const { path, examples } of all)
		for (const { code, wanted } of examples)
			it(`${path}: ${code}`, () => {
				const run = new Function(...Object.keys(core), `return (${code});`);
				const got: unknown = run(...Object.values(core));
				expect(same(got, JSON.parse(wanted)), `${code} gave ${JSON.stringify(got)}, the docstring says ${wanted}`).toBe(
					true
				);
			});
});
