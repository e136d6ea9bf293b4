import type { Locator, Page } from '@playwright/test';
import { beginCalibration, expect, sprayerId, test } from './fixtures';

const jobIn = async (
	app: { query<T extends Record<string, unknown>>(sql: string, values?: unknown[]): Promise<T[]> },
	state: string
) =>
	(
		await app.query<{ id: string }>('select id from job where state = $1 and off_at is null order by day limit 1', [
			state
		])
	)[0]!.id;

test('the first field of every form is under eight tabs away', async ({ page, app }) => {
	const running = await jobIn(app, 'under-way');
	const sprayer = await sprayerId(app, 'Long-meadow boom');
	const far: string[] = [];
	for (const path of [
		'/jobs/new',
		'/sprayers/new',
		`/sprayers/${sprayer}/edit`,
		'/products/new',
		'/ground/new',
		'/nozzles/new',
		'/farm',
		'/figures',
		'/full-tank',
		'/log/import',
		'/products/import',
		'/nozzles/import',
		`/jobs/${running}/close`,
		`/jobs/${running}/day`
	]) {
		await page.goto(app.origin + path);
		await page.waitForFunction(() => document.documentElement.dataset.alive === 'yes');
		// The first tab is the way past the bar.
		await page.keyboard.press('Tab');
		await page.keyboard.press('Enter');
		let tabs = 1;
		for (; tabs < 12; tabs += 1) {
			const there = await page.evaluate(() => document.activeElement?.matches('input, select, textarea') ?? false);
			if (there) break;
			await page.keyboard.press('Tab');
		}
		if (tabs >= 8) far.push(`${path}: ${tabs}`);
	}
	expect(far).toEqual([]);
});

/** What a finger is meant for and lower than 48 px; words within a sentence are no target of their own. */
const lowTargets = (page: Page) =>
	page.evaluate(() => {
		const low: string[] = [];
		for (const e of document.querySelectorAll<HTMLElement>('a, button, summary, select, [role=tab]')) {
			const box = e.getBoundingClientRect();
			const style = getComputedStyle(e);
			if (box.width < 2 || box.height < 2 || style.visibility === 'hidden' || style.clipPath !== 'none') continue;
			if (e.closest('.skip, [aria-hidden=true], svg')) continue;
			const sentence = e.closest('p, li, dd');
			if (
				style.display === 'inline' &&
				(sentence?.textContent ?? '').trim().length > (e.textContent ?? '').trim().length + 3
			)
				continue;
			if (box.height < 47.5)
				low.push(`${(e.textContent || e.getAttribute('aria-label') || e.tagName).trim()} ${box.height}`);
		}
		return low;
	});

test.describe('on a phone', () => {
	test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

	test('names in lists, files and buttons are as high as a glove needs', async ({ page, app }) => {
		const sprayer = await sprayerId(app, 'Long-meadow boom');
		const [calibration] = await app.query<{ id: string }>('select id from calibration where sprayer_id = $1 limit 1', [
			sprayer
		]);
		const [block] = await app.query<{ id: string }>("select id from block where name = 'Hazel rows'");
		const [record] = await app.query<{ id: string }>('select id from record limit 1');
		const running = await jobIn(app, 'under-way');
		const low: Record<string, string[]> = {};
		for (const path of [
			'/',
			'/jobs',
			`/jobs/${running}`,
			`/jobs/${running}/run`,
			`/jobs/${running}/day`,
			`/jobs/${running}/close`,
			'/sprayers',
			`/sprayers/${sprayer}`,
			`/calibrations/${calibration!.id}`,
			`/calibrations/${calibration!.id}/adjust`,
			'/ground',
			`/ground/${block!.id}`,
			'/products',
			'/log',
			`/log/${record!.id}`,
			'/log/season',
			'/nozzles',
			'/farm'
		]) {
			await page.goto(app.origin + path);
			await page.waitForFunction(() => document.documentElement.dataset.alive === 'yes');
			const found = await lowTargets(page);
			if (found.length > 0) low[path] = found;
		}
		expect(low).toEqual({});
	});

	test('the next action of every step is under the thumb, with nothing to scroll and nothing over it', async ({
		page,
		app
	}) => {
		const inSight = async (path: string, action: Locator) => {
			await page.goto(`${app.origin}${path}`);
			await expect(action, path).toBeInViewport({ ratio: 1 });
			// Not only within the window: a finger that comes down there hits it.
			const hit = await action.evaluate((button) => {
				const { x, y, width, height } = button.getBoundingClientRect();
				return button.contains(document.elementFromPoint(x + width / 2, y + height / 2));
			});
			expect(hit, path).toBe(true);
		};
		const steps = { 'Long-meadow boom': ['ready', 'speed', 'swath', 'volume', 'adjust', 'sign-off'] };
		const carried = { 'Nursery knapsack': ['ready', 'plot', 'tank', 'volume', 'adjust', 'sign-off'] };
		for (const [name, all] of Object.entries({ ...steps, ...carried })) {
			const id = await beginCalibration(page, app, name);
			for (const step of all) await inSight(`/rounds/${id}/${step}`, page.getByRole('button', { name: /→$/ }).first());
			// A jug that is touched, or the key of the pad that goes on.
			await inSight(`/rounds/${id}/flow`, page.getByRole('slider').or(page.locator('.pad .next')).first());
		}
		const [job] = await app.query<{ id: string }>("select id from job where state = 'under-way' limit 1");
		await inSight(`/jobs/${job!.id}/run`, page.locator('.act .btn.big'));
		await inSight(`/jobs/${job!.id}/day`, page.locator('.do .btn.go'));
		await inSight(`/jobs/${job!.id}/close`, page.getByRole('button', { name: 'Close the job' }));
	});

	test('each step at the tank is told once, and the focus never falls to the page', async ({ page, app }) => {
		const running = await jobIn(app, 'under-way');
		await page.goto(`${app.origin}/jobs/${running}/run`);
		const told = page.locator('p.sr-only[role=status]');
		await expect(told).toHaveText(/^\d of \d+: /);
		await expect(told).toHaveCount(1);
		const seen = new Set<string>();
		for (let i = 0; i < 8; i += 1) {
			const before = await told.textContent();
			seen.add(before!);
			const next = page.locator('.act .btn.big');
			if ((await next.evaluate((e) => e.tagName)) !== 'BUTTON' || (await next.isDisabled())) break;
			await next.click();
			await expect(told).not.toHaveText(before!);
			await expect.poll(() => page.evaluate(() => document.activeElement !== document.body)).toBe(true);
		}
		expect(seen.size).toBeGreaterThan(3);
	});

	test('colours that the reader forces keep the pad, the stopwatch and what is selected', async ({ page, app }) => {
		await page.emulateMedia({ forcedColors: 'active' });
		const sprayer = await sprayerId(app, 'Long-meadow boom');
		await page.goto(`${app.origin}/rounds/new?sprayer=${sprayer}`);
		await page.getByRole('button', { name: 'Start a calibration' }).click();
		await page.waitForURL(/\/rounds\/[0-9a-f-]+\/ready/);
		const begun = page.url().split('/').at(-2)!;
		await page.goto(`${app.origin}/rounds/${begun}/speed`);
		const style = (selector: string) =>
			page
				.locator(selector)
				.first()
				.evaluate((e) => {
					const { backgroundColor, borderTopWidth, color } = getComputedStyle(e);
					return { backgroundColor, border: parseFloat(borderTopWidth), color };
				});
		const watch = await style('.watch');
		expect(watch.border).toBeGreaterThan(0);
		expect(watch.backgroundColor).not.toBe((await style('main')).backgroundColor);
		expect(watch.backgroundColor).not.toBe(watch.color);
		await page.goto(`${app.origin}/rounds/${begun}/flow`);
		await page.getByRole('button', { name: 'Digits' }).tap();
		const [key, next] = [await style('.pad button'), await style('.pad .next')];
		expect(key.border).toBeGreaterThan(0);
		expect(next.backgroundColor).not.toBe(key.backgroundColor);
		const running = await jobIn(app, 'under-way');
		await page.goto(`${app.origin}/jobs/${running}/day`);
		await page.getByText('Overcast', { exact: true }).tap();
		const [on, off] = [await style('.seg-item[data-state=checked]'), await style('.seg-item[data-state=unchecked]')];
		expect(on.backgroundColor).not.toBe(off.backgroundColor);
	});
});

test('a refusal takes the focus to the field that is wrong', async ({ page, app }) => {
	const wrong = () => page.evaluate(() => document.activeElement?.getAttribute('aria-invalid'));
	// Sign-off.
	const sprayer = await sprayerId(app, 'Long-meadow boom');
	await page.goto(`${app.origin}/rounds/new?sprayer=${sprayer}`);
	await page.getByRole('button', { name: 'Start a calibration' }).click();
	await page.waitForURL(/\/rounds\/[0-9a-f-]+\/ready/);
	await page.goto(page.url().replace('/ready', '/sign-off'));
	await page.getByLabel('Pressure at the gauge').fill('hard');
	await page
		.getByRole('button', { name: /^Sign off|^Sign/ })
		.last()
		.click();
	await expect.poll(() => page.evaluate(() => document.activeElement !== document.body)).toBe(true);
	await expect.poll(wrong).toBe('true');
	// Close.
	const running = await jobIn(app, 'under-way');
	await page.goto(`${app.origin}/jobs/${running}/close`);
	await page.getByLabel('Done in all').fill('much');
	await page.getByRole('button', { name: 'Close the job' }).click();
	await expect.poll(wrong).toBe('true');
	await expect(page.getByLabel('Done in all')).toBeFocused();
	// Record.
	await app.query("update job set state = 'closed' where id = $1", [running]);
	const sprayed = await app.query<{ id: string }>(
		"select j.id from job j where state in ('sprayed', 'closed') and not exists (select 1 from record r where r.id = j.id) and j.id <> $1",
		[running]
	);
	for (const { id } of sprayed.slice(0, 1)) {
		await page.goto(`${app.origin}/jobs/${id}/record`);
		await page.getByLabel(/^Operator/).fill('');
		await page.getByRole('button', { name: 'Seal the record' }).click();
		await expect.poll(wrong).toBe('true');
	}
});

test('pages of records, season, calibration and job go on paper without what only a screen needs', async ({
	page,
	app
}) => {
	const sprayer = await sprayerId(app, 'Long-meadow boom');
	const [calibration] = await app.query<{ id: string }>('select id from calibration where sprayer_id = $1 limit 1', [
		sprayer
	]);
	const [record] = await app.query<{ id: string }>('select id from record limit 1');
	const running = await jobIn(app, 'under-way');
	for (const path of [
		'/log',
		`/log/${record!.id}`,
		'/log/season',
		`/calibrations/${calibration!.id}`,
		`/jobs/${running}`
	]) {
		await page.goto(app.origin + path);
		await page.waitForFunction(() => document.documentElement.dataset.alive === 'yes');
		await page.emulateMedia({ media: 'print' });
		await page.setViewportSize({ width: 718, height: 1000 });
		await expect(page.locator('main')).toBeVisible();
		await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
		for (const name of ['nav', 'button', 'a.btn']) await expect(page.locator(`${name}:visible`)).toHaveCount(0);
		const wide = await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);
		expect(wide, path).toBeLessThanOrEqual(1);
		const dark = await page.evaluate(() => getComputedStyle(document.body).backgroundColor);
		expect(dark).toBe('rgb(255, 255, 255)');
		await page.emulateMedia({ media: 'screen' });
		await page.setViewportSize({ width: 1280, height: 800 });
	}
});

test.describe('a device in one time zone of one country', () => {
	test.use({ timezoneId: 'Europe/Madrid', locale: 'en-US' });

	test('proposes where a new farm is, and all that follows from it', async ({ page, bareApp }) => {
		await page.goto(`${bareApp.origin}/welcome`);
		// By its clock, not by the language that somebody likes to read.
		await expect(page.getByRole('combobox', { name: 'Where it is' })).toHaveValue('Spain');
		await expect(page.getByText('L/ha · km/h')).toBeVisible();
		await expect(page.getByText('Europe/Madrid')).toBeVisible();
	});
});

test.describe('a device in a zone with 12 hours', () => {
	test.use({ timezoneId: 'America/Chicago', locale: 'en-US' });

	test('a farm there has its times with 12 hours from the first page on', async ({ page, bareApp }) => {
		await page.goto(`${bareApp.origin}/welcome`);
		await expect(page.getByRole('combobox', { name: 'Where it is' })).toHaveValue('United States');
		await expect(page.getByText('US gal/ac · mph')).toBeVisible();
		await expect(page.getByText(/\d{1,2}:\d\d (am|pm) \(America\/Chicago\)/)).toBeVisible();
		await page.getByLabel('What it is called').fill('Sample Farm');
		await page.getByLabel('What you call the sprayer').fill('First boom');
		await page.getByLabel('Its tank holds, gal').fill('500');
		await page.getByRole('button', { name: 'Start the first calibration' }).click();
		await expect(page.getByRole('heading', { name: 'Check the sprayer' })).toBeVisible();
		await page.goto(`${bareApp.origin}/farm`);
		await expect(page.getByLabel('Write times with 12 hours (2:20 pm)')).toBeChecked();
	});
});
