import { allSent, awake, expect, offlineReady, sprayerId, test } from './fixtures';

test('a phone that saw only Today works a day without signal from a cold start: sprayers, a calibration, the job at hand', async ({
	app,
	browser
}) => {
	const context = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true });
	const first = awake(await context.newPage());
	const brought = first.waitForResponse((r) => r.url() === `${app.origin}/log` && r.request().method() === 'GET');
	await first.goto(`${app.origin}/`);
	await offlineReady(first);
	// The worker has to be in charge of the page before it keeps what passes through it.
	await first.reload();
	await brought;
	await first.close();

	await context.setOffline(true);
	const page = awake(await context.newPage());
	await page.goto(`${app.origin}/`);
	await expect(page.getByRole('button', { name: 'More' })).toBeVisible();
	await page.getByRole('link', { name: 'Sprayers' }).click();
	await expect(page.getByRole('heading', { name: 'Sprayers', level: 1 })).toBeVisible();
	const boom = await sprayerId(app, 'Long-meadow boom');
	await page.goto(`${app.origin}/sprayers/${boom}`);
	await expect(page.getByRole('heading', { level: 1 })).toContainText('Long-meadow boom');
	await page.goto(`${app.origin}/full-tank`);
	await expect(page.getByRole('heading', { level: 1 })).toBeVisible();

	// A new calibration.
	await page.goto(`${app.origin}/rounds/new?sprayer=${boom}`);
	await page.getByRole('button', { name: 'Start a calibration' }).click();
	await page.waitForURL(/\/rounds\/[0-9a-f-]{36}\/ready/);
	await expect(page.getByText('No signal, saved here').first()).toBeVisible();

	// The job at hand goes on.
	const [job] = await app.query<{ id: string }>("select id from job where state = 'under-way' limit 1");
	const entries = async () =>
		(await app.query<{ n: number }>('select count(*)::int as n from job_entry where job_id = $1', [job!.id]))[0]!.n;
	const before = await entries();
	await page.goto(`${app.origin}/jobs/${job!.id}/run`);
	await page
		.getByRole('button', { name: /is in, rinse done|^Water is at|^At the mark|^Begin spraying|^Pause|is sprayed out/ })
		.first()
		.click();
	await expect(page.getByText('No signal, saved here').first()).toBeVisible();

	// Every load in turn, the close and the record: all of it without signal.
	const next = page.locator('.act .btn.big');
	for (let tap = 0; tap < 80; tap += 1) {
		const words = (await next.textContent()) ?? '';
		if (words.includes('Close the job')) break;
		if (words.includes('weather')) {
			await next.click();
			await page.getByLabel('Wind from').fill('S');
			await page.getByLabel(/^Wind, /).fill('5 km/h');
			await page.getByText('Overcast', { exact: true }).click();
			await page.getByLabel(/^Why/).fill('a reason for the test');
			await page.getByRole('button', { name: 'Start spraying' }).click();
			await page.waitForURL(/\/run$/);
			continue;
		}
		await next.click();
		await expect(next).not.toHaveText(words);
	}
	await next.click();
	await page.getByLabel('Over in the tank').fill('0');
	await page.getByRole('button', { name: 'Close the job' }).click();
	await expect(page.getByRole('heading', { name: 'The job is closed' })).toBeVisible();
	await page.getByLabel('Operator').fill('');
	await page.getByRole('button', { name: 'Seal the record' }).click();
	await expect(page.getByRole('alert')).toContainText('Operator is still empty');
	await page.getByLabel('Operator').fill('B. Sample');
	await page.getByLabel('Pest or reason').fill('Thistles');
	for (const reason of await page.getByLabel('Reason for going on').all()) await reason.fill('a reason for the test');
	await page.getByRole('button', { name: 'Seal the record' }).click();
	await expect(page.getByText('It is sealed when it arrives at the server.')).toBeVisible();
	const sealed = () =>
		app.query<{ operator: string; target: string }>(
			"select body->>'operator' as operator, body->>'target' as target from record where id = $1",
			[job!.id]
		);
	expect(await sealed()).toEqual([]);

	// What is not sent yet has a page of its own, which opens without a signal too.
	await page.goto(`${app.origin}/rounds/unsent`);
	await expect(page.getByRole('listitem')).toHaveCount(2);
	expect(await entries()).toBe(before);

	await context.setOffline(false);
	await page.goto(`${app.origin}/jobs/${job!.id}/run`);
	await allSent(page);
	await expect.poll(entries).toBeGreaterThan(before + 10);
	await expect.poll(sealed).toEqual([{ operator: 'B. Sample', target: 'Thistles' }]);
	await page.goto(`${app.origin}/rounds/unsent`);
	await expect(page.getByText('All that was entered on this device')).toBeVisible();
});
