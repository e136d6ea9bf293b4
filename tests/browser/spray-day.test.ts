import { pastRecords } from '../../demo/past-records';
import { startSimulators } from '../../scripts/lib/simulators.mjs';
import { allSent, expect, findings, fromMenu, pickFrom, startApp, test } from './fixtures';

/** What the demo farm's log holds from older sheets. */
const older = pastRecords(Date.now(), () => '');
const past = older.length;
const year = new Date().toISOString().slice(0, 4);
const onMeadow = older.filter(
	(r) => r.record.day.startsWith(year) && r.record.blocks[0]!.name === 'Long meadow'
).length;

test('a whole day: plan, weather, mix, spray, close, record, log, paper', async ({ context }) => {
	const simulators = await startSimulators({ weatherArgs: ['--day', 'calm'] });
	const app = await startApp(true, { FALLOW_WEATHER: simulators.env.FALLOW_WEATHER });
	try {
		const page = await context.newPage();
		await page.goto(`${app.origin}/jobs/new`);
		await page.getByRole('checkbox', { name: /Long meadow/ }).check();
		const boom = await page
			.getByRole('option', { name: /Long-meadow boom/ })
			.first()
			.getAttribute('value');
		await page.getByRole('combobox', { name: /^Calibration/ }).selectOption(boom);
		await pickFrom(page, /^Product/, 'Sample Umber');
		await page.getByRole('radio', { name: /Equal loads/ }).check();
		await page.getByRole('button', { name: 'Save this job' }).click();
		await page.waitForURL(/jobs\/[0-9a-f-]{36}$/);
		const job = page.url();
		await page.getByRole('link', { name: 'Mix the first load' }).click();

		// The weather of the station, judged; the operator decides, and both are kept.
		await page.getByRole('link', { name: 'Look at the weather' }).click();
		await expect(page.getByText('From the station.', { exact: false })).toBeVisible();
		await expect(page.locator('[data-rule="delta-t"]')).toContainText('°C');
		await expect(page.getByRole('heading', { name: /of work: / })).toBeVisible();
		await page.getByLabel(/^Wind, /).fill('20 mph');
		await expect(page.locator('[data-rule="wind"][data-state="stop"]')).toContainText('limit of');
		await expect(page.getByRole('button', { name: 'Start spraying' })).toBeDisabled();
		await page.getByLabel(/^Wind, /).fill('5 mph');
		await page.getByLabel('Wind from').fill('N');
		await expect(page.locator('[data-rule="drift"]')).toContainText('water in the south (the mill ditch)');
		await page.getByLabel(/^Why/).fill('the ditch is dry');
		await page.getByRole('button', { name: 'Start spraying' }).click();
		await expect(page.getByRole('link', { name: /^Weather at/ })).toBeVisible();

		// Every load in turn, by the one button that is next.
		const next = page.locator('.act .btn.go');
		for (let tap = 0; tap < 60; tap += 1) {
			const words = (await next.textContent()) ?? '';
			if (words.includes('Close the job')) break;
			await next.click();
			await expect(next).not.toHaveText(words);
		}
		await next.click();
		await page.getByRole('textbox', { name: /^Over in the tank/ }).fill('9999');
		await page.getByRole('button', { name: 'Close the job' }).click();
		await expect(page.getByRole('alert')).toContainText('a full tank');
		await page.getByRole('textbox', { name: /^Over in the tank/ }).fill('40');
		await page.getByRole('button', { name: 'Close the job' }).click();
		await expect(page.getByText(/over 5 %: the calibration is in doubt/)).toBeVisible();
		await allSent(page);

		await expect(page.getByLabel('Operator')).toBeVisible();
		expect(await findings(page)).toEqual([]);
		await page.getByLabel('Operator').fill('');
		await page.getByRole('button', { name: 'Seal the record' }).click();
		await expect(page.getByRole('alert')).toContainText('Operator is still empty');
		await page.getByLabel('Operator').fill('B. Sample');
		await page.getByLabel('Pest or reason').fill('Thistles');
		await page.getByRole('button', { name: 'Seal the record' }).click();
		await page.getByRole('link', { name: 'See its record' }).click();
		await page.waitForURL(/log\/[0-9a-f-]{36}$/);
		await expect(page.getByText('the ditch is dry')).toBeVisible();
		const record = page.url();

		// Added to, with the record as it was.
		await page.getByText('Add to this record').click();
		await page.getByLabel('Who adds it').fill('A. Sample');
		await page.getByLabel('What is to be added').fill('The headland was left out.');
		await page.getByRole('button', { name: 'Add it' }).click();
		await expect(page.getByText('The headland was left out.').first()).toBeVisible();
		const pdf = await page.request.get(`${record}/print?paper=LETTER`);
		expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-');

		await page.goto(`${app.origin}/log`);
		await expect(page.getByRole('row')).toHaveCount(3 + past);
		await page.getByLabel('Pest or reason').fill('thist');
		await page.getByRole('button', { name: 'Show' }).click();
		await expect(page.getByRole('row')).toHaveCount(2);
		await fromMenu(page, 'Verify records');
		await expect(page.getByRole('status').filter({ hasText: `${3 + past} records verified` })).toBeVisible();
		const csv = await (await page.request.get(`${app.origin}/log/csv`)).text();
		expect(csv.split('\r\n')[0]).toContain('record,day,started');
		expect(csv).toContain('Thistles');
		const json = (await (await page.request.get(`${app.origin}/log/json?target=thist`)).json()) as {
			records: { target: string; rig: { pressure: number; typedPressure?: { text: string; unit: string } } }[];
		};
		expect(json.records.map((r) => r.target)).toEqual(['Thistles']);
		// The gauge stands on the record as it was typed, beside the SI that is computed with.
		const [{ rig: sprayer }] = json.records as [(typeof json.records)[number]];
		expect(sprayer.typedPressure).toMatchObject({ text: '40', unit: 'psi' });
		expect(sprayer.pressure / 6894.757293168361).toBeCloseTo(40, 6);
		await page.goto(record);
		await expect(page.getByText('40 psi')).toBeVisible();
		await page.goto(`${app.origin}/log`);

		await page.getByRole('link', { name: 'Season report' }).click();
		const meadow = page
			.getByRole('region', { name: 'Blocks by products' })
			.getByRole('row')
			.filter({ hasText: 'Long meadow' });
		await expect(meadow).toContainText(`${onMeadow + 1} ×`);

		// Over 5 % puts the calibration in doubt, and the sealed job takes nothing more.
		const [event] = await app.query<{ what: string }>("select what from sprayer_event where what = 'drift'");
		expect(event).toEqual({ what: 'drift' });
		await page.goto(job);
		await expect(page.getByRole('link', { name: 'See its record' })).toBeVisible();
		await page.goto(`${job}/close`);
		await expect(page.getByRole('link', { name: 'See its record' })).toBeVisible();
		await expect(page.getByRole('button', { name: 'Open it again' })).toBeHidden();
	} finally {
		await app.end();
		simulators.stop();
	}
});
