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

	// What is not sent yet has a page of its own, which opens without a signal too.
	await page.goto(`${app.origin}/rounds/unsent`);
	await expect(page.getByRole('listitem')).toHaveCount(2);
	expect(await entries()).toBe(before);

	await context.setOffline(false);
	await page.goto(`${app.origin}/jobs/${job!.id}/run`);
	await allSent(page);
	await expect.poll(entries).toBe(before + 1);
	await page.goto(`${app.origin}/rounds/unsent`);
	await expect(page.getByText('All that was entered on this device')).toBeVisible();
});
