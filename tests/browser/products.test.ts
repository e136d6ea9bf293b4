import { readFileSync } from 'node:fs';
import { expect, fromMenu, test } from './fixtures';

test('a product from the label: typed, mended, kept, put away, and out and in as a file', async ({ page, app }) => {
	await page.goto(`${app.origin}/products`);
	await page.getByRole('link', { name: 'Add a product' }).click();
	await page.getByRole('textbox', { name: 'Name', exact: true }).fill('Sample Slate');
	await page.getByLabel('Label rate, or its lowest').fill('3 kg/ha');
	await page.getByLabel('Highest label rate').fill('2 L/ha');
	await page.getByLabel('Pre-harvest interval').fill('soon');
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	// Nothing says that it is a liquid: it is asked, and a dry one mixes as no solution.
	const asksState = page.getByRole('alert').filter({ hasText: 'liquid or dry' });
	await expect(asksState).toBeVisible();
	await page.getByRole('radio', { name: 'Liquid' }).check();
	await page.getByLabel(/^Mixing group/).selectOption('solution');
	await page.getByRole('radio', { name: 'Dry' }).check();
	await expect(page.getByLabel(/^Mixing group/)).toHaveValue('');
	await page.getByRole('radio', { name: 'Liquid' }).check();
	await page.getByLabel(/^Mixing group/).selectOption('solution');
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	// What is wrong stands at its field, and what was typed stays. What was mended is told of no more.
	await expect(asksState).toBeHidden();
	await expect(page.getByRole('alert').filter({ hasText: '“soon” cannot be read' })).toBeVisible();
	await page.getByLabel('Pre-harvest interval').fill('10');
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(page.getByRole('alert').filter({ hasText: '“3 kg/ha” is a weight of a liquid' })).toBeVisible();
	await expect(page.getByRole('textbox', { name: 'Name', exact: true })).toHaveValue('Sample Slate');
	await page.getByLabel('Label rate, or its lowest').fill('1 L/ha');
	await page.getByLabel('Plant back').fill('clover = 90');
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await page.waitForURL(/products$/);
	const card = page.getByRole('listitem').filter({ hasText: 'Sample Slate' });
	await expect(card).toContainText('1 L/ha to 2 L/ha');
	await expect(card).toContainText('clover 90 days');

	await page.getByRole('link', { name: 'Add a product' }).click();
	await page.getByRole('textbox', { name: 'Name', exact: true }).fill('sample slate');
	await page.getByRole('radio', { name: 'Liquid' }).check();
	await page.getByLabel(/^Mixing group/).selectOption('solution');
	await page.getByLabel('Label rate, or its lowest').fill('1 L/ha');
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(page.getByRole('alert')).toContainText('There is a product called sample slate already');
	// What is not saved is asked about before it is left.
	const asked: string[] = [];
	page.once('dialog', (dialog) => {
		asked.push(dialog.message());
		void dialog.accept();
	});
	await page.getByRole('link', { name: 'Back' }).click();
	await page.waitForURL(/products$/);
	expect(asked).toEqual([expect.stringContaining('not saved yet')]);

	const files: string[] = [];
	for (const action of ['Export as CSV', 'Export as JSON']) {
		const download = page.waitForEvent('download');
		await fromMenu(page, action);
		files.push(readFileSync((await (await download).path())!, 'utf8'));
	}
	expect(files[0]).toContain('Sample Slate,liquid');
	await page.getByRole('link', { name: 'Sample Slate' }).click();
	await page.getByRole('button', { name: 'Archive' }).click();
	await expect(page.getByRole('link', { name: 'Sample Slate' })).toBeHidden();

	await fromMenu(page, 'Import products');
	await page.getByLabel('The rows').fill(files[0]!.replace('1 L/ha,2 L/ha', '1 L/ha,9 kg/ha'));
	await expect(page.getByText('Sample Slate').first()).toBeVisible();
	await expect(page.getByText('“9 kg/ha” is a weight of a liquid', { exact: false })).toBeVisible();
	await page.getByLabel('The rows').fill(files[1]!);
	await page.getByRole('button', { name: /^Import \d/ }).click();
	await expect(page.getByText(/products are imported/)).toBeVisible();
	await page.getByRole('link', { name: 'To the list' }).click();
	await expect(page.getByRole('link', { name: 'Sample Slate' })).toBeVisible();
});
