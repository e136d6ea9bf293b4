import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { expect, pickFrom, test } from './fixtures';

test.describe('on a phone', () => {
	test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

	test('every room is a thumb away, and what is behind More opens above the bar', async ({ page, app }) => {
		await page.goto(`${app.origin}/`);
		const bar = page.getByRole('navigation', { name: 'Rooms' });
		for (const name of ['Today', 'Jobs', 'Sprayers', 'Records']) {
			await bar.getByRole('link', { name }).tap();
			await expect(bar.getByRole('link', { name })).toHaveAttribute('aria-current', 'page');
		}
		for (const [name, path] of [
			['Fields', 'ground'],
			['Products', 'products'],
			['Nozzles', 'nozzles'],
			['Farm settings', 'farm']
		] as const) {
			await bar.getByRole('button', { name: 'More' }).tap();
			const sheet = page.getByRole('dialog', { name: 'More' });
			await sheet.getByRole('link', { name }).tap();
			await page.waitForURL(new RegExp(`/${path}$`));
			await expect(sheet).toBeHidden();
		}
		// Nothing that is at the foot of a page lies under the bar.
		await page.getByRole('button', { name: 'Save', exact: true }).click({ trial: true });
		await bar.getByRole('button', { name: 'More' }).tap();
		await expect(page.getByRole('dialog', { name: 'More' })).toBeVisible();
		expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);
	});

	test('Today begins with the window of the weather, then the job in progress by its ground, and one button', async ({
		page,
		app
	}) => {
		const [job] = await app.query<{ id: string; loads: number; out: number }>(
			"select id, load_count as loads, loads_out as out from job where state = 'under-way'"
		);
		await page.goto(`${app.origin}/`);
		await expect(page.getByRole('heading', { name: `load ${job!.out + 1} of ${job!.loads}` })).toBeVisible();
		await expect(page.getByRole('img', { name: /^Loads by their ground: 1 out, 2 now, 3, 4$/ })).toBeVisible();
		await expect(page.getByText('ac to go')).toBeVisible();
		const go = page.getByRole('link', { name: 'Continue: load 2' });
		// Nothing has to be scrolled for it, and it lies where a thumb is.
		await expect(go).toBeInViewport({ ratio: 1 });
		await go.tap();
		await page.waitForURL(`**/jobs/${job!.id}/run`);
	});

	test('the language of a device is its own: chosen once, on every page, on paper and without a signal', async ({
		page,
		app
	}) => {
		await page.goto(`${app.origin}/`);
		await page.locator('html[data-offline=ready]').waitFor({ state: 'attached' });
		await page.getByRole('navigation', { name: 'Rooms' }).getByRole('button', { name: 'More' }).tap();
		await page.getByRole('dialog', { name: 'More' }).getByLabel('Language').selectOption('es');
		await expect(page.getByRole('heading', { name: 'Aspersoras' })).toBeVisible();
		await expect(page.locator('html')).toHaveAttribute('lang', 'es');
		await page.goto(`${app.origin}/jobs`);
		await expect(page.getByRole('heading', { name: 'Trabajos', exact: true })).toBeVisible();
		// A page that is asked for in another language is in that one.
		const asked = await page.request.get(`${app.origin}/jobs?language=en`);
		expect(await asked.text()).toContain('<html lang="en"');
		// What was kept in English is gone; the shell of the field is made anew in Spanish.
		await app.kill();
		await page.goto(`${app.origin}/jobs`);
		await expect(page.locator('html')).toHaveAttribute('lang', 'es');
		await expect(page.getByRole('heading', { name: 'Trabajos', exact: true })).toBeVisible();
	});

	test('records are filtered behind a button, by a searched name and a picked day, and each is taken off', async ({
		page,
		app
	}) => {
		await page.goto(`${app.origin}/log`);
		await expect(page.getByLabel('Pest or reason')).toBeHidden();
		await page.getByRole('button', { name: 'Filter' }).tap();
		await pickFrom(page, 'Product', 'Sample Umber');
		await page.getByRole('button', { name: 'From: pick a day' }).tap();
		const month = page.getByRole('dialog', { name: 'From' });
		await month.getByRole('button', { name: 'Before' }).first().tap();
		expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);
		await month.getByText('15', { exact: true }).first().tap();
		await expect(page.getByRole('textbox', { name: 'From' })).toHaveValue(/^15 \w+ \d{4}$/);
		await page.getByRole('textbox', { name: 'From' }).fill('14.3.2025');
		await page.getByRole('textbox', { name: 'To' }).focus();
		await expect(page.getByText('That is not a day. Write it like 14 Mar 2026.')).toBeVisible();
		await page.getByRole('textbox', { name: 'From' }).fill('2024-01-01');
		await page.getByRole('button', { name: 'Show' }).tap();
		await page.waitForURL(/product=Sample\+Umber/);
		await page.getByRole('link', { name: /Sample Umber.*remove it/ }).tap();
		await page.waitForURL((url) => !url.search.includes('Umber') && url.search.includes('2024-01-01'));
	});
});

test('what is saved and leads on says so in passing', async ({ page, app }) => {
	await page.clock.install();
	await page.goto(`${app.origin}/products`);
	await page.getByRole('link', { name: 'Sample Ochre' }).click();
	await page.getByLabel('Registration number').fill('SAMPLE-9');
	// It is gone after a few seconds of the page's own clock, which is stopped while it is looked at.
	await page.clock.pauseAt(Date.now() + 3_600_000);
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await page.waitForURL(/products$/);
	const saved = page.getByText('Saved.');
	await expect
		.poll(async () => {
			await page.clock.runFor(100);
			// It comes in from under the lower edge: with a clock that stands it would stay there.
			const box = (await saved.isVisible()) ? await saved.boundingBox() : null;
			return box !== null && box.y + box.height <= page.viewportSize()!.height;
		})
		.toBe(true);
	// Under the pointer it stays, however long it is looked at.
	await saved.hover();
	await page.clock.resume();
	expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);
	await page.getByRole('button', { name: 'Close' }).click();
	await expect(saved).toBeHidden();
});

/** Holds what a page sends until it is let go. */
async function held(page: Page, sentTo: RegExp) {
	let release = () => {};
	const go = new Promise<void>((resolve) => (release = resolve));
	await page.route(sentTo, async (route) => {
		if (route.request().method() === 'POST') await go;
		await route.continue();
	});
	return async () => {
		const answered = page.waitForResponse(sentTo);
		release();
		await answered;
		await page.unroute(sentTo);
	};
}

test('what is typed while a form is being sent stays, refused or kept', async ({ page, app }) => {
	await page.goto(`${app.origin}/products`);
	await page.getByRole('link', { name: 'Sample Ochre' }).click();
	const interval = page.getByLabel('Pre-harvest interval');
	await interval.fill('soon');
	const answer = await held(page, /products\/[-0-9a-f]+\?\/keep/);
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(page.getByRole('button', { name: 'Saving …' })).toBeVisible();
	await interval.fill('10');
	await page.getByLabel('Registration number').fill('SAMPLE-10');
	await answer();
	await expect(page.getByRole('alert').filter({ hasText: '“soon” cannot be read' })).toBeVisible();
	await expect(interval).toHaveValue('10');
	await expect(page.getByLabel('Registration number')).toHaveValue('SAMPLE-10');
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await page.waitForURL(/products$/);

	await page.goto(`${app.origin}/farm`);
	const farm = page.getByLabel('Name of the farm');
	await farm.fill('Sample One');
	const kept = await held(page, /\/farm$/);
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await farm.fill('Sample Two');
	await kept();
	await expect(page.getByText('Saved. New calibrations')).toBeVisible();
	await expect(farm).toHaveValue('Sample Two');
	// It is not kept yet, and is not left without a word.
	const asked = page.waitForEvent('dialog').then(async (dialog) => {
		await dialog.dismiss();
		return dialog.message();
	});
	await page.getByRole('link', { name: 'Sprayers' }).first().click();
	expect(await asked).toContain('not saved yet');
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await expect
		.poll(async () => (await app.query<{ name: string }>('select name from farm'))[0]!.name)
		.toBe('Sample Two');
});
