import type { Page } from '@playwright/test';
import { beginCalibration, expect, findings, pickFrom, sprayerId, test } from './fixtures';

const steps = ['ready', 'speed', 'swath', 'flow', 'volume', 'adjust', 'sign-off'];
/** The steps that look different on each kind of sprayer. */
const otherSteps = {
	'Hazel-row blower': ['swath', 'flow', 'plot', 'tank'],
	'Farm-track thrower': ['swath', 'flow'],
	'Nursery knapsack': ['ready', 'plot', 'flow', 'swath']
} as const;

const sizes = { desk: { width: 1280, height: 800 }, phone: { width: 390, height: 844 } } as const;
type Look = { readonly mode: 'day' | 'night'; readonly size: keyof typeof sizes };

async function dress(page: Page, { mode, size }: Look) {
	await page.setViewportSize(sizes[size]);
	await page.emulateMedia({ reducedMotion: 'reduce' });
	await page.addInitScript((m) => localStorage.setItem('fallow-mode', m), mode);
}

/** Other windows than the two that everything is looked at in: the smallest phone, one on its side, a tablet, a large screen. */
const windows = [
	{ width: 320, height: 640 },
	{ width: 844, height: 390 },
	{ width: 820, height: 1180 },
	{ width: 1920, height: 1080 }
] as const;
const tooWide = (page: Page) =>
	page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);

/** Goes to each address and gathers what is wrong with it; in Spanish, and in the other windows too, where that is asked for. */
async function visit(
	page: Page,
	origin: string,
	paths: readonly string[],
	{ language = 'en', everyWindow = false } = {}
): Promise<string[]> {
	const found: string[] = [];
	await page.context().addCookies([{ name: 'fallow-language', value: language, url: origin }]);
	const size = page.viewportSize()!;
	for (const path of paths) {
		await page.goto(origin + path);
		await page.locator('h1:visible, h2:visible').first().waitFor();
		for (const one of await findings(page)) found.push(`${path} ${one}`);
		const wide = await tooWide(page);
		expect(await page.locator('html').getAttribute('lang')).toBe(language);
		const text = await page.locator('body').innerText();
		// A day as a file writes it is for files, whose examples stand in code.
		const code = (await page.locator('code, pre').allInnerTexts()).join('\n');
		const stray =
			/.*(?:\bundefined\b|\bNaN\b|\[object |(?:^|\n)>).*/.exec(text) ??
			(/\d{4}-\d{2}-\d{2}/.test(code) ? null : /.*\b\d{4}-\d{2}-\d{2}\b.*/.exec(text));
		if (stray) found.push(`${path} shows ${stray[0]}`);
		if (wide > 0) found.push(`${path} is ${wide} px too wide`);
		for (const window of everyWindow ? windows : []) {
			await page.setViewportSize(window);
			const over = await tooWide(page);
			if (over > 0) found.push(`${path} is ${over} px too wide in a window of ${window.width}`);
		}
		if (everyWindow) await page.setViewportSize(size);
	}
	return found;
}

/** Every screen once in each theme and once at each size. */
const looks: readonly Look[] = [
	{ mode: 'day', size: 'phone' },
	{ mode: 'night', size: 'desk' }
];

for (const look of looks)
	test(`no screen has an accessibility finding: ${look.mode}, ${look.size}`, async ({ page, app }) => {
		await dress(page, look);
		const sprayer = await sprayerId(app, 'Long-meadow boom');
		const [calibration] = await app.query<{ id: string }>(
			"select c.id from calibration c join sprayer s on s.id = c.sprayer_id where s.name = 'Long-meadow boom' order by jsonb_array_length(findings) desc limit 1"
		);
		const [plan] = await app.query<{ id: string }>('select id from tank_plan limit 1');
		const [mix] = await app.query<{ id: string }>('select id from tank_mix limit 1');
		const jobs = await app.query<{ id: string }>('select id from job order by day');
		const begun = await beginCalibration(page, app);
		await page.goto(`${app.origin}/rounds/${begun}/speed`);
		await page.getByLabel('Course length').fill('200 ft');
		await page.keyboard.press('Enter');
		await page.getByLabel('Or type a time').fill('27.5');
		await page.keyboard.press('Enter');
		await expect(page.getByLabel('Or type a time')).toHaveValue('');
		const paths = [
			'/',
			'/sprayers',
			'/sprayers/new',
			`/sprayers/${sprayer}`,
			`/sprayers/${sprayer}/edit`,
			`/calibrations/${calibration!.id}`,
			`/calibrations/${calibration!.id}/tank`,
			`/calibrations/${calibration!.id}/adjust`,
			'/full-tank',
			`/full-tank?mix=${mix!.id}`,
			`/figures?sprayer=${sprayer}`,
			`/figures?sprayer=${sprayer}&tab=what-if`,
			`/rounds/new?sprayer=${sprayer}&after=${calibration!.id}`,
			'/nozzles',
			'/nozzles/new',
			'/nozzles/import',
			'/jobs',
			'/jobs/new',
			...jobs.flatMap(({ id }) => [`/jobs/${id}`, `/jobs/${id}/run`]),
			`/jobs/${jobs[1]!.id}/day`,
			`/jobs/${jobs[1]!.id}/close`,
			'/log',
			'/log/season',
			'/log/import',
			'/farm-file',
			`/log/${jobs[0]!.id}`,
			'/ground',
			'/ground/new',
			'/ground/import',
			'/products',
			'/products/new',
			'/products/import',
			`/tank-plans/${plan!.id}`,
			'/farm',
			'/nowhere',
			...steps.map((s) => `/rounds/${begun}/${s}`)
		];
		expect(await visit(page, app.origin, paths, { everyWindow: look.size === 'phone' })).toEqual([]);
		expect(await visit(page, app.origin, paths, { language: 'es' })).toEqual([]);
	});

for (const look of looks)
	for (const [name, names] of Object.entries(otherSteps))
		test(`${name}: no screen has an accessibility finding: ${look.mode}, ${look.size}`, async ({ page, app }) => {
			await dress(page, look);
			const sprayer = await sprayerId(app, name);
			const begun = await beginCalibration(page, app, name);
			const signed = await app.query<{ id: string }>('select id from calibration where sprayer_id = $1 limit 2', [
				sprayer
			]);
			const found = await visit(page, app.origin, [
				...names.map((step) => `/rounds/${begun}/${step}`),
				`/sprayers/${sprayer}`,
				...(name === 'Nursery knapsack'
					? [
							`/sprayers/${sprayer}/import`,
							`/sprayers/${sprayer}/team`,
							`/sprayers/${sprayer}/compare?one=${signed[0]!.id}&two=${signed[1]!.id}`
						]
					: [`/sprayers/${sprayer}/settings/new`, `/calibrations/${signed[0]!.id}`])
			]);
			expect(found).toEqual([]);
		});

/** Exercises whose yards look different beside the steps. */
const yards = {
	'Boom in gallons': steps,
	'First blower': ['swath', 'flow'],
	'A row of pans': ['swath', 'flow'],
	'Mist over a row': ['plot', 'tank', 'sign-off']
} as const;

for (const look of looks)
	test(`the practice yard: no screen has an accessibility finding: ${look.mode}, ${look.size}`, async ({
		page,
		app
	}) => {
		await dress(page, look);
		const paths = ['/practice'];
		for (const [title, names] of Object.entries(yards)) {
			await page.goto(`${app.origin}/practice`);
			await page.getByRole('button', { name: `Start: ${title}` }).click();
			await page.waitForURL(/\/ready$/);
			const base = new URL(page.url()).pathname.replace(/\/ready$/, '');
			paths.push(...names.map((step) => `${base}/${step}`), `${base}/reveal`);
		}
		expect(await visit(page, app.origin, paths, { everyWindow: look.size === 'phone' })).toEqual([]);
		expect(await visit(page, app.origin, paths.slice(0, 8), { language: 'es' })).toEqual([]);
	});

test('a new farm’s first page leads to its first calibration', async ({ page, bareApp }) => {
	await page.goto(bareApp.origin);
	await expect(page).toHaveURL(/\/welcome$/);
	expect(await findings(page)).toEqual([]);
	const pick = (name: string) => pickFrom(page, 'Where it is', name);
	// What a tank of 500 is follows from the country, and stands there before anything is kept.
	await pick('Germany');
	await expect(page.getByText('L/ha · km/h')).toBeVisible();
	await pick('United States');
	await expect(page.getByText('US gal/ac · mph')).toBeVisible();
	await expect(page.getByRole('combobox', { name: 'Where it is' })).toHaveValue('United States');
	// The device is in none of its zones, so the farm's is asked for.
	await page.getByLabel('Time zone').selectOption('America/Chicago');
	await page.getByRole('button', { name: 'Start the first calibration' }).click();
	await expect(page.getByText('A farm needs a name, like Quillet Farm.')).toBeVisible();
	await page.getByLabel('What it is called').fill('Sample Farm');
	await page.getByLabel('What you call the sprayer').fill('First boom');
	await page.getByLabel('Its tank holds, gal').fill('500');
	await page.getByRole('button', { name: 'Start the first calibration' }).click();
	await expect(page.getByRole('heading', { name: 'Check the sprayer' })).toBeVisible();
	await page.goto(`${bareApp.origin}/sprayers`);
	await page.getByRole('link', { name: 'First boom' }).first().click();
	await expect(page.getByText('500 gal tank')).toBeVisible();
	await page.goto(`${bareApp.origin}/welcome`);
	await expect(page).toHaveURL(/\/$/);
});

test('a tap is not lost while a new farm takes the zone of its first browser', async ({ page, bareApp }) => {
	let answered = () => {};
	const zone = new Promise<void>((resolve) => (answered = resolve));
	// The worst order: the zone's answer comes after the tap, the next page's data after the page was read anew.
	let tapped = () => {};
	const tap = new Promise<void>((resolve) => (tapped = resolve));
	await page.route('**/api/farm/zone', async (route) => {
		await tap;
		await route.continue();
	});
	await page.route('**/sprayers/new/__data.json*', async (route) => {
		tapped();
		await zone;
		await route.continue();
	});
	page.on('response', (response) => {
		if (response.url().endsWith('/api/farm/zone')) answered();
	});
	await page.goto(`${bareApp.origin}/sprayers`);
	await page.getByRole('link', { name: 'Add a sprayer' }).click();
	await expect(page.getByRole('textbox', { name: 'Name' })).toBeVisible();
});

test('what is typed stays while a new farm takes the zone of its first browser', async ({ page, bareApp }) => {
	let typed = () => {};
	const form = new Promise<void>((resolve) => (typed = resolve));
	await page.route('**/api/farm/zone', async (route) => {
		await form;
		await route.continue();
	});
	await page.goto(`${bareApp.origin}/farm`);
	await page.getByLabel('Imp gal/ac').check();
	await page.getByLabel('Name of the farm').fill('Sample Farm');
	const readAnew: string[] = [];
	page.on('request', (request) => {
		if (/farm\/__data\.json/.test(request.url())) readAnew.push(request.url());
	});
	const answer = page.waitForResponse('**/api/farm/zone');
	typed();
	await answer;
	// A way to the server and back later, the page has done what it does about the answer.
	await page.evaluate(() => fetch('/healthz').then((health) => health.text()));
	expect(readAnew).toEqual([]);
	// The next page tells of it.
	const again = page.waitForResponse(/sprayers\/__data\.json/);
	await expect(page.getByLabel('Imp gal/ac')).toBeChecked();
	await expect(page.getByLabel('Name of the farm')).toHaveValue('Sample Farm');
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(page.getByText('Saved. New calibrations')).toBeVisible();
	await page.getByRole('link', { name: 'Sprayers' }).first().click();
	await again;
	const [farm] = await bareApp.query<{ unit: string }>("select settings ->> 'rateUnit' as unit from farm");
	expect(farm!.unit).toBe('Imp gal/ac');
});

test('an answer that appears below the fold comes into sight, and a page that opens stays at its top', async ({
	page,
	app
}) => {
	await page.setViewportSize({ width: 390, height: 844 });
	const begun = await beginCalibration(page, app, 'Hazel-row blower');
	// A step with a status far down, opened by a tap.
	await page.goto(`${app.origin}/rounds/${begun}/speed`);
	await page.getByRole('button', { name: 'To the alley' }).click();
	await page.waitForURL(/swath/);
	await expect(page.getByText('Row to row')).toBeVisible();
	expect(await page.evaluate(() => window.scrollY)).toBe(0);
	await page.goto(`${app.origin}/rounds/${begun}/plot`);
	await page.evaluate(() => {
		// What a step would tell at its end.
		const end = document.createElement('div');
		end.style.marginTop = '2000px';
		document.querySelector('main')!.append(end);
		addEventListener('pointerdown', () => {
			const answer = document.createElement('p');
			answer.setAttribute('role', 'alert');
			answer.textContent = 'Too short';
			setTimeout(() => end.append(answer));
		});
	});
	await page.mouse.click(195, 400);
	await expect(page.getByText('Too short')).toBeInViewport();
});

test.describe('a phone in another zone than the farm', () => {
	test.use({ timezoneId: 'America/New_York' });
	test('is told whose clock the times are of', async ({ page, app }) => {
		await page.goto(app.origin);
		await expect(page.getByRole('note').filter({ hasText: 'The farm’s clock shows' })).toContainText(
			/\(UTC\), this phone’s \d\d:\d\d\s+\(America\/New_York\)/
		);
	});
});

test('the farm’s unit, school and decimal sign reach every figure', async ({ page, bareApp }) => {
	await page.goto(`${bareApp.origin}/farm`);
	await page.getByLabel('Imp gal/ac').check();
	await page.getByLabel('Imperial (4.546 L)').check();
	await page.getByLabel('Name of the farm').fill('');
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(page.getByRole('alert')).toContainText('needs a name');
	await page.getByLabel('Name of the farm').fill('Sample Farm');
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(page.getByText('Saved. New calibrations')).toBeVisible();
	await page.reload();
	await expect(page.getByLabel('Imp gal/ac')).toBeChecked();
	await expect(page.getByLabel('Imperial (4.546 L)')).toBeChecked();
	await page.getByLabel('L/ha').check();
	await page.getByLabel('US (3.785 L)').check();
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(page.getByText('Saved. New calibrations')).toBeVisible();
});
