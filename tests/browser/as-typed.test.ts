import type { Page } from '@playwright/test';
import { beginCalibration, enter, expect, onDevice, test } from './fixtures';

/** The farm as this device last saw it. */
const farmOnDevice = (page: Page) =>
	page.evaluate(
		() =>
			new Promise<string>((done) => {
				const open = indexedDB.open('fallow');
				open.onsuccess = () => {
					const look = open.result.transaction('kept').objectStore('kept').get('farm');
					look.onsuccess = () => {
						open.result.close();
						done(JSON.stringify(look.result));
					};
				};
			})
	);

test('what was typed in one measure is the same amount once the farm thinks in another', async ({ page, app }) => {
	const boom = await beginCalibration(page, app, 'Long-meadow boom');
	await page.goto(`${app.origin}/rounds/${boom}/swath`);
	await enter(page, 'Nozzles above the target', '26');
	const knapsack = await beginCalibration(page, app, 'Nursery knapsack');
	await page.getByRole('textbox', { name: 'Who carries it' }).fill('D. Sample');
	await page.getByText('Refill', { exact: true }).click();
	await onDevice(page);
	await page.goto(`${app.origin}/rounds/${knapsack}/plot`);
	await page.getByText('any sides').click();
	await enter(page, 'One side', '40');
	await enter(page, 'The other side', '8.5');
	await expect(page.getByRole('textbox', { name: 'The other side' })).toHaveValue('8.5');

	await page.goto(`${app.origin}/farm`);
	await page.getByLabel('L/ha', { exact: true }).check();
	await page.getByText('Write and show a decimal comma').click();
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(page.getByText('Saved. New calibrations')).toBeVisible();
	// A page of the field opens with what the device knows, and asks for the farm as it is now: the next one has it.
	await page.goto(`${app.origin}/rounds/${boom}/swath`);
	await expect.poll(() => farmOnDevice(page)).toContain('"decimalComma":true');
	await page.reload();
	await expect(page.getByRole('textbox', { name: 'Nozzles above the target' })).toHaveValue('26 in');
	await expect(page.getByText('12 nozzles × 20 in')).toBeVisible();
	await page.goto(`${app.origin}/rounds/${knapsack}/plot`);
	await expect(page.getByRole('textbox', { name: 'One side' })).toHaveValue('40 ft');
	await expect(page.getByRole('textbox', { name: 'The other side' })).toHaveValue('8,5 ft');
	// Touched and left, it is not kept anew as another amount.
	await page.getByRole('textbox', { name: 'The other side' }).press('Enter');
	await expect(page.getByRole('textbox', { name: 'One side' })).toHaveValue('40 ft');
	await expect(page.getByRole('textbox', { name: 'The other side' })).toHaveValue('8,5 ft');
});
