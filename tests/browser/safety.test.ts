import type { Page } from '@playwright/test';
import { allSent, beginCalibration, enter, expect, pickFrom, signedOff, test } from './fixtures';

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

const pick = (page: Page, calibration: string) =>
	page.getByRole('combobox', { name: /^Calibration/ }).selectOption(calibration);
const keep = async (page: Page) => {
	await page.getByRole('button', { name: 'Save this job' }).tap();
	await page.waitForURL(/jobs\/[0-9a-f-]{36}$/);
};
/** Ticks every step of the load at work. */
async function mix(page: Page) {
	const next = page.locator('.act button.go');
	for (let step = 0; step < 12; step += 1) {
		const words = (await next.count()) === 0 ? '' : ((await next.textContent()) ?? '');
		if (!/^Water is at|is in, rinse done$|lid on$/.test(words.trim())) return;
		await next.tap();
		await expect(page.locator('.act')).not.toContainText(words);
	}
}

test('an orchard job by a per-100 L label: what the litres are of is asked, and three times concentrate is mixed', async ({
	page,
	app
}) => {
	await page.goto(`${app.origin}/products/new`);
	await page.getByRole('textbox', { name: 'Name', exact: true }).fill('Sample Loess');
	await page.getByRole('radio', { name: 'Liquid' }).check();
	await page.getByLabel(/^Mixing group/).selectOption('solution');
	await page.getByLabel('Label rate, or its lowest').fill('40 ml/100 L');
	await page.getByLabel('Re-entry interval').fill('0');
	await page.getByRole('button', { name: 'Save', exact: true }).tap();
	await page.waitForURL(/products$/);

	await page.goto(`${app.origin}/jobs/new`);
	await page.getByRole('checkbox', { name: /Cider pears/ }).tap();
	const both = page.getByRole('option', { name: /Hazel-row blower, Both sides/ }).first();
	await pick(page, (await both.getAttribute('value')) ?? '');
	await pickFrom(page, /^Product/, 'Sample Loess');
	// Two answers are possible, and the label has not said: no loads until somebody does.
	await expect(page.getByTestId('load-count')).toBeHidden();
	await page.getByText('of the mix as sprayed').tap();
	await expect(page.getByTestId('load-count')).toBeVisible();
	await page.getByText('of dilute spray, to run-off').tap();
	await expect(page.getByTestId('load-count')).toBeHidden();
	await page.getByLabel('Volume to run-off').fill('1800 L/ha');
	await expect(page.getByText(/3\.0\d? × concentrate/).first()).toBeVisible();
	// Read the label: nobody entered whether it allows that, nor its pre-harvest interval.
	await expect(page.locator('[data-code="concentrate-unknown"]')).toBeVisible();
	await expect(page.locator('[data-code="interval-empty"]')).toContainText('pre-harvest interval');
	await keep(page);
	await expect(page.getByText(/× concentrate \(1800 L\/ha to run-off\)/)).toBeVisible();
	await expect(page.getByText('pre-harvest interval not entered: read the label')).toBeVisible();
	const [kept] = await app.query<{ dilution: string; dilute: string }>(
		"select body->'products'->0->>'dilution' dilution, body->'dilute'->>'text' dilute from job order by created_at desc limit 1"
	);
	expect(kept).toEqual({ dilution: 'dilute', dilute: '1800 L/ha' });
});

test('bands: a third of the field’s mix, a dose that says what it is of, and the time of the whole field', async ({
	page,
	app
}) => {
	const id = await beginCalibration(page, app, 'Long-meadow boom');
	await page.goto(`${app.origin}/rounds/${id}/swath`);
	await page.getByRole('button', { name: 'Bands instead' }).tap();
	await page.getByLabel('Width of one band').fill('25 cm');
	await page.getByLabel('Bands', { exact: true }).fill('12');
	await page.getByLabel('Row spacing').fill('75 cm');
	await page.getByLabel('Rows', { exact: true }).fill('12');
	await page.getByRole('button', { name: 'Use these bands' }).tap();
	await expect(page.getByText('12 bands over 12 rows')).toBeVisible();
	await page.goto(`${app.origin}/rounds/${id}/speed`);
	await enter(page, 'Course length', '60 m');
	for (const time of ['27', '27.1']) {
		await page.getByLabel('Or type a time').fill(time);
		await page.getByLabel('Or type a time').press('Enter');
		await expect(page.getByLabel('Or type a time')).toHaveValue('');
	}
	await page.setViewportSize({ width: 1280, height: 800 });
	await page.goto(`${app.origin}/rounds/${id}/flow`);
	for (let nozzle = 1; nozzle <= 12; nozzle += 1) {
		await page.getByLabel(`Nozzle ${nozzle}, caught`).fill('600 ml');
		await page.getByLabel(`Nozzle ${nozzle}, caught`).press('Enter');
	}
	await page.setViewportSize({ width: 390, height: 844 });
	await page.goto(`${app.origin}/rounds/${id}/sign-off`);
	await page.getByLabel('Calibrated by').fill('B. Sample');
	await page.getByLabel('Pressure at the gauge').fill('3 bar');
	await page.getByLabel(/^Gear/).fill('B2');
	await page.getByRole('button', { name: /^Sign off →/ }).tap();
	await signedOff(page, app, id, 'B. Sample');

	await page.goto(`${app.origin}/jobs/new`);
	await page.getByRole('checkbox', { name: /Barley field/ }).tap();
	await pick(page, id);
	await pickFrom(page, /^Product/, 'Sample Umber');
	await expect(page.getByText(/33\.3 %.* of the field is treated/)).toBeVisible();
	await expect(page.getByTestId('load-count')).toBeHidden();
	await page.getByText('per treated area (the bands)').tap();
	await expect(page.getByTestId('load-count')).toBeVisible();
	await keep(page);
	await expect(page.getByText(/in bands on 33\.3 % of the field/)).toBeVisible();
	const [kept] = await app.query<{ mix: number; area: number; rate: number }>(
		`select j.mix_m3 mix, j.area_m2 area, c.rate_m3_per_m2 rate from job j
		join calibration c on c.farm_id = j.farm_id and c.id = j.calibration_id order by j.created_at desc limit 1`
	);
	expect(kept!.mix / (kept!.area * kept!.rate)).toBeCloseTo(1 / 3, 9);
});

test('a calm evening stops the work until smoke was seen to mix, or a reason stands; the record counts from the end', async ({
	page,
	app
}) => {
	await page.goto(`${app.origin}/jobs/new`);
	await page.getByRole('checkbox', { name: /Nursery strip/ }).tap();
	await page.getByText('Spot work').tap();
	await page.getByLabel(/^It took/).fill('1 L');
	await page.getByLabel(/^The patch/).fill('20 m2');
	await page.getByLabel(/^Tank/).fill('15 L');
	await page.getByLabel(/^Share of the ground/).fill('10');
	await pickFrom(page, /^Product/, 'Sample Tuff');
	await keep(page);
	const job = page.url();
	// Nearly midnight of the day, where the farm is; the sun went down hours ago.
	const today = new Date().toISOString().slice(0, 10);
	await page.clock.install({ time: new Date(`${today}T23:30:00Z`) });
	await page.goto(`${job}/run`);
	await expect(page.getByText('Step 1 of')).toBeVisible();
	await mix(page);
	await page.getByRole('link', { name: 'Look at the weather first' }).tap();
	await page.getByLabel(/^Wind, /).fill('2 km/h');
	await page.getByLabel('Wind from').fill('S');
	await page.getByText('Clear', { exact: true }).tap();
	await expect(page.locator('[data-rule="inversion"]')).toHaveAttribute('data-state', 'stop');
	await expect(page.getByRole('button', { name: 'Start spraying' })).toBeDisabled();
	await page.getByText('Smoke mixes').tap();
	await expect(page.locator('[data-rule="inversion"]')).toHaveAttribute('data-state', 'good');
	await page.getByRole('button', { name: 'Start spraying' }).tap();
	await page.getByRole('button', { name: 'Begin spraying load 1' }).tap();
	await expect(page.getByText(/^Spraying since/)).toBeVisible();
	// Over midnight, and nobody ticks that it is out: the close asks when it was.
	await page.clock.fastForward('50:00');
	await page.goto(`${job}/close`);
	await page.getByLabel(/^Done in all/).fill('0.0266');
	await page.getByLabel('Over in the tank').fill('0');
	await page.getByRole('button', { name: 'Close the job' }).tap();
	await expect(page.getByRole('alert')).toContainText(/end/);
	await page.getByLabel('at', { exact: true }).fill('00:15');
	await page.getByRole('button', { name: 'Close the job' }).tap();
	await expect(page.getByRole('heading', { name: 'The job is closed' })).toBeVisible();
	await allSent(page);
	await page.goto(`${job}/record`);
	await page.getByLabel('Operator').fill('B. Sample');
	await page.getByRole('button', { name: 'Seal the record' }).tap();
	await page.waitForURL(/log\/[0-9a-f-]{36}$/);
	await expect(page.getByText(/smoke mixes/)).toBeVisible();
	const [record] = await app.query<{ day: string; ended: string; last: string }>(
		`select body->>'day' as day, body->>'endedAt' ended, body->'blocks'->0->>'lastDay' last from record order by place desc limit 1`
	);
	const tomorrow = new Date(Date.parse(`${today}T00:00:00Z`) + 86_400_000).toISOString().slice(0, 10);
	expect(record).toEqual({ day: today, ended: `${tomorrow}T00:15:00.000Z`, last: tomorrow });
});
