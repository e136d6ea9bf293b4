import { expect, test } from './fixtures';

test('an orchard job by whole rows: ground, calibration, products, splits, labels, loads and mixing', async ({
	page,
	app
}) => {
	await page.goto(`${app.origin}/jobs`);
	await page.getByRole('link', { name: 'Plan a job' }).click();
	await expect(page.getByText('Pick the ground and a calibration')).toBeVisible();
	await page.getByRole('checkbox', { name: /Hazel rows/ }).check();
	const option = await page
		.getByRole('option', { name: /Hazel-row blower, Both sides/ })
		.first()
		.getAttribute('value');
	await page.getByRole('combobox', { name: /^Calibration/ }).selectOption(option);
	await page.getByRole('combobox', { name: /^Product/ }).selectOption({ label: 'Sample Ochre' });
	await expect(page.getByLabel('Dose')).toHaveValue('2 L/ha');
	// The label's most is a stop, with what would be within.
	await page.getByLabel('Dose').fill('3 L/ha');
	await expect(page.locator('[data-code="over-max"]')).toContainText('50 % over the label’s most');
	await page.getByLabel('Dose').fill('2 kg/ha');
	await expect(page.getByRole('alert')).toContainText('“2 kg/ha” is not a volume per area');
	await page.getByLabel('Dose').fill('2 L/ha');
	await page.getByRole('button', { name: 'Add a product' }).click();
	await page
		.getByRole('combobox', { name: /^Product/ })
		.nth(1)
		.selectOption({ label: 'Sample Chalk' });
	await page.getByRole('textbox', { name: /^Tank/ }).fill('5 L');
	await expect(page.getByText('The tank holds no more than what cannot be sprayed out of it').first()).toBeVisible();
	await page.getByRole('textbox', { name: /^Tank/ }).fill('1000 L');
	// A container of 5 L makes more than the tank holds at this strength: that way is shut, and says why.
	await expect(page.getByRole('radio', { name: /Whole containers/ })).toBeDisabled();
	await expect(
		page.getByText('One container of Sample Ochre makes more than a tank of mix', { exact: false })
	).toBeVisible();
	await page.getByRole('radio', { name: /Whole rows/ }).check();
	const count = Number(await page.getByTestId('load-count').textContent());
	expect(count).toBeGreaterThan(1);
	await page.getByRole('button', { name: 'Keep this job' }).click();
	await page.waitForURL(/jobs\/[0-9a-f-]{36}/);
	await expect(page.getByRole('heading', { name: 'Hazel rows' })).toBeVisible();
	await expect(page.getByTestId('load-count')).toHaveText(`${count}`);
	const mixing = page.locator('.mixing ol li');
	await expect(mixing.first()).toContainText('Water to this mark');
	await expect(mixing.nth(1)).toContainText('Sample Ochre');
	await expect(mixing.last()).toContainText('Water up to the mark');
	await page.getByRole('button', { name: 'Next load' }).click();
	await expect(page.getByRole('heading', { name: `Mixing load 2 of ${count}` })).toBeVisible();
	const [row] = await app.query<{ split: string; load_count: number }>(
		"select body->>'split' split, load_count from job order by created_at desc limit 1"
	);
	expect(row).toEqual({ split: 'whole-rows', load_count: count });
	await page.goto(`${app.origin}/jobs`);
	await page.getByRole('link', { name: 'Hazel rows' }).click();
	await page.getByRole('button', { name: 'Take the job off' }).click();
	await page.waitForURL(/jobs$/);
	await expect(page.getByRole('link', { name: 'Hazel rows' })).toBeHidden();
});
