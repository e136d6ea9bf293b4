import { allSent, expect, pickFrom, test } from './fixtures';

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
	await pickFrom(page, /^Product/, 'Sample Ochre');
	await expect(page.getByLabel('Dose')).toHaveValue('2 L/ha');
	// The label's most is a stop, with what would be within.
	await page.getByLabel('Dose').fill('3 L/ha');
	await expect(page.locator('[data-code="over-max"]')).toContainText('50 % over the label maximum');
	await page.getByLabel('Dose').fill('2 kg/ha');
	await expect(page.getByRole('alert')).toContainText('“2 kg/ha” is a weight of a liquid');
	await page.getByLabel('Dose').fill('2 L/ha');
	await page.getByRole('button', { name: 'Add a product' }).click();
	await pickFrom(page, /^Product/, 'Sample Chalk', 1);
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
	// The label asks for ten days between, and it is two: kept only with its reason, which stands on the job.
	await expect(page.locator('[data-stop="too-few-days"]')).toContainText('Sample Ochre');
	await expect(page.getByRole('button', { name: 'Save this job' })).toBeDisabled();
	for (const field of await page.getByLabel('Reason for going on').all()) await field.fill('Rain washed it off');
	await page.getByRole('button', { name: 'Save this job' }).click();
	await page.waitForURL(/jobs\/[0-9a-f-]{36}/);
	await expect(page.getByRole('heading', { name: 'Hazel rows' })).toBeVisible();
	await expect(page.getByRole('region', { name: 'Stops that were passed' })).toContainText('Rain washed it off');
	await expect(page.getByTestId('load-count')).toHaveText(`${count}`);
	// Mixing, by keyboard alone: Enter does what is next.
	await page.getByRole('link', { name: 'Mix the first load' }).click();
	await expect(page.getByRole('heading', { name: `Load 1 of ${count}` })).toBeVisible();
	const steps = page.locator('main ol.card li');
	await expect(steps.first()).toContainText('Water to this mark first');
	await expect(steps.nth(1)).toContainText('Sample Ochre');
	await expect(steps.last()).toContainText('Water up to the mark');
	// On a link Enter follows the link, and ticks nothing.
	await page.getByRole('link', { name: 'Look at the weather' }).press('Enter');
	await page.waitForURL(/\/day$/);
	await page.goBack();
	await expect(steps.first()).toBeVisible();
	await expect(steps.first()).not.toHaveClass(/done/);
	for (let step = 0; step < 5; step += 1) {
		await page.locator('body').press('Enter');
		if (step < 4) await expect(steps.nth(step)).toHaveClass(/done/);
	}
	await page.getByRole('link', { name: 'Look at the weather first' }).click();
	await page.getByLabel(/^Wind, /).fill('5 mph');
	await page.getByLabel('Wind from').fill('SW');
	await page.getByText('Smoke mixes').click();
	await page.getByLabel(/^Why/).fill('Smoke let go at the gate');
	await page.getByRole('button', { name: 'Start spraying' }).click();
	await page.getByRole('button', { name: 'Begin spraying load 1' }).click();
	await expect(page.getByText(/^Spraying since/)).toBeVisible();
	// The tank ran out three rows early.
	await page.getByRole('button', { name: 'How far are we?' }).click();
	const planned = Number(await page.getByLabel('Last row done').inputValue());
	expect(planned).toBeGreaterThan(3);
	for (let row = 0; row < 3; row += 1) await page.getByRole('button', { name: 'One row less' }).click();
	await page.getByRole('button', { name: 'See what it means' }).click();
	await expect(page.getByText('Nothing is written here')).toBeVisible();
	await page.getByRole('button', { name: 'Empty' }).click();
	await page.getByRole('button', { name: 'See what it means' }).click();
	await expect(page.getByText(/over what was planned/)).toBeVisible();
	await expect(page.getByText(/calibrate again before the next load/)).toBeVisible();
	await page.getByRole('button', { name: 'Let the rest follow it' }).click();
	await expect(page.getByText(/The loads that are left follow it/)).toBeVisible();
	await page.getByRole('button', { name: 'Load 1 is sprayed out' }).click();
	const heading = page.getByRole('heading', { name: /^Load 2 of/ });
	await expect(heading).toBeVisible();
	// The rest follows what the tank said: the list counts the loads that there are now.
	const standing = Number((await heading.textContent())!.split('of ')[1]);
	expect(standing).toBeGreaterThan(count);
	await expect(page.getByRole('button', { name: 'Load 2 to mix' })).toContainText(`rows ${planned - 2} to`);
	await allSent(page);
	// On paper, in three sizes, with a code.
	const job = page.url().replace('/run', '');
	for (const paper of ['A4', 'LETTER', 'HALF']) {
		const pdf = await page.request.get(`${job}/print?paper=${paper}`);
		expect(pdf.headers()['content-type']).toBe('application/pdf');
		expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-');
	}
	const [row] = await app.query<{ split: string; load_count: number }>(
		"select body->>'split' split, load_count from job order by created_at desc limit 1"
	);
	expect(row).toEqual({ split: 'whole-rows', load_count: standing });
	// A job that was begun stays on record; one that was not can be deleted.
	await page.goto(job);
	await expect(page.getByRole('heading', { name: 'Under way' })).toBeVisible();
	await expect(page.getByRole('button', { name: 'Delete' })).toBeHidden();
	await page.goto(`${app.origin}/jobs`);
	await page.getByRole('link', { name: 'Nursery strip' }).click();
	await page.getByRole('button', { name: 'Delete' }).click();
	await page.waitForURL(/jobs$/);
	await expect(page.getByRole('link', { name: 'Nursery strip' })).toBeHidden();
});
