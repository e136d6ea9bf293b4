import type { Page } from '@playwright/test';
import { beginCalibration, enter, expect, signedOff, test } from './fixtures';
import { countHands, tellHands } from './hands';

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

const tap = (page: Page, name: string | RegExp) => page.getByRole('button', { name }).tap();
/** The next action is on the screen without scrolling. */
const inReach = (page: Page, name: string | RegExp) =>
	expect(page.getByRole('button', { name })).toBeInViewport({ ratio: 0.99 });
async function pad(page: Page, figure: string) {
	for (const key of figure)
		await page.getByRole('button', { name: key === '.' ? 'decimal point' : key, exact: true }).tap();
}
async function tickAll(page: Page) {
	const boxes = await page.getByRole('checkbox').all();
	for (const box of boxes) await box.tap();
	await expect(page.getByRole('checkbox', { checked: true })).toHaveCount(boxes.length);
}
async function runs(page: Page, seconds: readonly number[], start: RegExp, stop: RegExp, list: string) {
	await page.clock.install();
	await page.clock.pauseAt(Date.now() + 60_000);
	for (const s of seconds) {
		await inReach(page, start);
		await tap(page, start);
		await page.clock.runFor(s * 1000);
		await tap(page, stop);
		await expect(page.getByRole('list', { name: list }).getByText(`${s.toFixed(2)} s`)).toBeVisible();
	}
	await page.clock.resume();
}
async function sign(page: Page, pressure: string, gear: string | null) {
	await page.getByLabel('Calibrated by').fill('B. Sample');
	if (pressure) await page.getByLabel('Pressure at the gauge').fill(pressure);
	if (gear) await page.getByLabel(/^Gear/).fill(gear);
	await inReach(page, /^Sign off →/);
	await tap(page, /^Sign off →/);
}

test('an airblast round by touch, one nozzle after the other', async ({ page, app }) => {
	await countHands(page);
	const id = await beginCalibration(page, app, 'Hazel-row blower');
	await tickAll(page);
	await inReach(page, /To the ground speed/);
	await tap(page, /To the ground speed/);
	await enter(page, 'Course length', '50 m');
	await runs(page, [36.1, 35.8], /at the first flag/, /pass the flag/, 'Runs');
	await tap(page, /To the alley/);
	await inReach(page, /To the flow/);
	await page.getByText('Left only').tap();
	await expect(page.getByText(/With one side shut/)).toBeVisible();
	// Twice or half hangs on what becomes of the other side: asked, and told in rows.
	await expect(page.getByText(/Say what becomes of the other side/)).toBeVisible();
	await page.getByText('It is not sprayed').tap();
	await expect(page.getByText(/it stands for 1 row/)).toBeVisible();
	await page.getByText('Another pass sprays it').tap();
	await expect(page.getByText(/it stands for half a row/)).toBeVisible();
	await tap(page, /To the flow/);
	await page.getByText('Time, jug').tap();
	await page.getByLabel('Jug reads in').selectOption('L');
	await enter(page, 'Each jug held', '60');
	await page.getByText('Time, jug').tap();
	await tap(page, 'Digits');
	for (const q of ['1.02', '1.48', '1.52', '1.5', '2.02', '2.06', '1.98', '2.02']) {
		await pad(page, q);
		await tap(page, /^(Next|Enter)/);
	}
	await tap(page, 'Done');
	await expect(page.getByTestId('rate')).toBeVisible();
	await inReach(page, /Adjust to a target/);
	await tap(page, /Adjust to a target/);
	await inReach(page, /To the signature/);
	await tap(page, /To the signature/);
	await sign(page, '10 bar', 'second low');
	const row = await signedOff(page, app, id, 'B. Sample');
	expect(row).toMatchObject({ method: 'speed-width-flow', n: 8 });
	// One side, half the alley: 13.6 L/min × 600 ÷ (5.007 km/h × 2.75 m).
	expect(row.litres).toBeCloseTo(592, -1);
	expect((await tellHands(page, 'airblast, one side, 8 nozzles by digits')).taps).toBeGreaterThan(8);
});

test('a boomless round by touch', async ({ page, app }) => {
	await countHands(page);
	const id = await beginCalibration(page, app, 'Farm-track thrower');
	await tickAll(page);
	await tap(page, /To the ground speed/);
	await enter(page, 'Course length', '100 ft');
	await runs(page, [15.2, 15.5], /at the first flag/, /pass the flag/, 'Runs');
	await tap(page, /To the swath/);
	await enter(page, 'Wetted width, edge to edge', '26 ft');
	await page.getByRole('radio', { name: /Edges off/ }).tap();
	await enter(page, 'Overlap at each edge', '18 in');
	await expect(page.getByRole('radio', { name: /Edges off 23\.0/ })).toBeChecked();
	await inReach(page, /To the nozzle flow/);
	await tap(page, /To the nozzle flow/);
	await page.getByText('Time, jug').tap();
	await enter(page, 'Each jug held', '60');
	await page.getByText('Time, jug').tap();
	await tap(page, 'Digits');
	for (const oz of ['102', '98', '99']) {
		await pad(page, oz);
		await tap(page, /^(Next|Enter)/);
	}
	await tap(page, 'Not caught');
	await tap(page, 'Done');
	await tap(page, /Adjust to a target/);
	await tap(page, /To the signature/);
	await sign(page, '30 psi', 'low');
	const row = await signedOff(page, app, id, 'B. Sample');
	expect(row).toMatchObject({ method: 'speed-width-flow', n: 4 });
	expect(row.litres / 9.35396).toBeCloseTo(15.1, 0);
	await tellHands(page, 'boomless by a course, 3 of 4 nozzles');
});

test('a knapsack by touch: refilled after a plot, then caught too', async ({ page, app }) => {
	await countHands(page);
	const id = await beginCalibration(page, app, 'Nursery knapsack');
	await enter(page, 'Who carries it', 'E. Sample');
	await page.getByText('Refill', { exact: true }).tap();
	await inReach(page, /To the plot/);
	await tap(page, /To the plot/);
	await page.getByText('Area', { exact: true }).tap();
	await enter(page, 'Area sprayed', '100 m2');
	await inReach(page, /To the tank/);
	await tap(page, /To the tank/);
	await page.getByLabel('In the tank before').fill('5 L');
	await page.getByLabel('Left in it after').fill('6 L');
	await tap(page, 'Save this reading');
	await expect(page.getByRole('alert')).toContainText('nothing was used');
	await page.getByLabel('Left in it after').fill('3 L');
	await tap(page, 'Save this reading');
	await expect(page.getByRole('list', { name: 'Tank readings' })).toContainText('5 L to 3 L');
	await tap(page, /To the spray volume/);
	// The same ground, timed and caught: the second way stands beside the first.
	await page.getByRole('link', { name: 'Plot and catch' }).tap();
	await page.waitForURL(/plot/);
	await page.goto(page.url().replace('/plot', '/ready'));
	await page.getByText('Plot and catch').tap();
	await tap(page, /To the plot/);
	await runs(page, [149, 151], /begin to spray/, /plot is done/, 'Goes');
	await tap(page, /To the nozzle flow/);
	await tap(page, 'Digits');
	await page.getByRole('button', { name: /change$/ }).tap();
	await page
		.getByRole('dialog')
		.getByRole('button', { name: 'fl oz', exact: true })
		.or(page.getByRole('dialog').getByRole('button', { name: 'US fl oz', exact: true }))
		.first()
		.tap();
	await page.getByText('Time, jug').tap();
	await page.getByLabel('Jug reads in').selectOption('ml');
	await page.getByText('Time, jug').tap();
	await pad(page, '2010');
	await tap(page, /^(Next|Enter)/);
	await tap(page, 'Done');
	// The tank was read before: its step stands after the flow, and leads on to the answer.
	await page.waitForURL(/tank/);
	await tap(page, /To the spray volume/);
	await expect(page.getByTestId('other-way')).toContainText('Refill');
	await tap(page, /Adjust to a target/);
	await tap(page, /To the signature/);
	await sign(page, '', null);
	const row = await signedOff(page, app, id, 'B. Sample');
	expect(row).toMatchObject({ method: 'plot-catch', person: 'E. Sample' });
	expect(row.litres).toBeCloseTo(201, 0);
	await tellHands(page, 'knapsack by plot, by refill and by catch');
});

test('an airblast by row refill, its speed and a few nozzles in the same calibration', async ({ page, app }) => {
	await countHands(page);
	const id = await beginCalibration(page, app, 'Hazel-row blower');
	await tickAll(page);
	await page.getByText('Row refill', { exact: true }).tap();
	await tap(page, /To the row/);
	await enter(page, 'Length of the row', '300 ft');
	await tap(page, /To the tank/);
	await page.getByText('Back to the mark', { exact: true }).tap();
	await page.getByLabel('Added to come back to the mark').fill('8 gal');
	await tap(page, 'Save this reading');
	await expect(page.getByRole('list', { name: 'Tank readings' })).toContainText('8 gal added');
	// The mark of a large tank is coarse: what would make it fine enough is said.
	await expect(page.getByText(/Bring it back with a metered hose/)).toBeVisible();
	await page.getByText('Metered refill', { exact: true }).tap();
	await page.getByRole('link', { name: 'Time a run' }).tap();
	await enter(page, 'Course length', '300 ft');
	await runs(page, [62, 62.4], /at the first flag/, /pass the flag/, 'Runs');
	await tap(page, /To the spray volume/);
	await tap(page, /Adjust to a target/);
	await tap(page, /To the signature/);
	await sign(page, '10 bar', 'second low');
	const row = await signedOff(page, app, id, 'B. Sample');
	expect(row).toMatchObject({ method: 'refill' });
	await tellHands(page, 'airblast by row refill, with its speed');
	// The refill needs no speed; the one that was timed beside it is kept with it.
	const [kept] = await app.query<{ speed: number }>('select speed_m_s as speed from calibration where id = $1', [id]);
	expect(kept!.speed).toBeCloseTo((300 * 0.3048) / 62.2, 6);
});

test('rows are drawn as far apart as they were typed, whichever alleys are driven', async ({ page, app }) => {
	const id = await beginCalibration(page, app, 'Hazel-row blower');
	await page.goto(`${app.origin}/rounds/${id}/swath`);
	await page.getByText('Every second', { exact: false }).first().tap();
	await expect(page.getByRole('img', { name: /every second alley driven/ })).toBeVisible();
	await page.goto(`${app.origin}/rounds/${id}/plot`);
	// One pass serves two rows: that is no spacing of them.
	await expect(page.getByRole('img', { name: /^Rows 5\.5 m apart, every second alley driven/ })).toBeVisible();
});
