import { readFileSync } from 'node:fs';
import { startSimulators } from '../../scripts/lib/simulators.mjs';
import { beginCalibration, enter, expect, sprayerId, startApp, test } from './fixtures';

test('a unit that is picked beside a field goes with what is typed, to the page of the sprayer', async ({
	page,
	app
}) => {
	await page.goto(`${app.origin}/sprayers/new`);
	await page.getByRole('textbox', { name: 'Name' }).fill('Test boom');
	const tank = page.getByRole('textbox', { name: 'Tank' });
	await page.getByTitle('Unit of tank').selectOption('L');
	// A unit of its own is kept, whatever was picked before it was typed.
	await tank.fill('300 gal');
	await tank.blur();
	await expect(tank).toHaveValue('300 gal');
	await tank.fill('');
	await page.getByTitle('Unit of tank').selectOption('L');
	await tank.fill('800');
	await expect(page.getByTitle('Unit of tank')).toHaveValue('L');
	await page.getByRole('textbox', { name: 'Nozzle spacing' }).fill('20');
	await expect(tank).toHaveValue('800 L');
	await page.getByTitle('Unit of nozzle spacing').selectOption('cm');
	await expect(page.getByRole('textbox', { name: 'Nozzle spacing' })).toHaveValue('20 cm');
	// What brings its own units keeps them, and the field says so.
	await tank.fill('2 gal 1 qt');
	await expect(page.getByTitle('Unit of tank')).toHaveCount(0);
	await expect(page.getByText('as typed')).toBeVisible();
	await tank.fill('800 L');
	await expect(page.getByTitle('Unit of tank')).toHaveValue('L');
	await page.getByRole('button', { name: 'Add the sprayer' }).click();
	await expect(page.getByRole('heading', { name: 'Test boom' })).toBeVisible();
	const [kept] = await app.query<{ tank: string }>(
		"select rig->'tank'->>'text' as tank from sprayer where name = 'Test boom'"
	);
	expect(kept!.tank).toBe('800 L');
});

test('a blower is made, given a setting of its own, changed, copied and put away', async ({ page, app }) => {
	await page.goto(`${app.origin}/sprayers/new`);
	await page.getByText('Airblast', { exact: true }).click();
	await page.getByRole('textbox', { name: 'Name' }).fill('Test blower');
	await page.getByRole('textbox', { name: 'Nozzles a side' }).fill('4');
	await page.getByLabel('Row spacing').fill('5 m');
	await page.getByLabel('Sizes, bottom to top').fill('1.0, 1.5, 1.5');
	await page.getByLabel('Tank', { exact: false }).first().fill('1000 L');
	await page.getByLabel('at a pressure of').fill('10 bar');
	await page.getByLabel('Rated flow of each size').fill('1.0 = 1.00 L/min\n1.5 is 1.5');
	await page.getByRole('button', { name: 'Add the sprayer' }).click();
	// What is wrong stands at its field, and what was typed stays.
	await expect(page.getByRole('alert').filter({ hasText: '“1.5 is 1.5”' })).toBeVisible();
	await expect(page.getByRole('alert').filter({ hasText: 'One for each nozzle' })).toBeVisible();
	await expect(page.getByRole('textbox', { name: 'Nozzles a side' })).toHaveValue('4');
	await page.getByLabel('Sizes, bottom to top').fill('1.0, 1.5, 1.5, 1.5');
	await page.getByLabel('Rated flow of each size').fill('1.0 = 1.00 L/min\n1.5 = 1.50 L/min');
	await page.getByRole('button', { name: 'Add the sprayer' }).click();
	await expect(page.getByRole('heading', { name: 'Test blower' })).toBeVisible();
	await expect(page.getByText('2 × 4 nozzles, 2 sizes')).toBeVisible();

	await page.getByRole('link', { name: 'Add one' }).click();
	await page.waitForURL(/settings\/new/);
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(page.getByRole('alert')).toContainText('A setting needs a name');
	await page.getByLabel('What you call it').fill('Right only');
	await page.getByLabel('Left side').uncheck();
	await page.getByLabel('Gear').fill('second low');
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(page.getByRole('alert')).toContainText('Is the other side of each row sprayed too?');
	await page.getByLabel('Another pass sprays it').check();
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(
		page.getByRole('list').getByText('right only, the other side by another pass · gear second low')
	).toBeVisible();

	await page.getByRole('link', { name: 'Edit', exact: true }).click();
	await expect(page.getByLabel('Sizes, bottom to top')).toHaveValue('1.0, 1.5, 1.5, 1.5');
	await page.getByRole('link', { name: 'Back' }).click();
	await page.getByRole('button', { name: 'Copy' }).click();
	await page.waitForURL(/edit$/);
	await page.getByRole('textbox', { name: 'Name' }).fill('Second blower');
	await page.getByRole('button', { name: 'Save the sprayer' }).click();
	await expect(page.getByRole('heading', { name: 'Second blower' })).toBeVisible();
	await expect(page.getByText('right only, the other side by another pass · gear second low')).toBeVisible();
	await page.getByRole('button', { name: 'Archive' }).click();
	await expect(page.getByRole('heading', { name: 'Archived sprayers' })).toBeVisible();
	await page.getByRole('link', { name: 'Second blower' }).click();
	await page.getByRole('button', { name: 'Restore' }).click();
	await expect(page.getByRole('button', { name: 'Archive' })).toBeVisible();

	// A calibration of that setting opens with its left side shut.
	await page.goto(`${app.origin}/sprayers/${await sprayerId(app, 'Test blower')}`);
	await page.getByRole('link', { name: 'Calibrate', exact: true }).nth(1).click();
	await page.waitForURL(/ready/);
	await page.goto(page.url().replace('ready', 'flow'));
	await expect(page.getByLabel('Right 1, caught')).toBeVisible();
	await expect(page.getByLabel('Left 1, caught')).toBeHidden();
});

test('new nozzles put the calibrations before them in doubt, and the lines of a season show', async ({ page, app }) => {
	const id = await sprayerId(app, 'Barley-field boom');
	await page.goto(`${app.origin}/sprayers/${id}`);
	await page.getByRole('combobox', { name: /^What/ }).selectOption('gauge');
	await page.getByLabel('Note').fill('a new one');
	await page.getByRole('button', { name: 'Add to the history' }).click();
	await expect(page.getByText('a new one')).toBeVisible();
	await expect(page.getByRole('heading', { name: '▲ Calibrate it again' })).toBeVisible();
	// Another test of this farm may have fitted nozzles to it besides: either is told, and both put it in doubt.
	await expect(page.getByText(/Since it was calibrated: (gauge changed|new nozzles)\./)).toBeVisible();
	await page.goto(`${app.origin}/sprayers`);
	await expect(page.getByText(/▲ in doubt: (gauge|new nozzles)/).first()).toBeVisible();

	await page.goto(`${app.origin}/sprayers/${await sprayerId(app, 'Long-meadow boom')}`);
	await expect(async () => {
		await page.getByText('Wear', { exact: true }).click();
		await expect(page.locator('[data-drawn="true"]')).toBeVisible({ timeout: 3000 });
	}).toPass();
	await expect(page.getByRole('img', { name: /over new, %: .* on \d+ \w+ \d{4}/ })).toBeVisible();
	await page.getByText('Nozzle by nozzle').click();
	await expect(page.getByRole('region', { name: 'Nozzles by calibration' })).toContainText('−15');
	await page.getByRole('button', { name: 'Side by side' }).click();
	await expect(page.getByText('from the first to the second')).toBeVisible();
	await expect(page.getByRole('row', { name: /Nozzle 9/ })).toContainText('%');
});

test('a calibration goes out as a sheet and comes back in as the same calibration', async ({ page, app }) => {
	const id = await sprayerId(app, 'Hazel-row blower');
	await page.goto(`${app.origin}/sprayers/${id}`);
	await page.locator('td a').first().click();
	const rate = await page.getByTestId('rate').textContent();
	const [download] = await Promise.all([
		page.waitForEvent('download'),
		page.getByRole('link', { name: 'Sheet, JSON' }).click()
	]);
	const text = readFileSync((await download.path())!, 'utf8');
	await page.goto(`${app.origin}/sprayers/${id}/import`);
	await page.getByLabel('The sheet').fill('{"format": "fallow-sheet/1"');
	await expect(page.getByText('That is not JSON')).toBeVisible();
	await page.getByLabel('The sheet').fill(text);
	await expect(page.getByText(/Speed, width and flow, (no warnings|\d+ warnings?)/)).toBeVisible();
	await page.getByLabel('Calibrated by').fill('A. Sample');
	await page.getByRole('textbox', { name: /^On/ }).last().fill('2026-11-01');
	await page.getByRole('button', { name: 'Save as a calibration' }).click();
	await page.waitForURL(/calibrations/);
	await expect(page.getByTestId('rate')).toHaveText(rate!);
	await expect(page.getByText('Imported from a sheet file.')).toBeVisible();
	for (const name of ['PDF, A4', 'PDF, Letter']) {
		const href = await page.getByRole('link', { name }).getAttribute('href');
		const pdf = await page.request.get(app.origin + href);
		expect(pdf.headers()['content-type']).toBe('application/pdf');
		expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-');
	}
	const sheet = await page.request.get(`${app.origin}/sprayers/${id}/field-sheet`);
	expect(sheet.headers()['content-disposition']).toContain('field-sheet-hazel-row-blower-both-sides.pdf');
});

test('a column from a spreadsheet fills the boom in order', async ({ page, app }) => {
	const id = await beginCalibration(page, app);
	await page.goto(`${app.origin}/rounds/${id}/flow`);
	await page.getByLabel('Nozzle 1, caught').focus();
	await page.evaluate(() => {
		const data = new DataTransfer();
		data.setData('text', '19.2\n18.9\n19.4\n19.1\n19.0\n19.3\n19.1\n19.4\n19.3\n19.2\n19.2\n19.1\n');
		document.activeElement!.dispatchEvent(
			new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true })
		);
	});
	await expect(page.getByRole('navigation', { name: 'Steps' }).getByText('12 / 12')).toBeVisible();
	await expect(page.getByLabel('Nozzle 12, caught')).toHaveValue('19.1');
	// The ground under the boom was worked out in its worker, from the pasted catches.
	await expect(page.locator('[data-laid="true"]')).toBeVisible();
});

test('bands, the course helper, and a GPX track', async ({ page, app }) => {
	const id = await beginCalibration(page, app);
	await page.goto(`${app.origin}/rounds/${id}/speed`);
	await page.getByRole('button', { name: 'How far to drive' }).click();
	const helper = page.getByRole('dialog', { name: 'How far to drive' });
	await expect(helper).toContainText('204.2 ft');
	await helper.getByRole('listitem').filter({ hasText: 'US fl oz' }).getByRole('button').click();
	await expect(helper).toBeHidden();
	await expect(page.getByLabel('Course length')).toHaveValue(/^204\.1/);
	await page.getByRole('button', { name: 'Use a track' }).click();
	const tracks = page.getByRole('dialog', { name: 'Speed from a track' });
	const drive = (speed: number) => {
		const points = Array.from(
			{ length: 60 },
			(_, i) =>
				`<trkpt lat="-30.5" lon="${(-140 + (i * speed) / 95_974).toFixed(8)}"><time>${new Date(1_790_000_000_000 + i * 1000).toISOString()}</time></trkpt>`
		);
		return file(`<gpx version="1.1" creator="t"><trk><trkseg>${points.join('')}</trkseg></trk></gpx>`, 'drive.gpx');
	};
	const file = (text: string, name: string) => ({ name, mimeType: 'text/plain', buffer: Buffer.from(text) });
	await tracks.locator('input[type=file]').setInputFiles(file('not a track', 'notes.txt'));
	await expect(tracks.getByRole('alert')).toContainText('“notes.txt” is neither GPX nor NMEA');
	// A file that was mended in place has the name and the size that it had.
	await tracks.locator('input[type=file]').setInputFiles(drive(1.1));
	await expect(tracks.getByTestId('track-speed')).toHaveText('2.46');
	await tracks.locator('input[type=file]').setInputFiles(drive(2.2));
	await expect(tracks.getByTestId('track-speed')).toHaveText('4.92');
	await tracks.getByRole('button', { name: 'Use this speed' }).click();
	// A track without any wander is very sure, and told with as many digits.
	await expect(page.getByTestId('mean-speed')).toHaveText(/^4\.92/);
	await page.goto(`${app.origin}/rounds/${id}/swath`);
	await page.getByRole('button', { name: 'Bands instead' }).click();
	await page.getByLabel('Width of one band').fill('10 in');
	await page.getByLabel('Bands', { exact: true }).fill('6');
	await page.getByLabel('Row spacing').fill('30 in');
	await page.getByLabel('Rows', { exact: true }).fill('6');
	await page.getByRole('button', { name: 'Use these bands' }).click();
	await expect(page.getByText('6 bands over 6 rows')).toBeVisible();
});

test('the simulated receiver and flow meter are read like real ones, faults and all', async ({ page }) => {
	const simulators = await startSimulators({ meterArgs: ['--flow', '1.1', '--nozzle', '2', '--fault', 'blocked'] });
	const own = await startApp(true, simulators.env);
	try {
		const id = await beginCalibration(page, own);
		await page.goto(`${own.origin}/rounds/${id}/speed`);
		await page.getByRole('button', { name: 'Use a track' }).click();
		await page.getByRole('button', { name: 'Record the receiver' }).click();
		await expect(page.getByRole('button', { name: /^Stop, [3-9] s recorded/ })).toBeVisible({ timeout: 20_000 });
		await page.getByRole('button', { name: /^Stop/ }).click();
		await expect(page.getByTestId('track-speed')).not.toHaveText('–');
		await page.getByRole('button', { name: 'Back' }).click();
		await page.goto(`${own.origin}/rounds/${id}/flow`);
		for (const n of [1, 2, 3]) {
			await expect(page.getByLabel(`Nozzle ${n}, caught`)).toBeFocused();
			await page.getByRole('button', { name: 'Read the flow meter here' }).click();
			await expect(page.getByLabel(`Nozzle ${n}, caught`)).not.toHaveValue('');
		}
		await expect(page.getByLabel('Nozzle 1, caught')).toHaveValue('1.10');
		await expect(page.getByText('✕ blocked')).toBeVisible();
		// The meter gone: told in words, and what was read stays.
		simulators.stop();
		await page.getByRole('button', { name: 'Read the flow meter here' }).click();
		await expect(page.getByRole('alert')).toContainText('flow meter cannot be reached');
		await enter(page, 'Nozzle 4, caught', '1.1');
		await expect(page.getByLabel('Nozzle 4, caught')).toHaveValue('1.10');
	} finally {
		simulators.stop();
		await own.end();
	}
});
