import { allSent, expect, sprayerId, tabTo, test } from './fixtures';

test('a whole calibration and a dosed tank, by keyboard alone', async ({ page, app }) => {
	await page.goto(`${app.origin}/sprayers/${await sprayerId(app, 'Long-meadow boom')}`);
	await tabTo(page, /Start a calibration|Continue the calibration/);
	await page.keyboard.press('Enter');
	await page.waitForURL(/\/ready/);

	await tabTo(page, /Rinsed and clean/);
	for (let i = 0; i < 10; i += 1) {
		await page.keyboard.press('Space');
		await expect(page.getByRole('checkbox').nth(i)).toBeChecked();
		await page.keyboard.press('Tab');
	}
	await tabTo(page, /To the ground speed/);
	await page.keyboard.press('Enter');
	await page.waitForURL(/\/speed/);

	await tabTo(page, /Course length/);
	await page.keyboard.type('3 L');
	await page.keyboard.press('Enter');
	await expect(page.getByRole('alert')).toContainText('“3 L” is not a length');
	await expect(page.getByLabel('Course length')).toHaveValue('3 L');
	await page.keyboard.press('Control+A');
	await page.keyboard.type('200 ft');
	await page.keyboard.press('Enter');
	await tabTo(page, /Dial or screen/);
	await page.keyboard.type('5.2');
	await page.keyboard.press('Enter');
	await tabTo(page, /Or type a time/);
	for (const time of ['27.5', '0:27.7']) {
		await page.keyboard.type(time);
		await page.keyboard.press('Enter');
		await expect(page.getByLabel('Or type a time')).toHaveValue('');
	}
	// The space bar is the stopwatch wherever an empty field has the focus. Its clock is handed in by the browser.
	await page.clock.install();
	await page.clock.pauseAt(Date.now() + 60_000);
	await page.keyboard.press('Space');
	await expect(page.getByRole('button', { name: /pass the flag/ })).toBeVisible();
	await page.clock.runFor(27_300);
	await page.keyboard.press('Space');
	await expect(page.getByRole('list', { name: 'Runs' }).getByText('27.30 s')).toBeVisible();
	await page.clock.resume();
	await expect(page.getByTestId('mean-speed')).toHaveText('4.96');
	await expect(page.getByText(/it reads 4\.\d % fast/)).toBeVisible();
	await tabTo(page, /To the swath/);
	await page.keyboard.press('Enter');
	await page.waitForURL(/\/swath/);

	// The group is no stop of its own: a key that is pressed at once belongs to a section.
	await expect(page.getByRole('group', { name: 'Sections that spray' })).toHaveAttribute('tabindex', '-1');
	await tabTo(page, /Right section/);
	await page.keyboard.press('Space');
	await expect(page.getByText('8 nozzles × 20 in')).toBeVisible();
	await page.keyboard.press('Space');
	await expect(page.getByText('12 nozzles × 20 in')).toBeVisible();
	await tabTo(page, /To the nozzle flow/);
	await page.keyboard.press('Enter');
	await page.waitForURL(/\/flow/);

	// The first open jug has the focus. Mixed units, and no waiting between them.
	await expect(page.getByLabel('Nozzle 1, caught')).toBeFocused();
	// It follows the course by itself; this person holds half a minute.
	await expect(page.getByText('As long as the course took.')).toBeVisible();
	await page.getByLabel('Each jug held').focus();
	await page.keyboard.press('ControlOrMeta+a');
	await page.keyboard.type('30');
	await page.keyboard.press('Enter');
	await page.getByLabel('Nozzle 1, caught').focus();
	const catches = [
		'19.2',
		'18.9',
		'1 pt 3.4 oz',
		'19.1',
		'562 ml',
		'19.3',
		'19.1',
		'19.4',
		'16.3',
		'19.2',
		'19.2',
		'19.1'
	];
	for (const caught of catches) {
		await page.keyboard.type(caught);
		await page.keyboard.press('Enter');
	}
	await expect(page.getByRole('navigation', { name: 'Steps' }).getByText('12 / 12')).toBeVisible();
	await expect(page.locator('[data-code="nozzle-low"]')).toContainText('Nozzle 9 is 15 % low');
	await expect(page.locator('[data-code="nozzle-low"]')).toContainText('partial blockage');

	// Cleaned and caught again: the arrows walk back, the question is answered by a key.
	await page.getByLabel('Nozzle 12, caught').focus();
	for (let i = 0; i < 3; i += 1) await page.keyboard.press('ArrowUp');
	await expect(page.getByLabel('Nozzle 9, caught')).toBeFocused();
	await page.keyboard.type('19.0');
	await page.keyboard.press('Enter');
	await expect(page.getByRole('dialog')).toContainText('Nozzle 9 was 16.3 fl oz');
	await page.keyboard.press('2');
	await expect(page.getByRole('dialog')).toBeHidden();
	await expect(page.locator('[data-code="nozzle-low"]')).toBeHidden();
	await tabTo(page, /Gauge reads/);
	await page.keyboard.type('40');
	await page.keyboard.press('Enter');
	await tabTo(page, /Use these catches/);
	await page.keyboard.press('Enter');
	await page.waitForURL(/\/volume/);

	const answer = await page.getByTestId('rate').textContent();
	expect(Number(answer)).toBeCloseTo(17.9, 0);
	await expect(page.getByText('gal/ac = gal/min × 5940 ÷ (mph × in)').first()).toBeVisible();
	await tabTo(page, /5940/);
	await page.keyboard.press('ArrowRight');
	await expect(page.getByText('L/ha = L/min × 600 ÷ (km/h × m)')).toBeVisible();
	await tabTo(page, /Adjust to a target/);
	await page.keyboard.press('Enter');
	await page.waitForURL(/\/adjust/);
	await tabTo(page, /To the signature/);
	await page.keyboard.press('Enter');
	await page.waitForURL(/\/sign-off/);

	await tabTo(page, /Calibrated by/);
	await page.keyboard.type('A. Sample');
	await expect(page.getByLabel('Pressure at the gauge')).toHaveValue('40 psi');
	await tabTo(page, /Gear/);
	await page.keyboard.type('B2');
	await page.keyboard.press('Tab');
	await page.keyboard.type('540');
	await tabTo(page, /^Sign off →/);
	await page.keyboard.press('Enter');
	await expect(page.getByText('Signed off by A. Sample')).toBeVisible();
	await allSent(page);
	const id = /rounds\/([0-9a-f-]{36})/.exec(page.url())![1]!;

	// All of it is in PostgreSQL: readings as typed, and what the server computed itself.
	const [row] = await app.query<{ rate: number; signed_by: string }>(
		'select rate_m3_per_m2 rate, signed_by from calibration where id = $1',
		[id]
	);
	expect(row?.signed_by).toBe('A. Sample');
	expect((row!.rate * 4046.8564224) / 3.785411784e-3).toBeCloseTo(Number(answer), 1);
	const typed = await app.query<{ body: { amount: { text: string }; why: string } }>(
		"select body from round_entry where round_id = $1 and kind = 'catch' order by seq",
		[id]
	);
	expect(typed.map((r) => r.body.amount.text)).toEqual([...catches, '19.0']);
	expect(typed.at(-1)?.body.why).toBe('cleaned');

	await tabTo(page, /Loads for an area/);
	await page.keyboard.press('Enter');
	await page.waitForURL(/\/tank$/);
	await tabTo(page, /^Area \[text\]/);
	await page.keyboard.type('40 ac');
	await tabTo(page, /^Product \[text\]/);
	await page.keyboard.type('Sample Ochre');
	await page.keyboard.press('Tab');
	await page.keyboard.type('32 fl oz/ac');
	await expect(page.getByTestId('load-count')).toHaveText('3');
	await tabTo(page, /Save this plan/);
	await page.keyboard.press('Enter');
	await page.waitForURL(/tank-plans/);
	await expect(page.getByTestId('load')).toHaveCount(3);
	await expect(page.getByText('part load', { exact: true })).toBeVisible();
	const [plan] = await app.query<{ load_count: number }>('select load_count from tank_plan where calibration_id = $1', [
		id
	]);
	expect(plan?.load_count).toBe(3);
});
