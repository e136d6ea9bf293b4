import {
	awake,
	allSent,
	beginCalibration,
	expect,
	offlineReady,
	onDevice,
	sprayerId,
	startApp,
	test
} from './fixtures';

/** Runs in the page: keys of what the device keeps beside its calibrations. */
const keptSprayers = () =>
	new Promise<string[]>((resolve, reject) => {
		const opened = indexedDB.open('fallow');
		opened.onerror = () => reject(opened.error);
		opened.onsuccess = () => {
			const keys = opened.result.transaction('kept').objectStore('kept').getAllKeys();
			keys.onsuccess = () => (opened.result.close(), resolve(keys.result as string[]));
			keys.onerror = () => reject(keys.error);
		};
	});

test('a server killed between two catches, a reload, a closed tab: nothing is lost and nothing is there twice', async ({
	context
}) => {
	const app = await startApp(true);
	try {
		let page = await context.newPage();
		const id = await beginCalibration(page, app);
		await offlineReady(page);
		await page.goto(`${app.origin}/rounds/${id}/speed`);
		await page.getByLabel('Course length').fill('200 ft');
		await page.keyboard.press('Enter');
		for (const time of ['27.5', '27.7', '27.4']) {
			await page.getByLabel('Or type a time').fill(time);
			await page.keyboard.press('Enter');
			await expect(page.getByLabel('Or type a time')).toHaveValue('');
		}
		await page.goto(`${app.origin}/rounds/${id}/flow`);
		const enter = async (n: number, amount: string) => {
			await page.getByLabel(`Nozzle ${n}, caught`).fill(amount);
			await page.keyboard.press('Enter');
		};
		for (const n of [1, 2, 3, 4]) await enter(n, '19.2');
		await allSent(page);

		await app.kill();
		for (const n of [5, 6, 7]) await enter(n, '19.0');
		await expect(page.getByRole('status').filter({ hasText: 'No signal, saved here' })).toBeVisible();

		await onDevice(page);
		// A reload with nobody there: the page comes from the device, and so do the readings.
		await page.reload();
		await expect(page.getByLabel('Nozzle 7, caught')).toHaveValue('19.0');
		await enter(8, '18.9');
		await expect(page.getByRole('navigation', { name: 'Steps' }).getByText('8 / 12')).toBeVisible();

		// A closed tab, and a new one straight to the calibration.
		await onDevice(page);
		await page.close();
		page = await context.newPage();
		await page.goto(`${app.origin}/rounds/${id}/flow`);
		await expect(page.getByLabel('Nozzle 8, caught')).toHaveValue('18.9');
		for (const n of [9, 10, 11, 12]) await enter(n, '19.1');

		await app.restart();
		await page.evaluate(() => dispatchEvent(new Event('online')));
		await allSent(page);
		const rows = await app.query<{ nozzle: number; text: string }>(
			"select (body->>'nozzle')::int nozzle, body->'amount'->>'text' as text from round_entry where round_id = $1 and kind = 'catch' order by seq",
			[id]
		);
		expect(rows.map((r) => `${r.nozzle}:${r.text}`)).toEqual([
			...[1, 2, 3, 4].map((n) => `${n}:19.2`),
			...[5, 6, 7].map((n) => `${n}:19.0`),
			'8:18.9',
			...[9, 10, 11, 12].map((n) => `${n}:19.1`)
		]);

		// A sprayer that was looked at can be calibrated with nobody there: the calibration begins on the device.
		await page.goto(`${app.origin}/sprayers`);
		await page.getByRole('heading', { name: 'Sprayers' }).waitFor();
		const other = await sprayerId(app, 'Barley-field boom');
		await expect.poll(() => page.evaluate(keptSprayers)).toContain(`sprayer:${other}`);
		await app.kill();
		await page.goto(`${app.origin}/rounds/new?sprayer=${other}`);
		await page.getByRole('button', { name: 'Start a calibration' }).click();
		await page.getByRole('checkbox', { name: 'Rinsed and clean' }).click();
		await expect(page.getByRole('checkbox', { checked: true })).toHaveCount(1);
		const begun = /rounds\/([0-9a-f-]{36})/.exec(page.url())![1]!;
		await app.restart();
		await page.evaluate(() => dispatchEvent(new Event('online')));
		await allSent(page);
		expect(await app.query('select 1 from round where id = $1', [begun])).toHaveLength(1);
	} finally {
		await app.restart().catch(() => undefined);
		await app.end();
	}
});

test('a running stopwatch goes on over a reload', async ({ page, app }) => {
	const id = await beginCalibration(page, app, 'Barley-field boom');
	await page.goto(`${app.origin}/rounds/${id}/speed`);
	await page.getByRole('button', { name: /at the first flag/ }).click();
	await expect(page.getByRole('button', { name: /pass the flag/ })).toBeVisible();
	await page.reload();
	await expect(page.getByRole('button', { name: /running since before the reload/ })).toBeVisible();
});

test('a second device takes the calibration up from the server', async ({ browser, page, app }) => {
	const id = await beginCalibration(page, app, 'Barley-field boom');
	await page.goto(`${app.origin}/rounds/${id}/speed`);
	await page.getByLabel('Course length').fill('80 m');
	await page.keyboard.press('Enter');
	await allSent(page);
	const other = await browser.newContext();
	const second = awake(await other.newPage());
	await second.goto(`${app.origin}/rounds/${id}/speed`);
	await expect(second.getByLabel('Course length')).toHaveValue('80 m');
	await other.close();
});
