import { spawnSync } from 'node:child_process';
import { cpSync, mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';
import { ESLint } from 'eslint';

const root = new URL('../../', import.meta.url).pathname;
const house = mkdtempSync(join(tmpdir(), 'fallow-walls-'));
afterAll(() => rmSync(house, { recursive: true }));

function file(path: string, text: string) {
	mkdirSync(dirname(join(house, path)), { recursive: true });
	writeFileSync(join(house, path), text);
}

/** A wall that nothing can break is no wall: a small house with each of them broken once. */
describe('the walls', () => {
	it('stop every import that they are there to stop, and let the rest be', () => {
		for (const name of ['.dependency-cruiser.cjs', 'tsconfig.walls.json']) cpSync(join(root, name), join(house, name));
		file('package.json', '{"name":"house","dependencies":{"kysely":"*"}}');
		file('src/core/index.ts', 'export const one = 1;');
		file('src/core/bad.ts', "import '../lib/words';");
		file('src/lib/words.ts', "import { one } from '$core';\nexport const words = one;");
		file('src/lib/server/db.ts', "import { words } from '../words';\nexport const db = words;");
		file('src/lib/job/bad.ts', "import '$lib/server/db';");
		file('src/lib/job/worse.ts', "import '../sprayer/card';");
		file('src/lib/sprayer/card.ts', "import '../kit/part';");
		file('src/lib/show/bad.ts', "import '../kit/part';");
		file('src/lib/server/bad.ts', "import '../kit/part';");
		file('src/lib/kit/part.ts', 'export const part = 1;');
		file('src/routes/+page.ts', "import '$lib/server/db';");
		file('src/routes/+page.server.ts', "import '$lib/server/db';");
		file('src/routes/bad.ts', "import '../../tests/help';");
		file('tests/help.ts', 'export const help = 1;');
		file('src/lib/a.ts', "import './b';");
		file('src/lib/b.ts', "import './a';");
		const done = spawnSync(
			process.execPath,
			[
				join(root, 'node_modules/dependency-cruiser/bin/dependency-cruise.mjs'),
				'src',
				'tests',
				'--config',
				'.dependency-cruiser.cjs',
				'--output-type',
				'json'
			],
			{ cwd: house, encoding: 'utf8' }
		);
		const { summary } = JSON.parse(done.stdout) as {
			summary: { violations: { rule: { name: string }; from: string }[] };
		};
		const broken = summary.violations.map((v) => `${v.rule.name}: ${v.from}`).sort();
		expect([...new Set(broken)]).toEqual([
			'core-imports-itself: src/core/bad.ts',
			'job-stands-alone: src/lib/job/worse.ts',
			'lib-stays-off-server-and-routes: src/lib/job/bad.ts',
			'no-arrow-up-from-show: src/lib/show/bad.ts',
			'no-circles: src/lib/a.ts',
			'nobody-imports-tests: src/routes/bad.ts',
			'only-server-routes-use-the-server: src/routes/+page.ts',
			'server-without-components: src/lib/server/bad.ts'
		]);
	}, 60_000);

	it('keep clock, randomness and locale out of the core', async () => {
		const eslint = new ESLint({ cwd: root });
		const lint = async (code: string) =>
			(await eslint.lintText(`${code}\n`, { filePath: join(root, 'src/core/quantity/probe.ts') }))[0]!.messages.map(
				(m) => m.ruleId
			);
		expect(await lint('export const now = Date.now();')).toContain('no-restricted-properties');
		expect(await lint('export const now = new Date();')).toContain('no-restricted-syntax');
		expect(await lint('export const dice = Math.random();')).toContain('no-restricted-properties');
		expect(await lint('export const page = document.title;')).toContain('no-restricted-globals');
		expect(await lint('export const shown = (1).toLocaleString();')).toContain('no-restricted-syntax');
		expect(await lint('export const two = Math.sqrt(4);')).toEqual([]);
	}, 60_000);
});
