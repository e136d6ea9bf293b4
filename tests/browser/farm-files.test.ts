import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { expect, fromMenu, pickFrom, startApp, test } from './fixtures';

const csv = (target: string) =>
	[
		'day,started,ended,blocks,area,product,dose,total,volume,operator,target',
		`2025-04-02,07:30,09:10,Long meadow,3.2 ha,Sample Umber,1.5 L/ha,,150 L/ha,C. Sample,${target}`,
		'02.04.2025,,,Yard,3 ha,,,,,C. Sample,'
	].join('\n');

const body = async (page: Page, address: string) => (await page.request.get(address)).body();

test('records come in from a file with each bad row named, and go out in every way', async ({ page, app }) => {
	await page.goto(`${app.origin}/log`);
	await fromMenu(page, 'Import records');
	await page.getByLabel('The rows').fill(csv('Rust in linseed'));
	await expect(page.getByText('can be imported, 1 cannot yet')).toBeVisible();
	await expect(page.getByText('Line 3, 02.04.2025, Yard')).toBeVisible();
	await expect(page.getByText('day: “02.04.2025” cannot be read as a day. Write it like 2026-03-14.')).toBeVisible();
	await page.getByRole('button', { name: 'Import 1' }).click();
	await expect(page.getByRole('status').filter({ hasText: '1 record is imported' })).toBeVisible();
	// The bad row stays to be mended; the good one again brings nothing twice.
	await expect(page.getByLabel('The rows')).toHaveValue(/02\.04\.2025/);
	await page.getByLabel('The rows').fill(csv('Rust in linseed'));
	await page.getByRole('button', { name: 'Import 1' }).click();
	await expect(page.getByRole('status').filter({ hasText: '1 of them were here already' })).toBeVisible();

	await page.goto(`${app.origin}/log?target=Rust%20in`);
	await page.getByRole('link', { name: '2 Apr 2025' }).click();
	await expect(page.getByText('16.0 US gal/ac')).toBeVisible();

	const geo = JSON.parse((await body(page, `${app.origin}/log/geojson?target=Rust%20in`)).toString()) as {
		features: { geometry: { type: string } | null; properties: { block: string; operator: string } }[];
	};
	expect(geo.features.map((f) => [f.properties.block, f.properties.operator, f.geometry?.type])).toEqual([
		['Long meadow', 'C. Sample', 'MultiPolygon']
	]);
	const pdf = await body(page, `${app.origin}/log/season/print?year=2025&paper=LETTER`);
	expect(pdf.subarray(0, 5).toString()).toBe('%PDF-');
	const calendar = await page.request.get(`${app.origin}/calendar`);
	expect(calendar.headers()['content-type']).toContain('text/calendar');
	const events = (await calendar.text()).replace(/\r\n[ \t]/g, '');
	expect(events).toContain('SUMMARY:Calibrate Long-meadow boom');
	expect(events).toContain('SUMMARY:Hazel rows: harvest from today on');

	await page.goto(`${app.origin}/log/season?year=2025`);
	await expect(page.getByRole('img', { name: /2025: .*Sample Umber/ })).toHaveAttribute('data-drawn', 'true');
});

test('a whole farm goes out in a file and into another Fallow; one with entries asks for its name first', async ({
	context
}) => {
	const from = await startApp(true);
	const to = await startApp(false);
	try {
		const page = await context.newPage();
		await page.goto(`${from.origin}/farm`);
		await page.getByRole('link', { name: 'Back up and restore' }).click();
		const [download] = await Promise.all([
			page.waitForEvent('download'),
			page.getByRole('link', { name: 'Save the file' }).click()
		]);
		expect(download.suggestedFilename()).toMatch(/^sample-quillet-farm-\d{4}-\d\d-\d\d\.zip$/);
		const path = (await download.path())!;
		const file = { name: download.suggestedFilename(), mimeType: 'application/zip', buffer: readFileSync(path) };

		await page.goto(`${to.origin}/farm-file`);
		await page.getByLabel('Pick the file').setInputFiles({ ...file, name: 'notes.txt' });
		await expect(page.getByRole('alert')).toContainText('“notes.txt” is no zip');
		await page.getByLabel(/notes\.txt/).setInputFiles({ ...file, buffer: file.buffer.subarray(0, 5000) });
		await page.getByRole('button', { name: 'Import it' }).click();
		await expect(page.getByRole('alert')).toContainText(/not a whole zip file/);
		await page.getByLabel(/sample-quillet/).setInputFiles(file);
		await page.getByRole('button', { name: 'Import it' }).click();
		await expect(page.getByRole('status')).toContainText('Sample Quillet Farm is here. 5 sprayers');
		await page.getByRole('link', { name: 'To Today' }).click();
		await expect(page.getByRole('heading', { name: 'One job is under way' })).toBeVisible();
		await page.goto(`${to.origin}/log`);
		await fromMenu(page, 'Verify records');
		await expect(page.getByRole('status')).toContainText('records verified');

		// Here is something now: it is not replaced by a slip.
		await page.goto(`${to.origin}/farm-file`);
		await page.getByLabel('Pick the file').setInputFiles(file);
		await expect(page.getByRole('button', { name: 'Replace all that is here' })).toBeDisabled();
		await page.getByLabel('To replace it all, type Sample Quillet Farm').fill('sample quillet farm');
		await page.getByRole('button', { name: 'Replace all that is here' }).click();
		await expect(page.getByRole('status')).toContainText('Sample Quillet Farm is here');
	} finally {
		await from.end();
		await to.end();
	}
});

test('the farm’s rules make a sprayer due, and Today puts its calibration before the job that rests on it', async ({
	context
}) => {
	const app = await startApp(true);
	try {
		const page = await context.newPage();
		await page.goto(`${app.origin}/farm`);
		await page.getByLabel('When the season starts').fill('31-02');
		await page.getByLabel('After hours of spraying').fill('some');
		await page.getByRole('button', { name: 'Save', exact: true }).click();
		await expect(page.getByText('“31-02” is not a day of the year. Write month and day, like 03-01.')).toBeVisible();
		await expect(page.getByText('“some” is not a number.', { exact: false })).toBeVisible();
		await page.getByLabel('When the season starts').fill('');
		await page.getByLabel('After hours of spraying').fill('1.5');
		await pickFrom(page, 'Time zone', 'UTC');
		await page.getByRole('button', { name: 'Save', exact: true }).click();
		await expect(page.getByRole('status')).toContainText('Saved.');

		// The blower has sprayed an hour and a half and more since it was calibrated.
		await page.goto(app.origin);
		await expect(page.getByText(/▲ Calibrate Hazel-row blower again/)).toBeVisible();
		await expect(page.getByText(/1\.5\d* of 1\.5 hours sprayed since\.|of 1\.50? hours sprayed since\./)).toBeVisible();
		await page.getByRole('link', { name: 'Hazel-row blower' }).click();
		await expect(page.getByRole('heading', { name: '▲ Calibrate it again' })).toBeVisible();
		const name = 'Over time';
		await page.getByRole('heading', { name }).scrollIntoViewIfNeeded();
		await page.getByText('In the field', { exact: true }).click();
		await expect(page.getByText('One job was closed with it so far')).toBeVisible();

		// A job for tomorrow with it: first the calibration, then the job.
		await app.query(`update job set day = current_date + 1, state = 'planned' where state = 'closed'`);
		await app.query('delete from record_use');
		await app.query('delete from record where job_id is not null');
		await page.goto(app.origin);
		const order = await page.locator('main b, main h2').allTextContents();
		const at = (text: RegExp) => order.findIndex((line) => text.test(line));
		expect(at(/Barley field: load 2 of 4/)).toBe(0);
		const calibrate = at(/Calibrate Hazel-row blower again, for Hazel rows/);
		expect(calibrate).toBeGreaterThan(0);
		expect(at(/Hazel rows: planned for/)).toBe(calibrate + 1);
	} finally {
		await app.end();
	}
});

test('a file that is picked before the page has woken up is taken once it has', async ({ page, app }) => {
	let wake = () => {};
	const woken = new Promise<void>((resolve) => (wake = resolve));
	await page.route('**/_app/**/*.js', async (route) => {
		await woken;
		await route.continue();
	});
	// `page.goto` of the tests waits for a page that is awake.
	await page.evaluate((url) => void (location.href = url), `${app.origin}/farm-file`);
	const notes = { name: 'notes.txt', mimeType: 'text/plain', buffer: Buffer.from('no zip') };
	await page.getByLabel('Pick the file').setInputFiles(notes);
	wake();
	await expect(page.getByRole('alert')).toContainText('“notes.txt” is no zip');
});

test('a file of products over what one message takes goes in pieces, and a row that does not read stays to be mended', async ({
	page,
	app
}) => {
	const csv = await (await page.request.get(`${app.origin}/products/csv`)).text();
	const lines = csv.trim().split('\n');
	const [head, row] = [lines[0]!, lines[1]!];
	const name = /^"?([^",]+)"?,/.exec(row)![1]!;
	const many = Array.from({ length: 1900 }, (_, i) => row.replace(name, `Sample Many ${i} ${'x'.repeat(60)}`));
	many[700] = many[700]!.replace(/Sample Many 700 x+/, '');
	const text = [head, ...many].join('\n');
	expect(text.length).toBeGreaterThan(400_000);
	await page.goto(`${app.origin}/products/import`);
	await page
		.locator('input[type=file]')
		.setInputFiles({ name: 'many.csv', mimeType: 'text/csv', buffer: Buffer.from(text) });
	await expect(page.getByText(/many\.csv: 1900 rows, sent in \d+ pieces/)).toBeVisible();
	await page.getByRole('button', { name: /1900/ }).first().click();
	await expect(page.getByText(/^1899 rows imported/)).toBeVisible();
	const [kept] = await app.query<{ count: number }>(
		"select count(*)::int as count from product where name like 'Sample Many%'"
	);
	expect(kept!.count).toBe(1899);
	// The one that does not read stands in the field with the head of the file.
	await expect(page.getByRole('textbox', { name: 'The rows' })).toHaveValue(/\n/);
	expect((await page.getByRole('textbox', { name: 'The rows' }).inputValue()).split('\n')).toHaveLength(2);
});
