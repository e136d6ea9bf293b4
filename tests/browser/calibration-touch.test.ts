import { beginCalibration, allSent, expect, test } from './fixtures';

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

test('a whole calibration and a dosed tank, by touch on a phone', async ({ page, app }) => {
	const id = await beginCalibration(page, app);
	const tap = (name: string | RegExp) => page.getByRole('button', { name }).tap();
	/** The next action is on the screen without scrolling. */
	const inReach = async (name: string | RegExp) =>
		expect(page.getByRole('button', { name })).toBeInViewport({ ratio: 0.99 });

	const boxes = await page.getByRole('checkbox').all();
	for (const box of boxes) await box.tap();
	await expect(page.getByRole('checkbox', { checked: true })).toHaveCount(boxes.length);
	await inReach(/To the ground speed/);
	await tap(/To the ground speed/);

	await page.getByLabel('Course length').fill('60 m');
	await page.getByLabel('Course length').press('Enter');
	await page.clock.install();
	await page.clock.pauseAt(Date.now() + 60_000);
	for (const seconds of [27.4, 26.9, 27.3]) {
		await inReach(/at the first flag/);
		await tap(/at the first flag/);
		await page.clock.runFor(seconds * 1000);
		await tap(/pass the flag/);
		await expect(page.getByRole('list', { name: 'Runs' }).getByText(`${seconds.toFixed(2)} s`)).toBeVisible();
	}
	await page.clock.resume();
	await tap(/To the swath/);
	await inReach(/To the nozzle flow/);
	await tap(/To the nozzle flow/);

	const key = (k: string) => page.getByRole('button', { name: k === '.' ? 'decimal point' : k, exact: true }).tap();
	const type = async (figure: string) => {
		for (const k of figure) await key(k);
	};
	await tap('Digits');
	await inReach(/^Next: nozzle 2/);
	const catches = ['19.2', '18.9', '19.4', '19.1', '19.0', '19.3', '19.1', '19.4', '16.3', '19.2', '19.2'];
	for (const caught of catches) {
		await type(caught);
		await expect(page.getByRole('status', { name: /^Nozzle \d+, fl oz/ })).toHaveText(caught);
		await tap(/^(Next|Enter)/);
	}
	await tap('Not caught');
	await expect(page.getByRole('button', { name: 'Done' })).toBeVisible();

	// Caught again, in the jug of another unit, to be sure.
	await page.locator('svg[aria-label*="nozzles caught"] text', { hasText: /^9$/ }).tap();
	await type('16.5');
	await tap(/^(Next|Enter)/);
	await page
		.getByRole('dialog')
		.getByRole('button', { name: /To be sure/ })
		.tap();
	await expect(page.getByRole('dialog')).toBeHidden();
	await tap('Done');

	await expect(page.getByTestId('rate')).toHaveText(/^19\.\d$/);
	await inReach(/Adjust to a target/);
	await tap(/Adjust to a target/);
	await inReach(/To the signature/);
	await tap(/To the signature/);
	await page.getByLabel('Calibrated by').fill('B. Sample');
	await page.getByLabel('Pressure at the gauge').fill('40 psi');
	await page.getByLabel(/^Gear/).fill('B2');
	await inReach(/^Sign off →/);
	await tap(/^Sign off →/);
	await expect(page.getByText('Signed off by B. Sample')).toBeVisible();
	await allSent(page);

	const entries = await app.query<{ body: { kind: string; why?: string } }>(
		'select body from round_entry where round_id = $1 order by seq',
		[id]
	);
	expect(entries.filter((e) => e.body.kind === 'run')).toHaveLength(3);
	expect(entries.filter((e) => e.body.why === 'sure')).toHaveLength(1);
	expect(entries.filter((e) => e.body.kind === 'not-caught')).toHaveLength(1);

	await page.getByRole('link', { name: 'Loads for an area' }).tap();
	await page.getByText('Length × width').tap();
	await page.getByRole('textbox', { name: 'Length' }).fill('420 m');
	await page.getByRole('textbox', { name: 'Width' }).fill('135 m');
	await page.getByLabel('Product', { exact: true }).fill('Sample Chalk');
	await page.getByLabel('Dose').fill('0.25 %');
	await page.getByText('Liquid', { exact: true }).tap();
	await page.getByText('Equal loads').tap();
	await expect(page.getByTestId('load-count')).toHaveText('1');
	await inReach('Save this plan');
	await tap('Save this plan');
	await page.waitForURL(/tank-plans/);
	await expect(page.getByTestId('load')).toHaveCount(1);
});
