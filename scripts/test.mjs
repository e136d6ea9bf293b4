// `npm test`: everything that has to hold, on a database of its own that is made here and removed at the end.
import { spawn } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, rmSync, chmodSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ensureBuild } from './lib/build.mjs';
import { chromiumPath } from './lib/chromium.mjs';
import { installDebian } from './lib/debian.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { root } from './lib/paths.mjs';
import { startPostgres } from './lib/postgres.mjs';
import { main, say } from './lib/say.mjs';

const bin = (name) => join(root, 'node_modules', '.bin', name);
const began = Date.now();
let passed = 0;
let failed = 0;

/** Runs a command to its end; what it prints is shown when it fails, or always if `show`. */
function run(command, args, { env = {}, show = false } = {}) {
	return new Promise((resolve) => {
		const child = spawn(command, args, {
			cwd: root,
			env: { ...process.env, ...env },
			stdio: ['ignore', 'pipe', 'pipe']
		});
		let output = '';
		for (const stream of [child.stdout, child.stderr])
			stream.on('data', (d) => {
				output += d;
				if (show) process.stdout.write(d);
			});
		child.on('close', (code) => resolve({ code, output }));
	});
}

/** One gate that passes or fails as a whole. */
async function gate(name, command, args) {
	const start = Date.now();
	const { code, output } = await run(command, args);
	if (code === 0) passed += 1;
	else {
		failed += 1;
		process.stdout.write(output);
	}
	process.stdout.write(
		`${code === 0 ? 'passed' : 'FAILED'}: ${name} (${((Date.now() - start) / 1000).toFixed(1)} s)\n`
	);
}

const removers = [];
async function cleanUp() {
	for (const remove of removers.splice(0).reverse()) await remove();
}
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => void cleanUp().then(() => process.exit(1)));

function countVitest(file) {
	if (!existsSync(file)) return void (failed += 1);
	const report = JSON.parse(readFileSync(file, 'utf8'));
	passed += report.numPassedTests;
	failed +=
		report.numFailedTests +
		report.testResults.filter((r) => r.status === 'failed' && r.assertionResults.length === 0).length;
}

function countPlaywright(file) {
	if (!existsSync(file)) return void (failed += 1);
	const { stats, errors } = JSON.parse(readFileSync(file, 'utf8'));
	passed += stats.expected;
	failed += stats.unexpected + stats.flaky + errors.length;
}

await main(async () => {
	await ensurePackages();
	if (!existsSync(chromiumPath)) installDebian('chromium', 'Chromium');
	const folder = mkdtempSync(join(tmpdir(), 'fallow-test-'));
	chmodSync(folder, 0o755);
	removers.push(() => rmSync(folder, { recursive: true, force: true }));
	try {
		const postgres = await startPostgres({ folder: join(folder, 'postgres'), durable: false, firstPort: 54710 });
		removers.push(() => postgres.stop());
		const env = { FALLOW_TEST_DATABASE_URL: postgres.url, FALLOW_BROWSER_REPORT: join(folder, 'browser.json') };

		await gate('types are generated', bin('svelte-kit'), ['sync']);
		// Two lanes for two cores. The build follows the types in one of them, since both write the generated types.
		const lane = async (...gates) => {
			for (const one of gates) await one();
		};
		await Promise.all([
			lane(
				() => gate('lint', bin('eslint'), ['.', '--max-warnings', '0']),
				() => gate('format', bin('prettier'), ['--check', '--log-level', 'warn', '.']),
				() =>
					gate('walls', bin('depcruise'), [
						'src',
						'simulators',
						'demo',
						'tests',
						'bench',
						'--config',
						'.dependency-cruiser.cjs'
					]),
				() => gate('nothing unused', bin('knip'), ['--no-progress']),
				() => gate('words', process.execPath, [join(root, 'scripts', 'words.mjs')])
			),
			lane(
				() => gate('types', bin('svelte-check'), ['--tsconfig', './tsconfig.json', '--fail-on-warnings']),
				() => gate('types of the core alone', bin('tsc'), ['-p', 'src/core/tsconfig.json']),
				() => ensureBuild()
			)
		]);

		const report = join(folder, 'unit.json');
		const unit = await run(bin('vitest'), ['run', '--reporter=dot', '--reporter=json', `--outputFile=${report}`], {
			env,
			show: true
		});
		countVitest(report);
		if (unit.code !== 0 && failed === 0) failed += 1;

		const browser = await run(bin('playwright'), ['test'], { env, show: true });
		countPlaywright(env.FALLOW_BROWSER_REPORT);
		if (browser.code !== 0 && failed === 0) failed += 1;
	} finally {
		await cleanUp();
	}
	say(`${((Date.now() - began) / 1000).toFixed(0)} s in all`);
	process.stdout.write(`${passed} passed, ${failed} failed\n`);
	if (failed > 0) process.exitCode = 1;
});
