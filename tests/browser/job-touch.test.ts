import { allSent, expect, offlineReady, pickFrom, startApp, test } from './fixtures';

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

test('a knapsack spot job on a phone: trial patch, label’s most, mixing with nobody there, a reload, and all of it once', async ({
	context
}) => {
	const app = await startApp(true);
	try {
		let page = await context.newPage();
		await page.goto(`${app.origin}/jobs/new`);
		await page.getByText('Spot work').tap();
		await page.getByRole('checkbox', { name: /Nursery strip/ }).tap();
		const knapsack = await page
			.getByRole('option', { name: /Nursery knapsack/ })
			.first()
			.getAttribute('value');
		await page.getByRole('combobox', { name: 'Sprayer' }).selectOption(knapsack);
		await page.getByRole('textbox', { name: /^It took/ }).fill('1 L');
		await page.getByRole('textbox', { name: /^The patch/ }).fill('10 m2');
		await page.getByRole('textbox', { name: /^Share of the ground/ }).fill('50');
		await pickFrom(page, /^Product/, 'Sample Tuff');
		// 1 % at 1,000 L/ha on half of the ground is 5 L/ha: over the label's 4, with what would be within.
		await expect(page.locator('[data-code="over-max"]')).toContainText('a strength of 0.800 %, or spraying 40.0 %');
		await page.getByRole('textbox', { name: /^Share of the ground/ }).fill('40');
		await expect(page.locator('[data-code="over-max"]')).toBeHidden();
		await expect(page.getByRole('heading', { name: 'To mix any amount' })).toBeVisible();
		await page.getByRole('button', { name: 'Save this job' }).tap();
		await page.waitForURL(/jobs\/[0-9a-f-]{36}$/);
		await page.getByRole('link', { name: 'Mix the first load' }).tap();
		await expect(page.getByText('Step 1 of 3')).toBeVisible();
		await offlineReady(page);
		await page.getByRole('button', { name: /^Water is at/ }).tap();
		await expect(page.getByText('Step 2 of 3')).toBeVisible();
		await allSent(page);

		// Nobody there: steps are kept on the phone, also over a reload and a closed tab.
		await app.kill();
		await page.getByRole('button', { name: 'Sample Tuff is in, rinse done' }).tap();
		await expect(page.getByText('Step 3 of 3')).toBeVisible();
		await expect(page.getByRole('status').filter({ hasText: 'No signal, saved here' })).toBeVisible();
		const address = page.url();
		await page.reload();
		await expect(page.getByText('Step 3 of 3')).toBeVisible();
		await page.close();
		page = await context.newPage();
		await page.goto(address);
		// Who is called when something goes wrong, one tap away, with nobody there.
		await page.getByRole('button', { name: 'Emergency' }).tap();
		await expect(page.getByRole('dialog')).toContainText('Poison centre');
		await expect(page.getByRole('link', { name: '000 000 000' })).toHaveAttribute('href', 'tel:000000000');
		await expect(page.getByRole('dialog')).toContainText('Sample Tuff');
		await page.getByRole('button', { name: 'Close' }).tap();
		await page.getByRole('button', { name: 'At the mark, lid on' }).tap();
		await page.getByRole('button', { name: 'Undo the last step' }).tap();
		await expect(page.getByText('Step 3 of 3')).toBeVisible();
		await page.getByRole('button', { name: 'At the mark, lid on' }).tap();
		// A load does not go out before somebody looked at the weather, or wrote why not; that works without a network too.
		await page.getByRole('link', { name: 'Look at the weather first' }).tap();
		await expect(page.getByRole('button', { name: 'Start without it' })).toBeDisabled();
		await page.getByLabel('Why you spray all the same').fill('No station here, leaves hardly move');
		await page.getByRole('button', { name: 'Start without it' }).tap();
		await page.getByRole('button', { name: 'Begin spraying load 1' }).tap();
		await page.getByRole('button', { name: 'Pause' }).tap();
		await page.getByRole('button', { name: 'Continue spraying' }).tap();
		await page.getByRole('button', { name: 'Load 1 is sprayed out' }).tap();
		await expect(page.getByRole('link', { name: 'All loads are sprayed out' })).toBeVisible();

		await app.restart();
		await page.evaluate(() => dispatchEvent(new Event('online')));
		await allSent(page);
		const kinds = await app.query<{ kind: string; what: string | null }>(
			`select e.kind, coalesce(e.body->>'act', e.body->>'step') what from job_entry e join job j on j.farm_id = e.farm_id and j.id = e.job_id
			where j.body->'basis'->>'by' = 'trial' and j.calibration_id is not null order by e.seq`
		);
		expect(kinds.map((k) => `${k.kind} ${k.what ?? ''}`.trim())).toEqual([
			'tick 0',
			'tick 1',
			'tick 2',
			'strike',
			'tick 2',
			'weather',
			'spray start',
			'spray pause',
			'spray go-on',
			'spray end'
		]);
		await page.goto(`${app.origin}/jobs`);
		await expect(page.getByRole('listitem').filter({ hasText: 'Sprayed' }).first()).toBeVisible();
	} finally {
		await app.end();
	}
});
