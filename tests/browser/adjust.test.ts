import type { Page } from '@playwright/test';
import { readFileSync } from 'node:fs';
import type { App } from './fixtures';
import { allSent, beginCalibration, enter, expect, fromMenu, onDevice, sprayerId, tabTo, test } from './fixtures';

/** A sprayer of this test's own, so that what is changed on it is nobody else's. */
async function copyOf(page: Page, app: App, name: string): Promise<string> {
	await page.goto(`${app.origin}/sprayers/${await sprayerId(app, name)}`);
	await page.getByRole('button', { name: 'Copy' }).click();
	await page.waitForURL(/edit$/);
	const copy = `${name} to adjust`;
	await page.getByRole('textbox', { name: 'Name' }).fill(copy);
	await page.getByRole('button', { name: 'Save the sprayer' }).click();
	await expect(page.getByRole('heading', { name: copy })).toBeVisible();
	return copy;
}

/** Speed and flow of a boom: 17.9 US gal/ac at 40 psi. */
async function measured(page: Page, app: App): Promise<string> {
	const id = await beginCalibration(page, app, await copyOf(page, app, 'Long-meadow boom'));
	await page.goto(`${app.origin}/rounds/${id}/speed`);
	await enter(page, 'Course length', '200 ft');
	await enter(page, 'Dial or screen said', '5.2');
	for (const time of ['27.5', '27.7', '27.3']) {
		await enter(page, 'Or type a time', time);
		await expect(page.getByLabel('Or type a time')).toHaveValue('');
	}
	await page.goto(`${app.origin}/rounds/${id}/flow`);
	await expect(page.getByLabel('Nozzle 1, caught')).toBeFocused();
	// Held for half a minute, not as long as the course.
	await enter(page, 'Each jug held', '30');
	await page.getByLabel('Nozzle 1, caught').focus();
	for (let n = 0; n < 12; n += 1) {
		await page.keyboard.type('19.1');
		await page.keyboard.press('Enter');
	}
	await enter(page, 'Gauge reads', '40');
	await page.goto(`${app.origin}/rounds/${id}/adjust`);
	return id;
}
async function sign(page: Page, gear: string) {
	await page.getByLabel('Calibrated by').fill('A. Sample');
	await page.getByLabel(/^Gear/).fill(gear);
	await page.getByRole('button', { name: /^Sign off →/ }).click();
	await expect(page.getByText('Signed off by A. Sample')).toBeVisible();
	await allSent(page);
}

test('from measured to wanted at a desk: keep, levers by key, change, and the next calibration checks the prediction', async ({
	page,
	app
}) => {
	const id = await measured(page, app);
	const wanted = page.getByLabel(/^Wanted, /);
	await wanted.fill('18');
	await expect(page.getByRole('heading', { name: 'No change needed' })).toBeVisible();
	await expect(page.getByRole('button', { name: /^Keep 17\.9/ })).toBeVisible();
	await wanted.fill('0');
	await expect(page.getByRole('alert')).toContainText('“0” is nothing; it has to be more than zero');
	await page.getByText('A range', { exact: true }).click();
	await page.getByLabel(/^From, /).fill('20');
	await page.getByLabel('to', { exact: true }).fill('15');
	await expect(page.getByRole('alert')).toContainText('the low end comes first');
	await page.getByText('One volume').click();
	await wanted.fill('15');
	await expect(page.getByRole('heading', { name: /^16\.\d % less is wanted/ })).toBeVisible();
	await expect(page.getByText('Hold the dial at')).toBeVisible();

	// One lever moves the other, by key on the picture and on the sliders.
	const handle = page.getByRole('slider', { name: 'Speed and pressure on the line' });
	const told = await handle.getAttribute('aria-valuetext');
	await handle.focus();
	for (let i = 0; i < 5; i += 1) await page.keyboard.press('ArrowRight');
	await expect(handle).not.toHaveAttribute('aria-valuetext', told!);
	await expect(page.getByRole('region', { name: 'The change' }).getByTestId('predicted')).toHaveText('15.0');
	await page.getByRole('button', { name: 'Use this pressure' }).click();
	await expect(page.getByRole('region', { name: 'The change' })).toContainText(/Pressure\s*28\.\d+ psi/);

	// Typed words narrow the nozzles; one that reads wrong is told and narrows nothing.
	const filter = page.getByLabel('Only those with');
	await filter.fill('air-induction <<');
	await expect(page.getByRole('alert')).toContainText('Write it like air-induction 03 shed <3 bar');
	await filter.fill('sample slow');
	await page.getByRole('button', { name: /Use it: Sample slow fan 025/ }).click();
	await expect(page.getByRole('button', { name: /Picked: Sample slow fan 025/ })).toBeVisible();
	await page.getByRole('button', { name: 'Use this speed change' }).click();
	await tabTo(page, /Make this change/, 120);
	await page.keyboard.press('Enter');
	await page.waitForURL(/sign-off/);
	await sign(page, 'B3');

	await page.getByRole('link', { name: 'Calibrate again with the change' }).click();
	await page.waitForURL(/rounds\/(?!01a0)[0-9a-f-]{36}\/ready/);
	const banner = page.getByRole('region', { name: 'Changed since the last calibration' });
	await expect(banner).toContainText('15 US gal/ac wanted');
	await expect(banner.getByTestId('predicted')).toHaveText('15.0');
	const next = page.url().replace(/\/ready$/, '');
	expect(next).not.toContain(id);
	await page.goto(`${next}/speed`);
	await enter(page, 'Course length', '200 ft');
	await enter(page, 'Or type a time', '23.0');
	await page.goto(`${next}/flow`);
	await expect(page.getByLabel('Nozzle 1, caught')).toBeFocused();
	await enter(page, 'Each jug held', '30');
	await page.getByLabel('Nozzle 1, caught').focus();
	await page.keyboard.type('19.1');
	await page.keyboard.press('Enter');
	await enter(page, 'Gauge reads', '40');
	await page.goto(`${next}/volume`);
	await expect(page.getByTestId('gap')).toHaveText(/^[−+]\d(\.\d+)? %$/);
	await page.goto(`${next}/sign-off`);
	await sign(page, 'B3');
	const [setting] = await app.query<{ body: { change?: object } }>(
		'select s.body from setting s join sprayer p on p.id = s.sprayer_id where p.name = $1',
		['Long-meadow boom to adjust']
	);
	expect(setting!.body.change).toBeUndefined();
	await page.getByRole('link', { name: 'See the calibration' }).click();
	await expect(page.getByText('against the prediction')).toBeVisible();
});

test('a change from a calibration’s own page stands on the sprayer until a calibration has checked it', async ({
	page,
	app
}) => {
	await page.goto(`${app.origin}/sprayers/${await sprayerId(app, 'Hazel-row blower')}`);
	await page
		.getByRole('link', { name: /^\d+ \w+ \d{4}/ })
		.first()
		.click();
	await page.getByRole('link', { name: 'Adjust to a target' }).click();
	await page.getByLabel(/^Wanted, /).fill('50');
	await page.getByRole('button', { name: 'Use this speed change' }).click();
	await page.getByRole('button', { name: /Make this change/ }).click();
	await page.waitForURL(/sprayers\//);
	await expect(page.getByText('A new calibration has to check it.')).toBeVisible();
	await page.getByRole('button', { name: 'The change was not made' }).click();
	await page.getByRole('button', { name: 'Forget the change' }).click();
	await expect(page.getByText('A new calibration has to check it.')).toBeHidden();
});

test('an arc is searched from the sizes at hand', async ({ page, app }) => {
	await page.goto(`${app.origin}/sprayers/${await sprayerId(app, 'Hazel-row blower')}`);
	await page
		.getByRole('link', { name: /^\d+ \w+ \d{4}/ })
		.first()
		.click();
	await page.getByRole('link', { name: 'Adjust to a target' }).click();
	await page.getByLabel(/^Wanted, /).fill('55');
	await page.getByLabel('Upper third').fill('50');
	await page.getByRole('button', { name: 'Search a set' }).click();
	await expect(page.getByRole('alert')).toContainText('do not add up to 100 %');
	await page.getByLabel('Upper third').fill('33');
	await page.getByRole('button', { name: 'Search a set' }).click();
	await page.getByRole('button', { name: 'Use this set' }).click();
	await expect(page.getByRole('region', { name: 'The change' })).toContainText('Set');
	await expect(page.getByTestId('predicted')).toHaveText(/^5[3-7]/);
});

test('nozzles by hand and by CSV: the bad row is named, nothing else is lost', async ({ page, app }) => {
	await page.goto(`${app.origin}/nozzles`);
	await page.getByLabel('Only those with').fill('disc-core 03');
	await page.getByRole('button', { name: 'Disc and core 03 in the shed' }).click();
	await expect(page.getByRole('button', { name: 'Disc and core 03 in the shed' })).toHaveAttribute(
		'aria-pressed',
		'true'
	);
	await page.getByRole('link', { name: 'Add a nozzle' }).click();
	await page.getByLabel('Name').fill('Test fan');
	await page.getByLabel(/^Pressure = flow/).fill('2 bar = 1 L/min\n3 bar = 0.9 L/min');
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(page.getByRole('alert')).toContainText('“3 bar = 0.9 L/min” cannot follow 2 bar = 1 L/min');
	await page.getByLabel(/^Pressure = flow/).fill('2 bar = 1 L/min\n3 bar = 1.3 L/min\n5 bar = 1.58 L/min');
	await expect(page.getByText('over what the other points say by the square law')).toBeVisible();
	await page.getByLabel(/^Pressure = flow/).fill('2 bar = 1 L/min\n3 bar = 1.22 L/min');
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await page.waitForURL(/nozzles$/);
	await expect(page.getByRole('link', { name: 'Test fan' })).toBeVisible();

	const download = page.waitForEvent('download');
	await fromMenu(page, 'Export as CSV');
	const csv = readFileSync((await (await download).path())!, 'utf8');
	expect(csv).toContain('Test fan,flat-fan,,,,,2 bar = 1 L/min; 3 bar = 1.22 L/min,,yes');
	await fromMenu(page, 'Import nozzles');
	await page.locator('input[type=file]').setInputFiles({
		name: 'nozzles.csv',
		mimeType: 'text/csv',
		buffer: Buffer.from(
			'name,kind,points\nFresh cone,hollow-cone,10 bar = 1.5 L/min\nOdd cone,funnel,10 bar = 1.5 L/min\n'
		)
	});
	await expect(page.getByText('Line 3, Odd cone')).toBeVisible();
	await page.getByRole('button', { name: 'Import 1' }).click();
	await expect(page.getByText('1 nozzle is imported.')).toBeVisible();
	await expect(page.getByLabel('The rows')).toHaveValue(/Odd cone,funnel/);
	await expect(page.getByLabel('The rows')).not.toHaveValue(/Fresh cone/);
	await page.getByLabel('The rows').fill('name,kind,points\nOdd cone,full cone,10 bar = 1.5 L/min');
	const taken = page.waitForResponse((answer) => answer.request().method() === 'POST');
	await page.getByRole('button', { name: 'Import 1' }).click();
	await taken;
	await page.getByRole('link', { name: 'To the list' }).click();
	await expect(page.getByRole('link', { name: 'Odd cone' })).toBeVisible();
	await expect(page.getByRole('link', { name: 'Fresh cone' })).toBeVisible();
	await page.getByRole('link', { name: 'Test fan' }).click();
	await page.getByRole('button', { name: 'Delete' }).click();
	await page.getByRole('button', { name: 'Delete this nozzle' }).click();
	await page.waitForURL(/nozzles$/);
	await expect(page.getByRole('link', { name: 'Test fan' })).toBeHidden();
});

test.describe('on a phone', () => {
	test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

	test('what is wanted, a lever by touch, and no signal: the next calibration opens with the change', async ({
		page,
		app,
		context
	}) => {
		await page.goto(
			`${app.origin}/rounds/new?sprayer=${await sprayerId(app, await copyOf(page, app, 'Nursery knapsack'))}`
		);
		await page.getByRole('button', { name: 'Start a calibration' }).click();
		await page.waitForURL(/ready/);
		const at = page.url().replace(/\/ready$/, '');
		await page.locator('html[data-offline="ready"]').waitFor();
		await enter(page, 'Who carries it', 'B. Sample');
		await page.goto(`${at}/plot`);
		await page.getByRole('button', { name: '100 m²' }).tap();
		for (const time of ['61', '62']) {
			await enter(page, 'Or type a time', time);
			await expect(page.getByLabel('Or type a time')).toHaveValue('');
		}
		await page.goto(`${at}/flow`);
		await page.getByRole('button', { name: 'Digits' }).tap();
		for (const key of '800') await page.getByRole('button', { name: key, exact: true }).tap();
		await page.getByRole('button', { name: /^(Next|Enter)/ }).tap();
		await onDevice(page);
		await page.goto(`${at}/adjust`);
		await page.getByLabel(/^Wanted, /).fill('60 L/ha');
		await page.getByLabel(/^Wanted, /).press('Enter');
		await onDevice(page);
		await page.reload();
		await expect(page.getByLabel(/^Wanted, /)).toHaveValue('60 L/ha');
		await expect(page.getByText('Aim at')).toContainText('Aim at 60 L/ha');
		await page.getByRole('button', { name: 'Use this speed change' }).tap();
		await expect(page.getByText(/Do the plot in/)).toBeVisible();
		await expect(page.getByRole('button', { name: /Make this change/ })).toBeInViewport({ ratio: 0.99 });
		await context.setOffline(true);
		await page.getByRole('button', { name: /Make this change/ }).tap();
		await page.getByLabel('Calibrated by').fill('B. Sample');
		await page.getByRole('button', { name: /^Sign off →/ }).tap();
		await expect(page.getByText('Signed off by B. Sample')).toBeVisible();
		await page.getByRole('link', { name: 'Calibrate again with the change' }).tap();
		await page.waitForURL(/ready/);
		await expect(page.getByRole('region', { name: 'Changed since the last calibration' })).toContainText(
			'of the one measured'
		);
		await context.setOffline(false);
	});
});
