// `npm run shots`: one picture of each main view, from the demo farm on a database of its own.
import { chmodSync, existsSync, mkdirSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ensureBuild } from './lib/build.mjs';
import { chromiumArgs, chromiumPath } from './lib/chromium.mjs';
import { installDebian } from './lib/debian.mjs';
import { loadDemo } from './lib/demo.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { root } from './lib/paths.mjs';
import { startPostgres } from './lib/postgres.mjs';
import { main, say } from './lib/say.mjs';
import { startServer } from './lib/server.mjs';
import { startSimulators } from './lib/simulators.mjs';

const folder = join(root, 'docs', 'screenshots');
const catches = ['19.2', '18.9', '19.4', '19.1', '19.0', '19.3', '19.1', '19.4', '16.3', '19.2', '19.2'];

const arc = [1.02, 1.48, 1.52, 1.5, 2.02, 2.06, 1.98, 2.02, 1.03, 1.5, 1.54, 1.7, 2.03, 2.04];

async function shot(page, name) {
	await page.evaluate(() => document.fonts.ready);
	await page.screenshot({ path: join(folder, `${name}.png`), animations: 'disabled' });
}

await main(async () => {
	await ensurePackages();
	if (!existsSync(chromiumPath)) installDebian('chromium', 'Chromium');
	await ensureBuild();
	const { chromium } = await import('@playwright/test');
	mkdirSync(folder, { recursive: true });
	const data = mkdtempSync(join(tmpdir(), 'fallow-shots-'));
	chmodSync(data, 0o755);
	const postgres = await startPostgres({ folder: join(data, 'postgres'), durable: false, firstPort: 54910 });
	try {
		await loadDemo(postgres.url);
		const simulators = await startSimulators({ weatherArgs: ['--day', 'calm'] });
		const server = await startServer({
			env: { ...simulators.env, DATABASE_URL: postgres.url, PORT: '0', HOST: '127.0.0.1', ORIGIN: '' },
			logFile: join(data, 'server.log')
		});
		const browser = await chromium.launch({ executablePath: chromiumPath, args: chromiumArgs });
		try {
			const origin = `http://127.0.0.1:${server.port}`;
			await desk(browser, origin);
			await todayInSpanish(browser, origin);
			await phone(browser, origin);
			await kinds(browser, origin);
			await practice(browser, origin);
			await mixingPhone(browser, origin);
		} finally {
			await browser.close();
			await server.stop();
			simulators.stop();
		}
	} finally {
		postgres.stop();
		rmSync(data, { recursive: true, force: true });
	}
	say(`Pictures are in ${folder.slice(root.length + 1)}`);
});

async function begin(page, origin, name = 'Long-meadow boom') {
	await page.goto(`${origin}/sprayers`);
	const href = await page.getByRole('link', { name }).getAttribute('href');
	await page.goto(`${origin}/rounds/new?sprayer=${href.split('/').pop()}`);
	await page.getByRole('button', { name: 'Start a calibration' }).click();
	await page.waitForURL(/\/ready/);
	await page.getByRole('heading', { name: 'Check the sprayer' }).waitFor();
}

/** Runs are timed with the page's clock moved by hand, so that the pictures do not hang on this machine's speed. */
async function timeRuns(page, runs, running) {
	await page.clock.install();
	await page.clock.pauseAt(Date.now() + 60_000);
	for (const seconds of runs) {
		await page.getByRole('button', { name: /first flag/ }).click();
		await page.clock.runFor(seconds * 1000);
		await page.getByRole('button', { name: /pass the flag/ }).click();
		await page
			.getByRole('list', { name: 'Runs' })
			.getByText(`${seconds.toFixed(2)} s`)
			.waitFor();
	}
	await page.getByRole('button', { name: /first flag/ }).click();
	await page.clock.runFor(running * 1000);
}

async function desk(browser, origin) {
	const page = await (
		await browser.newContext({ viewport: { width: 1280, height: 800 }, reducedMotion: 'reduce' })
	).newPage();
	await page.goto(origin);
	await page.getByRole('heading', { name: 'Sprayers' }).waitFor();
	await page.locator('svg[aria-label^="Today"]').waitFor();
	await shot(page, '01-today');
	await begin(page, origin);
	const boxes = await page.getByRole('checkbox').all();
	for (const box of boxes.slice(0, -1)) await box.click();
	await page
		.getByText(`${boxes.length - 1} of ${boxes.length}`, { exact: true })
		.first()
		.waitFor();
	await page.getByRole('button', { name: /To the ground speed/ }).click();
	await page.getByLabel('Course length').fill('200 ft');
	await page.keyboard.press('Enter');
	await page.getByLabel('Dial or screen said').fill('5.2');
	await page.keyboard.press('Enter');
	await timeRuns(page, [27.5, 27.7], 14.3);
	await page.clock.runFor(13_100);
	await page.getByRole('button', { name: /pass the flag/ }).click();
	await page.clock.resume();
	await page.getByRole('button', { name: /To the swath/ }).click();
	await page.getByText('12 nozzles × 20 in').waitFor();
	await page.getByRole('button', { name: /To the nozzle flow/ }).click();
	await page.getByLabel('Nozzle 1, caught').waitFor();
	await page.getByLabel('Gauge reads').fill('40 psi');
	await page.keyboard.press('Enter');
	await page.getByLabel('Each jug held').fill('30');
	await page.keyboard.press('Enter');
	await page.getByLabel('Nozzle 1, caught').focus();
	for (const amount of catches) {
		await page.keyboard.type(amount);
		await page.keyboard.press('Enter');
	}
	await page.getByText('11 / 12').waitFor();
	await page.getByRole('status').filter({ hasText: 'saved and sent' }).waitFor();
	await shot(page, '05-flow');
	await page.keyboard.type('19.1');
	await page.keyboard.press('Enter');
	await page.getByRole('button', { name: /Use these catches/ }).click();
	await page.getByTestId('rate').waitFor();
	await page.getByRole('button', { name: /Adjust to a target/ }).click();
	await page.getByLabel(/^Wanted, /).fill('15');
	await page.getByRole('button', { name: 'Use this pressure' }).click();
	await page.getByText('Flat fan 03').first().waitFor();
	await page.getByRole('heading', { name: 'Any two together' }).evaluate((e) => e.scrollIntoView({ block: 'center' }));
	await shot(page, '07-adjust');
	await page.getByRole('button', { name: 'Leave it as it is' }).click();
	await page.getByRole('button', { name: /To the signature/ }).click();
	await page.getByLabel('Calibrated by').fill('A. Sample');
	await page.getByLabel('Pressure at the gauge').fill('40 psi');
	await page.getByLabel(/^Gear/).fill('B2');
	await page.getByLabel(/rpm/).fill('540');
	await page.getByRole('button', { name: /^Sign off/ }).click();
	await page.getByRole('link', { name: 'See the calibration' }).click();
	await page.getByRole('heading', { name: 'Readings as taken' }).waitFor();
	await page.goto(`${origin}/sprayers`);
	await page.getByRole('link', { name: 'Long-meadow boom' }).click();
	await page.getByRole('heading', { name: /^Calibrations/ }).waitFor();
	await shot(page, '10-sprayer');
	await page.goto(`${origin}/ground`);
	await page.getByRole('figure', { name: /^The farm/ }).waitFor();
	await shot(page, '20-ground');
	await page.goto(`${origin}/jobs/new`);
	await page.getByRole('checkbox', { name: /Hazel rows/ }).check();
	const blower = page.getByRole('option', { name: /Hazel-row blower, Both sides/ }).first();
	await page.getByRole('combobox', { name: /^Calibration/ }).selectOption(await blower.getAttribute('value'));
	await page
		.locator('input[role=combobox]')
		.and(page.getByRole('combobox', { name: /^Product/ }))
		.fill('Sample Ochre');
	await page.getByRole('option', { name: 'Sample Ochre', exact: true }).click();
	await page.getByRole('radio', { name: /Whole rows/ }).check();
	await page.getByTestId('load').nth(1).waitFor();
	await page.evaluate(() => scrollTo(0, 0));
	await shot(page, '22-job');
	await page.goto(`${origin}/jobs`);
	const barley = await page.getByRole('link', { name: 'Barley field' }).getAttribute('href');
	await page.goto(`${origin}${barley}/run`);
	await page.getByRole('heading', { name: 'Load 2 of 4' }).waitFor();
	await page.getByRole('status').filter({ hasText: 'saved and sent' }).waitFor();
	await shot(page, '09-mixing');
	await page.goto(`${origin}${barley}/day`);
	await page.getByText('From the station.', { exact: false }).waitFor();
	await page.getByRole('heading', { name: /of work/ }).waitFor();
	await page.locator('svg[aria-label^="Today"]').waitFor();
	await shot(page, '23-day');
	await page.goto(`${origin}/log`);
	await page.getByRole('row').nth(1).waitFor();
	await shot(page, '24-log');
	await page.goto(`${origin}/log/season`);
	await page.locator('[role=img][data-drawn="true"]').first().waitFor();
	await shot(page, '25-season');
}

/** Today on a phone, for somebody who reads Spanish. */
async function todayInSpanish(browser, origin) {
	const context = await browser.newContext({
		viewport: { width: 390, height: 844 },
		hasTouch: true,
		isMobile: true,
		locale: 'es-MX',
		reducedMotion: 'reduce'
	});
	const page = await context.newPage();
	await page.goto(origin);
	await page.getByRole('heading', { name: /: se puede / }).waitFor();
	await shot(page, '02-today-phone-es');
}

async function phone(browser, origin) {
	const page = await (
		await browser.newContext({
			viewport: { width: 390, height: 844 },
			hasTouch: true,
			isMobile: true,
			reducedMotion: 'reduce'
		})
	).newPage();
	await begin(page, origin);
	await page.getByRole('button', { name: /To the ground speed/ }).tap();
	await page.getByLabel('Course length').fill('100 m');
	await page.keyboard.press('Enter');
	await page.getByLabel('Dial or screen said').fill('8.2 km/h');
	await page.keyboard.press('Enter');
	await timeRuns(page, [45.2, 46.1], 31.4);
	await shot(page, '12-speed-phone');
	await page.clock.runFor(14_000);
	await page.getByRole('button', { name: /pass the flag/ }).tap();
	await page.clock.resume();
	await page.getByRole('button', { name: /To the swath/ }).tap();
	await page.getByRole('button', { name: /To the nozzle flow/ }).tap();
	const jug = page.getByRole('slider');
	await jug.waitFor();
	const box = await jug.boundingBox();
	for (const share of [0.47, 0.49, 0.46, 0.6])
		await page.touchscreen.tap(box.x + box.width / 2, box.y + box.height * share);
	// A finger that is down: pale water, nothing kept yet.
	await page.mouse.move(box.x + box.width / 2, box.y + box.height * 0.48);
	await page.mouse.down();
	await shot(page, '13-flow-phone');
}

async function typeTimes(page, times) {
	for (const time of times) {
		await page.getByLabel('Or type a time').fill(time);
		await page.keyboard.press('Enter');
		await page
			.getByRole('list', { name: 'Runs' })
			.getByText(`${Number(time).toFixed(2)} s`)
			.waitFor();
	}
}

/** The other kinds of sprayer, at a desk. */
async function kinds(browser, origin) {
	const page = await (
		await browser.newContext({ viewport: { width: 1280, height: 800 }, reducedMotion: 'reduce' })
	).newPage();
	await begin(page, origin, 'Hazel-row blower');
	const begun = page.url().replace(/\/[a-z-]+$/, '');
	await page.goto(`${begun}/speed`);
	await page.getByLabel('Course length').fill('50 m');
	await page.keyboard.press('Enter');
	await typeTimes(page, ['36.1', '35.8', '36.3']);
	await page.goto(`${begun}/flow`);
	await page.getByLabel('Left 1, caught').waitFor();
	await page.getByLabel('Jug reads in').selectOption('L');
	await page.getByLabel('Each jug held').fill('60');
	await page.keyboard.press('Enter');
	await page.getByLabel('Gauge reads').fill('10 bar');
	await page.keyboard.press('Enter');
	await page.getByLabel('Left 1, caught').focus();
	for (const q of arc) {
		await page.keyboard.type(`${q}`);
		await page.keyboard.press('Enter');
	}
	await page.getByText('14 / 16').waitFor();
	await page.getByText('Share of the spray by height').waitFor();
	await page.getByRole('status').filter({ hasText: 'saved and sent' }).waitFor();
	await shot(page, '14-airblast-flow');
	for (const q of ['2.00', '2.01']) {
		await page.keyboard.type(q);
		await page.keyboard.press('Enter');
	}
	await page.getByText('16 / 16').waitFor();

	await begin(page, origin, 'Farm-track thrower');
	await page.goto(page.url().replace('ready', 'swath'));
	await page.getByLabel('Wetted width, edge to edge').fill('26 ft');
	await page.keyboard.press('Enter');
	await page.getByRole('radio', { name: /Usable share 22/ }).waitFor();
	await page.getByText('Pans', { exact: true }).first().click();
	await page.getByLabel('Pan to pan').fill('2 ft');
	await page.keyboard.press('Enter');
	await page.getByRole('textbox', { name: 'Pans' }).fill('14');
	await page.keyboard.press('Enter');
	await page.getByLabel('Pan 14,').waitFor();
	for (const [i, ml] of [6, 18, 32, 40, 44, 43, 41, 42, 44, 45, 41, 30, 17, 5].entries()) {
		await page.getByLabel(`Pan ${i + 1},`).fill(`${ml}`);
		await page.getByLabel(`Pan ${i + 1},`).press('Enter');
	}
	await page.locator('[data-drawn="true"]').waitFor();
	await shot(page, '16-boomless-pans');
}

/** The practice yard: jugs on the stand, and the truth after the signature. Its seed is fixed, so that the pictures are the same each time. */
async function practice(browser, origin) {
	const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage();
	await page.addInitScript(() => {
		const draw = crypto.getRandomValues.bind(crypto);
		crypto.getRandomValues = (list) => (list instanceof Uint32Array ? list.fill(2) : draw(list));
	});
	await page.clock.install();
	await page.goto(`${origin}/practice`);
	await page.locator('html[data-alive]').waitFor({ state: 'attached' });
	await page.getByRole('button', { name: 'Start: Boom in gallons' }).click();
	await page.waitForURL(/\/ready/);
	const base = page.url().replace(/\/ready.*/, '');
	await page.goto(`${base}/speed`);
	await page.getByLabel('Course length').fill('200 ft');
	await page.keyboard.press('Enter');
	await typeTimes(page, ['27.2', '27.9', '27.4']);
	await page.goto(`${base}/flow`);
	await page.locator('button.timer').waitFor();
	await page.clock.pauseAt((await page.evaluate(() => Date.now())) + 1000);
	await page.locator('button.timer').click();
	await page.clock.runFor(30_000);
	await page.locator('button.timer').click();
	await page.clock.runFor(500);
	await page.getByLabel('Gauge reads').fill('40 psi');
	await page.keyboard.press('Enter');
	await page.getByRole('textbox', { name: /^Nozzle 1\b/ }).focus();
	for (let n = 1; n <= 12; n += 1) {
		const jug = page.getByRole('img', { name: new RegExp(`Jug of nozzle ${n}:`) });
		const [, low, high] = /between ([\d.]+) and ([\d.]+)/.exec(await jug.getAttribute('aria-label'));
		await page.keyboard.type(`${(Number(low) + Number(high)) / 2}`);
		if (n < 12) await page.keyboard.press('Enter');
	}
	await page.clock.resume();
	await shot(page, '26-practice');
	await page.keyboard.press('Enter');
	await page.goto(`${base}/sign-off`);
	await page.getByLabel('Calibrated by').fill('L. Sample');
	await page.getByRole('button', { name: /^Sign off →/ }).click();
	await page.waitForURL(/\/reveal$/);
	await page.getByLabel('Area', { exact: true }).fill('31.9 ac');
	await page.getByLabel('Label rate').fill('32 fl oz/ac');
	await page.getByText(/too (much|little)/).waitFor();
	await shot(page, '27-practice-truth');
}

/** A carried sprayer, on a phone. */
async function mixingPhone(browser, origin) {
	const page = await (
		await browser.newContext({
			viewport: { width: 390, height: 844 },
			hasTouch: true,
			isMobile: true,
			reducedMotion: 'reduce'
		})
	).newPage();
	await page.goto(`${origin}/full-tank`);
	await page.locator('html[data-alive]').waitFor({ state: 'attached' });
	await page.getByLabel('Sprayer').selectOption({ label: 'Long-meadow boom, All on' });
	await page.getByLabel('Tank mix').selectOption({ label: 'Track edges' });
	await page.getByTestId('amount').first().waitFor();
	await shot(page, '11-full-tank-phone');
	await page.goto(`${origin}/jobs`);
	const spots = await page.getByRole('link', { name: 'Nursery strip' }).getAttribute('href');
	await page.goto(`${origin}${spots}/run`);
	await page.getByRole('button', { name: /^Water is at/ }).tap();
	await page.getByText('Step 2 of 3').waitFor();
	await page.getByRole('status').filter({ hasText: 'Saved' }).waitFor();
	await shot(page, '18-mixing-phone');
}
