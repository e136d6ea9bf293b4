import { expect } from '@playwright/test';
import { sprayerId, test } from './fixtures';

test('remaining loads are edited at the tank, a dye is answered first, and the job tells both', async ({
	page,
	app
}) => {
	const [planned] = await app.query<{ id: string }>(
		"select id from job where state = 'planned' and off_at is null order by day limit 1"
	);
	await page.goto(`${app.origin}/jobs/${planned!.id}/run`);
	const question = page.getByRole('region', { name: 'Marker dye' });
	await question.getByRole('button', { name: 'Add dye' }).click();
	await question.getByRole('button', { name: 'Add dye to each load' }).click();
	await expect(question.getByText('Type the dose from the label')).toBeVisible();
	await question.getByRole('textbox', { name: 'Dose' }).fill('16');
	await question.getByRole('button', { name: 'Add dye to each load' }).click();
	await expect(question).toHaveCount(0);
	await expect(page.getByRole('listitem').filter({ hasText: 'Marker dye' }).first()).toBeVisible();
	// An undo asks again, and a job without one is not asked twice.
	await page.getByRole('button', { name: 'Undo the last step' }).click();
	await question.getByRole('button', { name: 'No dye' }).click();
	await expect(question).toHaveCount(0);

	const before = await page.getByRole('button', { name: /^Load \d/ }).count();
	await page.getByRole('button', { name: 'Edit the remaining loads' }).click();
	const sheet = page.getByRole('dialog');
	await sheet.getByRole('button', { name: 'Save' }).click();
	await expect(sheet.getByText('Nothing is changed yet.')).toBeVisible();
	await sheet.getByLabel('Fill each load to at most').fill('99999');
	await expect(sheet.getByText('99999')).toBeVisible();
	await sheet.getByLabel('Fill each load to at most').fill('0.5');
	await sheet
		.getByLabel(/^Dose of/)
		.first()
		.fill('0.8 %');
	await expect(sheet.getByText('Load 2', { exact: true })).toBeVisible();
	await sheet.getByRole('button', { name: 'Save' }).click();
	await expect(sheet).toHaveCount(0);
	await expect.poll(() => page.getByRole('button', { name: /^Load \d/ }).count()).toBeGreaterThan(before);

	await expect
		.poll(() => app.query("select 1 from job_entry where job_id = $1 and kind = 'rest'", [planned!.id]))
		.toHaveLength(1);
	await page.goto(`${app.origin}/jobs/${planned!.id}`);
	await expect(page.getByText(/from load 1 0\.8 %/)).toBeVisible();
	await expect.poll(() => page.getByTestId('load').count()).toBeGreaterThan(1);
});

test('a body’s tip is turned down by the setting, sections carry their names, and a dial is corrected', async ({
	page,
	app
}) => {
	const id = await sprayerId(app, 'Long-meadow boom');
	await page.goto(`${app.origin}/sprayers/${id}/edit`);
	const more = page.getByText('More: drive');
	if (!(await page.getByLabel('What each section is called').isVisible())) await more.click();
	await page.getByLabel('What each section is called').fill('Hedge side, middle, road side');
	await page.getByLabel('Tips in each nozzle body').fill('110-03 = 0.30 gal/min\n110-04 = 0.40 gal/min');
	await page.getByRole('button', { name: 'Save the sprayer' }).click();
	await expect(page).toHaveURL(`${app.origin}/sprayers/${id}`);
	const [setting] = await app.query<{ id: string }>('select id from setting where sprayer_id = $1 order by position', [
		id
	]);
	await page.goto(`${app.origin}/sprayers/${id}/settings/${setting!.id}`);
	await expect(page.getByText('Hedge side').first()).toBeVisible();
	await page.getByLabel('Tip that is turned down').selectOption('110-04');
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(page).toHaveURL(`${app.origin}/sprayers/${id}`);

	await page.goto(`${app.origin}/rounds/new?sprayer=${id}`);
	await page.getByRole('button', { name: 'Start a calibration' }).click();
	const tip = page.getByLabel('Tip that is turned down');
	await expect(tip).toHaveValue('110-04');
	await tip.selectOption('110-03');
	await expect(page.getByText('110-03').first()).toBeVisible();
	await expect(page.getByText('was corrected since')).toHaveCount(0);
	const calibration = page.url().split('/').at(-2)!;
	await page.goto(`${app.origin}/rounds/${calibration}/swath`);
	await expect(page.getByRole('button', { name: /Hedge side/ })).toBeVisible();

	await page.goto(`${app.origin}/rounds/${calibration}/speed`);
	await page.getByRole('button', { name: 'State the speed' }).click();
	const sheet = page.getByRole('dialog');
	await sheet.getByLabel('Ground speed').fill('5.2');
	await expect(sheet.getByText('Corrected:')).toBeVisible();
	await sheet.getByRole('button', { name: 'Save' }).click();
	await expect(sheet).toHaveCount(0);
	await expect(page.getByText('As stated, corrected')).toBeVisible();
	await expect
		.poll(() =>
			app.query("select 1 from round_entry where round_id = $1 and kind = 'stated-speed' and body ? 'correction'", [
				calibration
			])
		)
		.toHaveLength(1);
});
