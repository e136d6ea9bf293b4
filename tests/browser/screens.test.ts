import AxeBuilder from '@axe-core/playwright';
import { beginRound, expect, sprayerId, test } from './fixtures';

const steps = ['ready', 'speed', 'swath', 'flow', 'volume', 'sign-off'];

async function findings(page: import('@playwright/test').Page) {
	const { violations } = await new AxeBuilder({ page })
		.withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'])
		.analyze();
	return violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(' ')).join(', ')}`);
}

for (const mode of ['day', 'night'])
	for (const [size, viewport] of [
		['desk', { width: 1280, height: 800 }],
		['phone', { width: 390, height: 844 }]
	] as const)
		test(`no screen has an accessibility finding: ${mode}, ${size}`, async ({ page, app }) => {
			test.setTimeout(120_000);
			await page.setViewportSize(viewport);
			await page.emulateMedia({ reducedMotion: 'reduce' });
			await page.addInitScript((m) => localStorage.setItem('fallow-mode', m), mode);
			const sprayer = await sprayerId(app, 'Long-meadow boom');
			const [calibration] = await app.query<{ id: string }>(
				"select c.id from calibration c join sprayer s on s.id = c.sprayer_id where s.name = 'Long-meadow boom' order by jsonb_array_length(findings) desc limit 1"
			);
			const [plan] = await app.query<{ id: string }>('select id from tank_plan limit 1');
			const round = await beginRound(page, app);
			await page.goto(`${app.origin}/rounds/${round}/speed`);
			await page.getByLabel('Course length').fill('200 ft');
			await page.keyboard.press('Enter');
			await page.getByLabel('Or type a time').fill('27.5');
			await page.keyboard.press('Enter');
			await expect(page.getByLabel('Or type a time')).toHaveValue('');
			const found: string[] = [];
			for (const path of [
				'/',
				'/sprayers',
				'/sprayers/new',
				`/sprayers/${sprayer}`,
				`/sprayers/${sprayer}/edit`,
				`/calibrations/${calibration!.id}`,
				`/calibrations/${calibration!.id}/tank`,
				`/tank-plans/${plan!.id}`,
				'/farm',
				'/nowhere',
				...steps.map((s) => `/rounds/${round}/${s}`)
			]) {
				await page.goto(app.origin + path);
				await page.locator('h1:visible, h2:visible').first().waitFor();
				for (const one of await findings(page)) found.push(`${path} ${one}`);
				const wide = await page.evaluate(
					() => document.documentElement.scrollWidth - document.documentElement.clientWidth
				);
				if (wide > 0) found.push(`${path} is ${wide} px too wide`);
			}
			expect(found).toEqual([]);
		});

test('a new farm’s first page leads to its first calibration', async ({ page, bareApp }) => {
	await page.goto(bareApp.origin);
	await page.getByRole('link', { name: 'Add the first sprayer' }).click();
	await page.getByLabel('What you call it').fill('First boom');
	await page.getByLabel('Nozzles', { exact: false }).first().fill('6');
	await page.getByLabel('Nozzle spacing').fill('50');
	await page.getByLabel('Tank').fill('400');
	await page.getByRole('button', { name: 'Add it' }).click();
	await expect(page.getByText('Not calibrated yet')).toBeVisible();
	await page.getByRole('link', { name: 'Start a round' }).click();
	await expect(page.getByRole('heading', { name: 'Ready the rig' })).toBeVisible();
});

test('the farm’s unit, school and decimal sign reach every figure', async ({ page, bareApp }) => {
	await page.goto(`${bareApp.origin}/farm`);
	await page.getByLabel('Imp gal/ac').check();
	await page.getByLabel('Imperial (4.546 L)').check();
	await page.getByLabel('Name of the farm').fill('');
	await page.getByRole('button', { name: 'Keep it' }).click();
	await expect(page.getByRole('alert')).toContainText('needs a name');
	await page.getByLabel('Name of the farm').fill('Sample Farm');
	await page.getByRole('button', { name: 'Keep it' }).click();
	await expect(page.getByText('Kept.')).toBeVisible();
	await page.reload();
	await expect(page.getByLabel('Imp gal/ac')).toBeChecked();
	await expect(page.getByLabel('Imperial (4.546 L)')).toBeChecked();
	await page.getByLabel('L/ha').check();
	await page.getByLabel('US (3.785 L)').check();
	await page.getByRole('button', { name: 'Keep it' }).click();
	await expect(page.getByText('Kept.')).toBeVisible();
});
