import type { Page } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { expect, fromMenu, test } from './fixtures';

const drawnMap = (page: Page) => page.locator('.map[data-drawn="true"]').waitFor();

test('a block by its rows, with what lies beside it, and a boundary drawn on the map', async ({ page, app }) => {
	await page.goto(`${app.origin}/ground`);
	await page.getByRole('link', { name: 'Add a block' }).click();
	await drawnMap(page);
	await page.getByLabel('Name').fill('Test rows');
	await page.getByLabel('Kind').selectOption('orchard');
	const area = page.getByRole('textbox', { name: 'Area', exact: true });
	await area.fill('5.2 ac');
	await page.getByText('Rows', { exact: true }).click();
	await page.getByLabel('Rows', { exact: true }).last().fill('ten');
	await page.getByLabel('Row length').fill('100 m');
	await page.getByLabel('Row to row').fill('5 m');
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(page.getByRole('alert')).toContainText('“ten” is not a whole number');
	await drawnMap(page);
	// What is out of sight comes back as well.
	await page.getByText('Area', { exact: true }).last().click();
	await expect(area).toHaveValue('5.2 ac');
	await page.getByText('Rows', { exact: true }).first().click();
	await page.getByLabel('Rows', { exact: true }).last().fill('40');
	await expect(page.locator('.answer')).toContainText('4.942');
	await page.getByRole('button', { name: 'Add what lies beside it' }).click();
	await page.getByRole('combobox', { name: /^What/ }).selectOption('hives');
	await page.getByRole('combobox', { name: /^Side/ }).selectOption('NE');

	// Three touches and one on the first corner close a boundary; its area is told as it grows.
	await page.getByRole('button', { name: 'Draw a boundary' }).click();
	const map = page.locator('.map');
	const box = (await map.boundingBox())!;
	const corners = [
		[0.35, 0.3],
		[0.6, 0.3],
		[0.6, 0.6],
		[0.4, 0.65]
	] as const;
	for (const [x, y] of corners) await page.mouse.click(box.x + box.width * x, box.y + box.height * y);
	await expect(page.locator('.said')).toContainText('Last side');
	await expect(page.locator('.said')).toContainText('so far');
	await page.mouse.click(box.x + box.width * 0.35, box.y + box.height * 0.3);
	await expect(page.locator('.said')).toContainText('on the ellipsoid');
	await page.getByText('Its corners, typed').click();
	await expect(page.getByLabel('Latitude, longitude')).toHaveValue(/^-?\d+\.\d+, -?\d+\.\d+\n/);
	await page.getByLabel('Latitude, longitude').fill('0, 0\n2, 2\n0, 2\n2, 0');
	await page.getByLabel('Latitude, longitude').blur();
	const crossing = page.getByRole('alert').filter({ hasText: 'crosses itself at 1.000000, 1.000000' });
	await expect(crossing).toBeVisible();
	await page.getByLabel('Latitude, longitude').fill('-30.5, -10.26\n-30.5, -10.259\n-30.499, -10.259');
	await page.getByLabel('Latitude, longitude').blur();
	await expect(crossing).toBeHidden();
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await page.waitForURL(/ground$/);
	const card = page.getByRole('listitem').filter({ hasText: 'Test rows' });
	await expect(card).toContainText('4.94');
	await expect(card).toContainText('Hives to the north-east');
	const [row] = await app.query<{ area_m2: number; corners: number }>(
		"select area_m2, jsonb_array_length(body->'boundary'->0->0) corners from block where name = 'Test rows'"
	);
	expect(row).toEqual({ area_m2: 20_000, corners: 4 });
	await page.getByRole('link', { name: 'Test rows' }).click();
	await page.getByRole('button', { name: 'Archive' }).click();
	await expect(page.getByRole('link', { name: 'Test rows' })).toBeHidden();
});

test('boundaries go out as GeoJSON, and come in from GeoJSON and KML: a crossing one is shown where', async ({
	page,
	app
}) => {
	await page.goto(`${app.origin}/ground`);
	const download = page.waitForEvent('download');
	await fromMenu(page, 'Export as GeoJSON');
	const out = readFileSync((await (await download).path())!, 'utf8');
	expect(JSON.parse(out)).toMatchObject({ type: 'FeatureCollection' });
	await fromMenu(page, 'Import boundaries');
	const open = (name: string, text: string) =>
		page.locator('input[type=file]').setInputFiles({ name, mimeType: 'text/plain', buffer: Buffer.from(text) });
	await open('broken.geojson', '{ "type":');
	await expect(page.getByRole('alert')).toContainText('its JSON is broken');
	await page
		.locator('input[type=file]')
		.setInputFiles({ name: 'huge.kml', mimeType: 'text/plain', buffer: Buffer.alloc(12_000_000) });
	await expect(page.getByRole('alert')).toContainText('is 12 MB; up to 10 MB works');
	const place = (name: string, corners: string) =>
		`<Placemark><name>${name}</name><Polygon><outerBoundaryIs><LinearRing><coordinates>${corners}</coordinates></LinearRing></outerBoundaryIs></Polygon></Placemark>`;
	await open(
		'fields.kml',
		`<?xml version="1.0"?><kml xmlns="http://www.opengis.net/kml/2.2"><Document>${place('Far piece', '-10.24,-30.5 -10.239,-30.5 -10.239,-30.499 -10.24,-30.5')}${place('Twisted', '0,0 2,2 2,0 0,2 0,0')}</Document></kml>`
	);
	await expect(page.getByText('crosses itself at 1.000000, 1.000000')).toBeVisible();
	await expect(page.getByRole('button', { name: 'Import 1' })).toBeVisible();
	await page.getByLabel('Name of Far piece').fill('Long meadow');
	await page.getByRole('button', { name: 'Import 1' }).click();
	await expect(page.getByRole('alert')).toContainText('There is a field called Long meadow already');
	await page.getByLabel('Name of Far piece').fill('Far piece');
	await page.getByRole('button', { name: 'Import 1' }).click();
	await page.waitForURL(/ground$/);
	await expect(page.getByRole('listitem').filter({ hasText: 'Far piece' })).toContainText('ac');
});
