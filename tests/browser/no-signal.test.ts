import type { Browser, Page } from '@playwright/test';
import { startFragile } from '../support/fragile';
import type { App } from './fixtures';
import { allSent, awake, expect, offlineReady, pickFrom, sprayerId, test } from './fixtures';

/** A phone that saw Today once, was given the time to bring what the day needs, and is opened anew without signal. */
async function coldPhone(app: Pick<App, 'origin'>, browser: Browser) {
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
	return { context, page: awake(await context.newPage()) };
}

/** Every load in turn, by the one button that is next, until the job asks to be closed. */
async function mixAndSpray(page: Page): Promise<void> {
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
}

test('two phones that saw only Today work a day without signal from a cold start: sprayers, a calibration, the job at hand, another job', async ({
	app,
	browser
}) => {
	const { context, page } = await coldPhone(app, browser);
	const other = await coldPhone(app, browser);
	await page.goto(`${app.origin}/`);
	await expect(page.getByRole('button', { name: 'More' })).toBeVisible();
	// Nobody takes a page that was kept for what is now.
	await expect(page.getByText('The server does not answer. This page is as it was on')).toBeVisible();
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

	// Somebody else mixes another job meanwhile, on a phone that hears of nobody either.
	const [second] = await app.query<{ id: string }>(
		"select id from job where state = 'planned' and off_at is null order by day desc limit 1"
	);
	const mixed = async () =>
		(await app.query<{ kind: string }>('select kind from job_entry where job_id = $1', [second!.id])).length;
	const step = other.page.locator('.act .btn.big');
	await other.page.goto(`${app.origin}/jobs/${second!.id}/run`);
	const waits = (await step.textContent()) ?? '';
	await step.click();
	await expect(step).not.toHaveText(waits);
	await expect(other.page.getByText('No signal, saved here').first()).toBeVisible();
	expect(await mixed()).toBe(0);

	// Every load in turn, the close and the record: all of it without signal.
	await mixAndSpray(page);
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
	// Joined: what the other phone did is on this one within seconds, without a load anew.
	await page.goto(`${app.origin}/jobs/${second!.id}/run`);
	await expect(page.locator('.act .btn.big')).toHaveText(waits);
	await other.context.setOffline(false);
	await expect(page.locator('.act .btn.big')).toHaveText((await step.textContent()) ?? '');
	expect(await mixed()).toBe(1);
	await other.context.close();
	await expect.poll(entries).toBeGreaterThan(before + 10);
	await expect.poll(sealed).toEqual([{ operator: 'B. Sample', target: 'Thistles' }]);
	await page.goto(`${app.origin}/rounds/unsent`);
	await expect(page.getByText('All that was entered on this device')).toBeVisible();
});

test('a job is planned, mixed, sprayed, closed and recorded on a phone without signal, and is the same on the server', async ({
	app,
	browser
}) => {
	const { context, page } = await coldPhone(app, browser);
	const jobs = () => app.query<{ id: string; body: unknown; state: string }>('select id, body, state from job');
	const before = (await jobs()).length;
	await page.goto(`${app.origin}/jobs/new`);
	await expect(page.getByText('The server cannot be reached.')).toBeVisible();
	await page.getByRole('checkbox', { name: /Long meadow/ }).check();
	const boom = page.getByRole('option', { name: /Long-meadow boom/ }).first();
	await page.getByRole('combobox', { name: /^Calibration/ }).selectOption(await boom.getAttribute('value'));
	await pickFrom(page, /^Product/, 'Sample Umber');
	await page.getByRole('radio', { name: /Equal loads/ }).check();
	await page.getByRole('button', { name: 'Save this job' }).click();
	await page.waitForURL(/\/jobs\/[0-9a-f-]{36}\/run$/);
	const id = /jobs\/([^/]+)\//.exec(page.url())![1]!;
	await expect(page.getByText('No signal, saved here').first()).toBeVisible();

	// It is found again from Today and from the jobs, which are pages of before.
	for (const path of ['/', '/jobs']) {
		await page.goto(`${app.origin}${path}`);
		await expect(page.getByRole('list', { name: 'Planned on this device' }).getByText('Long meadow')).toBeVisible();
	}
	// Taken back before anybody heard of it, and that taken back too.
	const here = page.getByRole('list', { name: 'Planned on this device' });
	await here.getByRole('button', { name: 'Delete' }).click();
	await expect(here).toHaveCount(0);
	await expect(page.getByText('Job deleted.')).toBeVisible();
	// It was not sent, and nobody says so.
	await expect(page.getByText('All that was waiting')).toHaveCount(0);
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(here.getByText('Long meadow')).toBeVisible();
	// The job's own page is the server's: the app says that it has not got it.
	await page.goto(`${app.origin}/jobs/${id}`);
	await expect(page.getByRole('heading', { name: 'This page is not on this device' })).toBeVisible();
	await page.goto(`${app.origin}/jobs`);
	await page.getByRole('list', { name: 'Planned on this device' }).getByRole('link', { name: 'Mix' }).click();
	await mixAndSpray(page);
	await page.getByLabel('Over in the tank').fill('0');
	await page.getByRole('button', { name: 'Close the job' }).click();
	await expect(page.getByRole('heading', { name: 'The job is closed' })).toBeVisible();
	await page.getByLabel('Operator').fill('B. Sample');
	await page.getByLabel('Pest or reason').fill('Thistles');
	for (const reason of await page.getByLabel('Reason for going on').all()) await reason.fill('a reason for the test');
	await page.getByRole('button', { name: 'Seal the record' }).click();
	await expect(page.getByText('It is sealed when it arrives at the server.')).toBeVisible();
	expect(await jobs()).toHaveLength(before);
	const planned = await page.evaluate(
		(job) =>
			new Promise<unknown>((done) => {
				const open = indexedDB.open('fallow-jobs');
				open.onsuccess = () => {
					const got = open.result.transaction('heads').objectStore('heads').get(job);
					got.onsuccess = () => done((got.result as { head: { job: unknown } }).head.job);
				};
			}),
		id
	);

	await context.setOffline(false);
	await page.goto(`${app.origin}/jobs/${id}/run`);
	await allSent(page);
	await expect.poll(async () => (await jobs()).find((j) => j.id === id)?.state).toBe('closed');
	expect((await jobs()).find((j) => j.id === id)!.body).toEqual(planned);
	await expect
		.poll(() => app.query("select body->>'target' as target from record where id = $1", [id]))
		.toEqual([{ target: 'Thistles' }]);
	await page.goto(`${app.origin}/jobs`);
	await expect(page.getByRole('list', { name: 'Planned on this device' })).toHaveCount(0);
});

test('a signal that is there by name only holds up neither the job nor Today', async ({ browser }) => {
	const app = await startFragile();
	try {
		const context = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true });
		const page = awake(await context.newPage());
		await page.goto(`${app.origin()}/`);
		await offlineReady(page);
		await page.reload();
		const [run] = await page.locator('a[href$="/run"]').all();
		const job = (await run!.getAttribute('href'))!;
		await page.goto(`${app.origin()}${job}`);
		await expect(page.locator('.act .btn.big')).toBeVisible();
		await page.goto(`${app.origin()}/`);
		await expect(page.getByText('This page is as it was on')).toHaveCount(0);

		app.freeze();
		await page.goto(`${app.origin()}/`);
		await expect(page.getByText('The server does not answer. This page is as it was on')).toBeVisible();
		await page.goto(`${app.origin()}${job}`);
		await expect(page.locator('.act .btn.big')).toBeVisible();
		app.thaw();
		await page.goto(`${app.origin()}/`);
		await expect(page.getByText('This page is as it was on')).toHaveCount(0);
		await context.close();
	} finally {
		app.thaw();
		await app.end();
	}
});
