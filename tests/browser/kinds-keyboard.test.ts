import { beginCalibration, enter, expect, signedOff, tabTo, test } from './fixtures';
import type { Page } from '@playwright/test';

/** To the next step, with the keyboard alone. */
async function next(page: Page, name: RegExp, step: RegExp) {
	await tabTo(page, name, 120);
	await page.keyboard.press('Enter');
	await page.waitForURL(step);
}
async function times(page: Page, ...runs: string[]) {
	await tabTo(page, /Or type a time/, 120);
	for (const time of runs) {
		await page.keyboard.type(time);
		await page.keyboard.press('Enter');
		await expect(page.getByLabel('Or type a time')).toHaveValue('');
	}
}
async function sign(page: Page, pressure: string, gear: string | null) {
	await tabTo(page, /Calibrated by/);
	await page.keyboard.press('Control+A');
	await page.keyboard.type('A. Sample');
	await tabTo(page, /Pressure at the gauge/);
	await page.keyboard.press('Control+A');
	await page.keyboard.type(pressure);
	if (gear) {
		await tabTo(page, /Gear/);
		await page.keyboard.type(gear);
	}
	await tabTo(page, /^Sign off →/);
	await page.keyboard.press('Enter');
}

test('an airblast round, nozzle by nozzle along the arc, and a parked drop beside it', async ({ page, app }) => {
	const id = await beginCalibration(page, app, 'Hazel-row blower');
	await next(page, /To the ground speed/, /speed/);
	await tabTo(page, /Course length/);
	await page.keyboard.type('50 m');
	await page.keyboard.press('Enter');
	await times(page, '36.1', '35.8', '36.3');
	await next(page, /To the alley/, /swath/);
	await expect(page.getByRole('img', { name: /one pass serves 18\.0 ft/ })).toBeVisible();
	await next(page, /To the flow/, /flow/);

	await expect(page.getByLabel('Left 1, caught')).toBeFocused();
	await page.getByLabel('Jug reads in').selectOption('L');
	await enter(page, 'Each jug held', '60');
	await enter(page, 'Gauge reads', '10 bar');
	await page.getByLabel('Left 1, caught').focus();
	const arc = [1.02, 1.48, 1.52, 1.5, 2.02, 2.06, 1.98, 2.02, 1.03, 1.5, 1.54, 1.7, 2.03, 2.04, 2.0, 2.01];
	for (const q of arc) {
		await page.keyboard.type(`${q}`);
		await page.keyboard.press('Enter');
	}
	await expect(page.getByRole('navigation', { name: 'Steps' }).getByText('16 / 16')).toBeVisible();
	await expect(page.locator('[data-code="nozzle-high"]')).toContainText('Right 4 is 13 % high');
	await expect(page.getByText('Share of the spray by height of the canopy')).toBeVisible();
	// Arrows walk along the arc: the worn one is caught again after it was replaced.
	await page.getByLabel('Right 2, caught').focus();
	await page.keyboard.press('ArrowUp');
	await page.keyboard.press('ArrowUp');
	await expect(page.getByLabel('Right 4, caught')).toBeFocused();
	await page.keyboard.type('1.51');
	await page.keyboard.press('Enter');
	await expect(page.getByRole('dialog')).toContainText('Right 4 was 1.70 L');
	await page.keyboard.press('3');
	await expect(page.locator('[data-code="nozzle-high"]')).toBeHidden();
	await next(page, /Use these catches/, /volume/);

	await tabTo(page, /Parked drop/, 80);
	await page.keyboard.press('Enter');
	await page.waitForURL(/tank/);
	await page.getByText('Metered refill').click();
	await enter(page, /Ran parked/, '120');
	await page.getByLabel('Added to come back to the mark').fill('54.6 L');
	await page.keyboard.press('Enter');
	await expect(page.getByRole('list', { name: 'Tank readings' })).toContainText('54.6 L added');
	await next(page, /To the spray volume/, /volume/);
	await expect(page.getByTestId('other-way')).toContainText('so they agree');
	await next(page, /Adjust to a target/, /adjust/);
	await next(page, /To the signature/, /sign-off/);
	await sign(page, '10 bar', 'second low');
	const row = await signedOff(page, app, id, 'A. Sample');
	expect(row).toMatchObject({ method: 'speed-width-flow', n: 16 });
	expect(row.litres).toBeCloseTo(596, -1);
});

test('a boomless round, with pans across the swath', async ({ page, app }) => {
	const id = await beginCalibration(page, app, 'Farm-track thrower');
	await next(page, /To the ground speed/, /speed/);
	await tabTo(page, /Course length/);
	await page.keyboard.type('100 ft');
	await page.keyboard.press('Enter');
	await times(page, '15.2', '15.5');
	await next(page, /To the swath/, /swath/);
	await enter(page, 'Wetted width, edge to edge', '26 ft');
	await enter(page, 'Nozzles above the ground', '50 in');
	// Nothing is picked for anybody; pans are, once they are read.
	await expect(page.getByRole('radio', { name: /Usable share 22\.1/ })).not.toBeChecked();
	await expect(page.getByRole('radio', { name: /Full width 26\.0/ })).toBeVisible();
	await page.getByText('Pans', { exact: true }).first().click();
	await enter(page, 'Pan to pan', '2 ft');
	await enter(page, 'Pans', '14');
	await page.getByLabel('Pan 14,').waitFor();
	await page.getByLabel('Pan 1,').focus();
	for (const [i, ml] of [6, 18, 32, 40, 44, 43, 41, 42, 44, 45, 41, 30, 17, 5].entries()) {
		await expect(page.getByLabel(`Pan ${i + 1},`)).toBeFocused();
		await page.keyboard.type(`${ml}`);
		await page.keyboard.press('Enter');
	}
	await expect(page.getByRole('radio', { name: /Pans 22\.0/ })).toBeChecked();
	await expect(page.getByRole('img', { name: /CV against swath width. Picked: 22\.0 ft/ })).toBeVisible();
	await expect(page.locator('[data-drawn="true"]')).toBeVisible();
	await next(page, /To the nozzle flow/, /flow/);
	await expect(page.getByLabel('Nozzle 1, caught')).toBeFocused();
	await enter(page, 'Each jug held', '60');
	await page.getByLabel('Nozzle 1, caught').focus();
	for (const oz of ['102', '98', '99', '103']) {
		await page.keyboard.type(oz);
		await page.keyboard.press('Enter');
	}
	await expect(page.locator('[data-code="height-outside"]')).toContainText('are high');
	await next(page, /Use these catches/, /volume/);
	await next(page, /Adjust to a target/, /adjust/);
	await next(page, /To the signature/, /sign-off/);
	await sign(page, '30 psi', 'low');
	const row = await signedOff(page, app, id, 'A. Sample');
	expect(row).toMatchObject({ method: 'speed-width-flow', n: 4 });
	// 402 fl oz a minute at 4.44 mph over 22 ft: 495 × 3.14 ÷ (4.44 × 22).
	expect(row.litres / 9.35396).toBeCloseTo(15.9, 0);
});

test('a knapsack round: a plot, a catch, and the person who carries it', async ({ page, app }) => {
	const id = await beginCalibration(page, app, 'Nursery knapsack');
	await tabTo(page, /Who carries it/);
	await page.keyboard.type('D. Sample');
	await page.keyboard.press('Enter');
	await next(page, /To the plot/, /plot/);
	await tabTo(page, /100 m²/);
	await page.keyboard.press('Enter');
	await expect(page.getByRole('textbox', { name: 'One side' })).toHaveValue('32.81');
	await tabTo(page, /One side/);
	await page.keyboard.press('Control+A');
	await page.keyboard.type('20 m');
	await page.keyboard.press('Enter');
	await expect(page.getByRole('textbox', { name: 'The other side' })).toHaveValue('16.40');
	await times(page, '2 min 30 s', '152', '148');
	await expect(page.getByTestId('plot-mean')).toHaveText('150.0');
	await next(page, /To the nozzle flow/, /flow/);
	await expect(page.getByLabel('Nozzle 1, caught')).toBeFocused();
	await page.keyboard.type('2.02 L');
	await page.keyboard.press('Enter');
	await next(page, /Use this catch/, /volume/);
	await expect(page.getByText('spray volume = caught in the plot’s time ÷ area').first()).toBeVisible();
	await next(page, /Adjust to a target/, /adjust/);
	await next(page, /To the signature/, /sign-off/);
	await sign(page, '', null);
	const row = await signedOff(page, app, id, 'A. Sample');
	expect(row).toMatchObject({ method: 'plot-catch', person: 'D. Sample' });
	expect(row.litres).toBeCloseTo(202, 0);
	const [head] = await app.query<{ sprayer_id: string }>('select sprayer_id from calibration where id = $1', [id]);
	await page.goto(`${app.origin}/sprayers/${head!.sprayer_id}/team`);
	await expect(page.getByText('D. Sample')).toBeVisible();
	await expect(page.getByText(/lies between the lowest and the highest/)).toBeVisible();
});
