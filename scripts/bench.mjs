// `npm run bench` (or `npm run bench -- log` for the log alone, `-- hands` for touches and typing alone, `-- yard` for the practice yard alone, `-- cold` for opening without signal alone): what Fallow's speed is on this machine, as medians and percentiles. It judges nothing.
import { chmodSync, existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { spawnSync } from 'node:child_process';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { performance } from 'node:perf_hooks';
import { gzipSync } from 'node:zlib';
import { ensureBuild } from './lib/build.mjs';
import { chromiumArgs, chromiumPath } from './lib/chromium.mjs';
import { coldOpen } from './lib/cold-open.mjs';
import { installDebian } from './lib/debian.mjs';
import { loadDemo, runTypeScript } from './lib/demo.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { startPostgres } from './lib/postgres.mjs';
import { Plain, main, say } from './lib/say.mjs';
import { startServer } from './lib/server.mjs';
import { yardFrames } from './lib/yard-frames.mjs';

let chromium;

const percentile = (sorted, share) => sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * share))];

function typeScript(file, args, env) {
	const done = runTypeScript(file, args, env);
	if (done.status !== 0) throw new Plain(`${file} failed: ${done.stderr.trim().split('\n').at(-1)}`);
	return done.stdout.trim();
}

/** Every script that a browser with nothing kept asks for until a page stands, gzipped one by one. */
async function firstViewScript(address, locale = 'en-US') {
	const browser = await chromium.launch({ executablePath: chromiumPath, args: chromiumArgs });
	try {
		const context = await browser.newContext({ serviceWorkers: 'block', locale });
		const page = await context.newPage();
		const bodies = [];
		page.on('response', (response) => {
			if (response.request().resourceType() === 'script') bodies.push(response.body());
		});
		await page.goto(address);
		await page.locator('html[data-alive]').waitFor({ state: 'attached' });
		// The page asks its server again and again, so that the network is never idle: until a second brings no script.
		for (let seen = -1; seen !== bodies.length; await page.waitForTimeout(1000)) seen = bodies.length;
		const sizes = (await Promise.all(bodies)).map((body) => gzipSync(body, { level: 9 }).length);
		return { bytes: sizes.reduce((sum, n) => sum + n, 0), files: sizes.length };
	} finally {
		await browser.close();
	}
}

/** The address of a calibration that was just begun. */
async function newCalibration(origin, sprayer) {
	const browser = await chromium.launch({ executablePath: chromiumPath, args: chromiumArgs });
	try {
		const page = await browser.newPage();
		await page.goto(`${origin}/rounds/new?sprayer=${sprayer}`);
		await page.getByRole('button', { name: 'Start a calibration' }).click();
		await page.waitForURL(/\/ready/);
		// The calibration has to be at the server before another browser asks for it.
		await page.waitForFunction(() => /saved/i.test(document.querySelector('[role=status]')?.textContent ?? ''));
		return page.url();
	} finally {
		await browser.close();
	}
}

/** Script time of each keystroke in a jug, on a boom of 72 whose other jugs are full, with the processor slowed down four times. */
async function keystrokes(origin, sprayer) {
	const browser = await chromium.launch({ executablePath: chromiumPath, args: chromiumArgs });
	try {
		const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
		await page.goto(`${origin}/rounds/new?sprayer=${sprayer}`);
		await page.getByRole('button', { name: 'Start a calibration' }).click();
		await page.waitForURL(/\/ready/);
		await page.goto(page.url().replace('ready', 'flow'));
		const jug = page.getByLabel('Nozzle 1, caught');
		await jug.waitFor();
		await page.evaluate(
			(column) => {
				const data = new DataTransfer();
				data.setData('text', column);
				document.activeElement.dispatchEvent(
					new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true })
				);
			},
			Array.from({ length: 72 }, (_, i) => 600 + (i % 7)).join('\n')
		);
		await page.getByText('72 / 72').waitFor();
		await page.getByRole('status').filter({ hasText: 'saved and sent' }).waitFor();
		await jug.focus();
		const cdp = await page.context().newCDPSession(page);
		await cdp.send('Performance.enable');
		await cdp.send('Emulation.setCPUThrottlingRate', { rate: 4 });
		const script = async () =>
			(await cdp.send('Performance.getMetrics')).metrics.find((m) => m.name === 'ScriptDuration').value * 1000;
		const painted = () =>
			page.evaluate(() => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(() => done()))));
		const times = [];
		for (let i = 0; i < 45; i += 1) {
			// A jug that takes the focus has its figure selected, so that typing begins a new one.
			if (i % 3 === 0) {
				await page.keyboard.press('Escape');
				await page.keyboard.press('Control+A');
			}
			await painted();
			const before = await script();
			await cdp.send('Input.dispatchKeyEvent', { type: 'char', text: '598'[i % 3] });
			await painted();
			times.push((await script()) - before);
		}
		// What the two waits for a frame cost by themselves is not the keystroke's.
		const idle = [];
		for (let i = 0; i < 9; i += 1) {
			const before = await script();
			await painted();
			idle.push((await script()) - before);
		}
		const rest = percentile(
			idle.sort((a, b) => a - b),
			0.5
		);
		return times.map((t) => Math.max(0, t - rest)).sort((a, b) => a - b);
	} finally {
		await browser.close();
	}
}

/** Asks for a page at a steady pace, whether or not the answer before has come, and times each answer to its last byte. */
async function atPace(url, perSecond, seconds) {
	const times = [];
	const waiting = [];
	for (let i = 0; i < perSecond * seconds; i += 1) {
		const start = performance.now();
		waiting.push(
			fetch(url).then(async (response) => {
				await response.arrayBuffer();
				if (!response.ok) throw new Plain(`${url} answered ${response.status}`);
				times.push(performance.now() - start);
			})
		);
		await new Promise((done) => setTimeout(done, 1000 / perSecond));
	}
	await Promise.all(waiting);
	return times.sort((a, b) => a - b);
}

/** Resident memory of a process, MB. */
const memory = (pid) => Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1] ?? 0) / 1024;

/** The log of 100,000 records: each kind of question at a pace, all of it as CSV, and Today. */
async function benchLog(origin, url, pid) {
	const count = typeScript('bench/seed-log.ts', ['100000'], { DATABASE_URL: url });
	const { default: pg } = await import('pg');
	const client = new pg.Client({ connectionString: url });
	await client.connect();
	await client.query('analyze');
	await client.end();
	const last = new Date().getFullYear() - 1;
	const asked = {
		'the newest': '',
		'a block': 'block=Block%2017',
		'a product': 'product=Sample%20Ochre',
		'a group': 'group=14',
		'a person': 'operator=B.%20Sample',
		'a sprayer': 'sprayer=Long-meadow%20boom',
		'a pest, oldest first': 'target=rust&oldest=1',
		'a month': `from=${last}-05-01&to=${last}-05-31`,
		'a block, product and person': 'block=Block%2017&product=Sample%20Ochre&operator=B.%20Sample'
	};
	for (const [what, query] of Object.entries(asked)) {
		const address = `${origin}/log/__data.json?${query}`;
		await atPace(address, 20, 1);
		const times = await atPace(address, 20, 5);
		console.log(
			`log of ${count} records, ${what}, at 20 a second: p50 ${percentile(times, 0.5).toFixed(1)} ms, p95 ${percentile(times, 0.95).toFixed(1)} ms (60 ms or less is wanted)`
		);
	}
	await atPace(`${origin}/`, 20, 1);
	const today = await atPace(`${origin}/`, 20, 5);
	console.log(
		`Today beside that log: p50 ${percentile(today, 0.5).toFixed(1)} ms, p95 ${percentile(today, 0.95).toFixed(1)} ms (100 ms or less is wanted)`
	);
	const season = `${origin}/log/season/__data.json?year=${last}`;
	await atPace(season, 5, 1);
	const seasons = await atPace(season, 5, 5);
	console.log(
		`the season by block and product: p50 ${percentile(seasons, 0.5).toFixed(1)} ms, p95 ${percentile(seasons, 0.95).toFixed(1)} ms (150 ms or less is wanted)`
	);
	const pages = await atPace(`${origin}/log/season?year=${last}`, 5, 5);
	console.log(
		`the same as a page: p50 ${percentile(pages, 0.5).toFixed(1)} ms, p95 ${percentile(pages, 0.95).toFixed(1)} ms`
	);
	const before = memory(pid);
	let most = before;
	const watch = setInterval(() => (most = Math.max(most, memory(pid))), 50);
	const began = performance.now();
	const response = await fetch(`${origin}/log/csv`);
	let bytes = 0;
	for await (const chunk of response.body) bytes += chunk.length;
	clearInterval(watch);
	console.log(
		`all of it as CSV: ${(bytes / 1e6).toFixed(1)} MB in ${((performance.now() - began) / 1000).toFixed(1)} s, the server grew by ${(most - before).toFixed(0)} MB (50 MB or less is wanted)`
	);
	const whole = performance.now();
	const zip = await (await fetch(`${origin}/api/farm/file`)).arrayBuffer();
	console.log(
		`all of the farm in one zip: ${(zip.byteLength / 1e6).toFixed(1)} MB in ${((performance.now() - whole) / 1000).toFixed(1)} s`
	);
	const back = performance.now();
	const taken = await fetch(`${origin}/api/farm/file?replace=yes`, {
		method: 'PUT',
		headers: { 'content-type': 'application/zip' },
		body: zip
	});
	if (!taken.ok) throw new Plain(`the farm's file was not taken in: ${await taken.text()}`);
	console.log(`taken in again, every seal checked: ${((performance.now() - back) / 1000).toFixed(1)} s`);
}

/** What the core takes, in processes of its own. */
function benchCore() {
	const { sheets, wide, text } = JSON.parse(typeScript('bench/sheets.ts', [], {}));
	console.log(
		`sheets computed a second in one process, text to answer (8 nozzles): ${Math.round(sheets)} (median of 9)`
	);
	console.log(`72 nozzles and three runs from parsed quantities: ${(1e6 / wide).toFixed(1)} µs (median of 9)`);
	console.log(`the text of that sheet, read into quantities: ${(1e6 / text).toFixed(1)} µs (median of 9)`);
	const { choose, arc } = JSON.parse(typeScript('bench/nozzles.ts', [], {}));
	console.log(
		`choosing from 5,000 nozzles over their pressures: median ${choose[0].toFixed(1)} ms, p95 ${choose[1].toFixed(1)} ms (100 ms or less is wanted)`
	);
	console.log(
		`a set for an arc of 16 positions, 12 sizes, 3 zones: median ${arc[0].toFixed(0)} ms, slowest of 20 ${arc[1].toFixed(0)} ms (2,000 ms or less is wanted)`
	);
	const jobs = JSON.parse(typeScript('bench/jobs.ts', [], {}));
	console.log(
		`a job of 200 blocks and 8 products, read and planned in every split: median ${jobs.median.toFixed(1)} ms, p95 ${jobs.p95.toFixed(1)} ms (50 ms or less is wanted)`
	);
}

/** What a browser is sent, and how long pages take. */
async function benchViews(origin, sprayer, url) {
	const job = typeScript('bench/seed-job.ts', [], { DATABASE_URL: url });
	for (const [address, name] of [
		[await newCalibration(origin, sprayer), "a calibration's first view"],
		[`${origin}/jobs/${job}`, 'the page of a job with 40 loads'],
		[`${origin}/jobs/${job}/run`, 'mixing its first load'],
		[`${origin}/`, 'Today'],
		[`${origin}/full-tank`, 'one full tank'],
		[`${origin}/quick`, 'the speed for a volume']
	]) {
		const each = [];
		for (const locale of ['en-US', 'es-MX']) {
			const { bytes, files } = await firstViewScript(address, locale);
			each.push(`${(bytes / 1000).toFixed(1)} kB in ${files} files (${locale.slice(0, 2)})`);
		}
		console.log(
			`JavaScript of ${name}, gzip: ${each.join(', ')} (130 kB or less is wanted of a calibration and of a job)`
		);
	}
	const keys = await keystrokes(origin, typeScript('bench/seed-wide.ts', [], { DATABASE_URL: url }));
	console.log(
		`a keystroke in a jug of a 72-nozzle boom, script at 4x CPU slow-down: median ${percentile(keys, 0.5).toFixed(1)} ms, p95 ${percentile(keys, 0.95).toFixed(1)} ms (${keys.length} keys; 16 ms is a frame)`
	);
	const page = `${origin}/sprayers/${sprayer}`;
	await atPace(page, 20, 2);
	const times = await atPace(page, 20, 15);
	console.log(
		`sprayer page with 500 calibrations at 20 requests a second: p50 ${percentile(times, 0.5).toFixed(1)} ms, p95 ${percentile(times, 0.95).toFixed(1)} ms (${times.length} requests)`
	);
}

/** A frame of the practice yard, and its script, which no other page asks for. */
async function benchYard(origin) {
	const { passing, filling } = await yardFrames(chromium, origin);
	for (const [what, times] of [
		['a run that passes', passing],
		['sixteen jugs that fill', filling]
	])
		console.log(
			`a frame of the practice yard, ${what}, main thread at 4x CPU slow-down: median ${percentile(times, 0.5).toFixed(1)} ms, worst second ${times.at(-1).toFixed(1)} ms (8 ms or less is wanted)`
		);
	const script = await firstViewScript(`${origin}/practice`);
	console.log(
		`JavaScript of the list of exercises: ${(script.bytes / 1000).toFixed(1)} kB gzip in ${script.files} files`
	);
}

/** What a person touches and types on the short ways, as their browser test counts it. */
function benchHands(url, folder) {
	const file = join(folder, 'hands.jsonl');
	const done = spawnSync(
		process.execPath,
		['node_modules/@playwright/test/cli.js', 'test', 'short-ways', 'kinds-touch'],
		{
			env: {
				...process.env,
				FALLOW_TEST_DATABASE_URL: url,
				FALLOW_HANDS: file,
				FALLOW_BROWSER_REPORT: `${file}.report`
			},
			encoding: 'utf8'
		}
	);
	if (done.status !== 0) throw new Plain('the short ways did not pass: run `npm test` for why');
	for (const line of readFileSync(file, 'utf8').trim().split('\n').sort()) {
		const { way, taps, typed, characters } = JSON.parse(line);
		console.log(
			`${way}: ${taps} touches, ${typed} fields typed${characters === undefined ? '' : `, ${characters} characters`}`
		);
	}
}

/** The demo farm on a slow phone without signal, from a browser that was just started. */
async function benchCold(url, folder) {
	const { default: pg } = await import('pg');
	const query = async (address, text) => {
		const client = new pg.Client({ connectionString: address });
		await client.connect();
		try {
			return (await client.query(text)).rows[0]?.id;
		} finally {
			await client.end();
		}
	};
	await query(url, 'create database cold');
	const own = new URL(url);
	own.pathname = '/cold';
	await loadDemo(own.href);
	const server = await startServer({
		env: { DATABASE_URL: own.href, PORT: '0', HOST: '127.0.0.1', ORIGIN: '' },
		logFile: join(folder, 'cold.log')
	});
	const found = await coldOpen({
		origin: `http://127.0.0.1:${server.port}`,
		job: await query(own.href, "select id from job where state = 'under-way' limit 1"),
		sprayer: await query(own.href, 'select id from sprayer order by id limit 1'),
		folder,
		stopServer: () => server.stop()
	});
	for (const [what, times] of Object.entries(found))
		console.log(
			`${what}, opened without signal at 4x CPU slow-down: median ${percentile(times, 0.5).toFixed(0)} ms, slowest of ${times.length} ${times.at(-1).toFixed(0)} ms (2,000 ms or less is wanted)`
		);
}

await main(async () => {
	await ensurePackages();
	if (!existsSync(chromiumPath)) installDebian('chromium', 'Chromium');
	({ chromium } = await import('@playwright/test'));
	await ensureBuild();
	const only = process.argv[2];
	if (only === undefined) benchCore();
	const folder = mkdtempSync(join(tmpdir(), 'fallow-bench-'));
	chmodSync(folder, 0o755);
	const postgres = await startPostgres({ folder: join(folder, 'postgres'), firstPort: 54810 });
	try {
		if (only === undefined || only === 'cold') await benchCold(postgres.url, folder);
		if (only === 'cold') return;
		if (only !== 'log' && only !== 'yard') benchHands(postgres.url, folder);
		if (only === 'hands') return;
		const sprayer = typeScript('bench/seed-calibrations.ts', ['5000', '10'], { DATABASE_URL: postgres.url });
		const server = await startServer({
			env: { DATABASE_URL: postgres.url, PORT: '0', HOST: '127.0.0.1', ORIGIN: '' },
			logFile: join(folder, 'server.log')
		});
		try {
			const origin = `http://127.0.0.1:${server.port}`;
			if (only === undefined || only === 'yard') await benchYard(origin);
			if (only === 'yard') return;
			if (only !== 'log') await benchViews(origin, sprayer, postgres.url);
			await benchLog(origin, postgres.url, server.child.pid);
		} finally {
			await server.stop();
		}
	} finally {
		postgres.stop();
		rmSync(folder, { recursive: true, force: true });
	}
	say('Nothing here is judged; quote the medians.');
});
