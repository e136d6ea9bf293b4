import AxeBuilder from '@axe-core/playwright';
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
		await page.getByRole('button', { name: 'Keep it' }).click({ trial: true });
		await bar.getByRole('button', { name: 'More' }).tap();
		await expect(page.getByRole('dialog', { name: 'More' })).toBeVisible();
		expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);
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
		await expect(page.getByRole('textbox', { name: 'From' })).toHaveValue(/^\d{4}-\d\d-15$/);
		await page.getByRole('textbox', { name: 'From' }).fill('14.3.2025');
		await page.getByRole('textbox', { name: 'To' }).focus();
		await expect(page.getByText('That is not a day. Write it like 2026-03-14.')).toBeVisible();
		await page.getByRole('textbox', { name: 'From' }).fill('2024-01-01');
		await page.getByRole('button', { name: 'Show' }).tap();
		await page.waitForURL(/product=Sample\+Umber/);
		await page.getByRole('link', { name: /Sample Umber.*take it off/ }).tap();
		await page.waitForURL((url) => !url.search.includes('Umber') && url.search.includes('2024-01-01'));
	});
});

test('what is saved and leads on says so in passing', async ({ page, app }) => {
	await page.goto(`${app.origin}/products`);
	await page.getByRole('link', { name: 'Sample Ochre' }).click();
	await page.getByLabel('Registration number').fill('SAMPLE-9');
	await page.getByRole('button', { name: 'Keep it' }).click();
	await page.waitForURL(/products$/);
	await expect(page.getByText('Saved.')).toBeVisible();
	expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);
	await page.getByRole('button', { name: 'Close' }).click();
	await expect(page.getByText('Saved.')).toBeHidden();
});
