import { expect } from '@playwright/test';
import { sprayerId, test } from './fixtures';

test('a job is edited until its first load, deleted, and comes back', async ({ page, app }) => {
	const [planned] = await app.query<{ id: string; body: { notes: string } }>(
		"select id, body from job where state = 'planned' and off_at is null order by day limit 1"
	);
	await page.goto(`${app.origin}/jobs/${planned!.id}`);
	await page.getByRole('link', { name: 'Edit', exact: true }).click();
	await expect(page.getByRole('heading', { name: 'Edit the job' })).toBeVisible();
	await page.getByRole('textbox', { name: 'Notes' }).fill('the wet corner last');
	await page.getByRole('button', { name: 'Save the job' }).click();
	await expect(page.getByText('the wet corner last')).toBeVisible();
	const edited = page.url().split('/').pop()!;
	expect(edited).not.toBe(planned!.id);
	await page.goto(`${app.origin}/jobs/${planned!.id}`);
	await page.getByRole('link', { name: 'Open the job as it is now' }).click();
	await expect(page).toHaveURL(`${app.origin}/jobs/${edited}`);

	await page.getByRole('button', { name: 'Delete' }).click();
	await expect(page).toHaveURL(`${app.origin}/jobs`);
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(page).toHaveURL(`${app.origin}/jobs/${edited}`);
	await expect(page.getByRole('button', { name: 'Delete' })).toBeVisible();
	expect(await app.query('select 1 from job where id = $1 and off_at is null', [edited])).toHaveLength(1);
});

test('a signed calibration is withdrawn with a reason, stays on record, and nothing new rests on it', async ({
	page,
	app
}) => {
	const id = await sprayerId(app, 'Barley-field boom');
	const [newest] = await app.query<{ id: string }>(
		'select id from calibration where sprayer_id = $1 and withdrawn_at is null order by signed_at desc limit 1',
		[id]
	);
	await page.goto(`${app.origin}/calibrations/${newest!.id}`);
	await page.getByRole('button', { name: 'Withdraw this calibration' }).click();
	const dialog = page.getByRole('dialog');
	await dialog.getByRole('button', { name: 'Withdraw', exact: true }).click();
	await expect(dialog.getByText(/Type why/)).toBeVisible();
	await dialog.getByLabel('Reason').fill('the jug is marked in fl oz and was read as ml');
	await dialog.getByLabel('Your name').fill('B. Loam');
	await dialog.getByRole('button', { name: 'Withdraw', exact: true }).click();
	await expect(page.getByText(/Withdrawn .* by B\. Loam: the jug is marked in fl oz/)).toBeVisible();
	await expect(page.getByRole('link', { name: 'One full tank' })).toHaveCount(0);
	await page.goto(`${app.origin}/sprayers/${id}`);
	await expect(page.getByText('✕ withdrawn')).toBeVisible();
	await page.goto(`${app.origin}/full-tank?calibration=${newest!.id}`);
	await expect(page.getByLabel('Sprayer').locator(`option[value="${newest!.id}"]`)).toHaveCount(0);
});

test.describe('on a phone', () => {
	test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

	test('a calibration begun by mistake is discarded, and one tap brings it back', async ({ page, app }) => {
		const id = await sprayerId(app, 'Farm-track thrower');
		await page.goto(`${app.origin}/rounds/new?sprayer=${id}`);
		await page.getByRole('button', { name: 'Start a calibration' }).tap();
		await expect(page.getByRole('heading', { name: 'Check the sprayer' })).toBeVisible();
		const calibration = page.url();
		await page.getByRole('checkbox').first().tap();
		await page.getByRole('button', { name: /Farm-track thrower/ }).tap();
		await page.getByRole('button', { name: 'Discard this calibration' }).tap();
		await page.getByRole('dialog').getByRole('button', { name: 'Discard' }).tap();
		await expect(page).toHaveURL(`${app.origin}/sprayers/${id}`);
		await expect
			.poll(() =>
				app.query('select 1 from round where id = $1 and discarded_at is not null', [calibration.split('/').at(-2)!])
			)
			.toHaveLength(1);
		await page.reload();
		await expect(page.getByRole('link', { name: 'Continue the calibration' })).toHaveCount(0);
		await page.goto(calibration);
		await page.getByRole('button', { name: 'Restore' }).tap();
		await expect(page.getByText('This calibration was discarded')).toHaveCount(0);
		await expect
			.poll(() =>
				app.query('select 1 from round where id = $1 and discarded_at is null', [calibration.split('/').at(-2)!])
			)
			.toHaveLength(1);
	});

	test('a sprayer by name, kind and tank is measured by refill; once its nozzles are counted, the calibration asks', async ({
		page,
		app
	}) => {
		await page.goto(`${app.origin}/sprayers/new`);
		await page.getByRole('textbox', { name: 'Name' }).fill('Borrowed boom');
		await page.getByLabel('Tank').fill('200 gal');
		await page.getByRole('button', { name: 'Add the sprayer' }).tap();
		await expect(page.getByText('Its nozzles are not counted yet')).toBeVisible();
		await page.getByRole('link', { name: 'Start a calibration' }).tap();
		await expect(page.getByRole('heading', { name: 'Check the sprayer' })).toBeVisible();
		await expect(page.getByRole('radio', { name: 'Refill' })).toBeChecked();
		const calibration = page.url();
		await page.getByRole('button', { name: /Borrowed boom/ }).tap();
		await page.getByRole('link', { name: 'Edit the sprayer' }).tap();
		await page.getByRole('textbox', { name: 'Nozzles' }).first().fill('14');
		await page.getByLabel('Nozzle spacing').fill('20 in');
		await page.getByRole('button', { name: 'Save the sprayer' }).tap();
		await expect(page).toHaveURL(calibration);
		await expect(page.getByText(/nozzles not counted → 14/)).toBeVisible();
		await page.getByRole('button', { name: 'Use it here' }).tap();
		await expect(page.getByRole('radio', { name: 'Each nozzle' })).toBeChecked();
	});
});
