import type { Page } from '@playwright/test';
import { v7 } from 'uuid';
import { startServer } from '../../scripts/lib/server.mjs';
import { expect } from './fixtures';
import { base, people, signedIn } from './people-hands';

base('a label that somebody else changed since it was opened shows both, and asks', async ({ farm, browser }) => {
	const [product] = await farm.query<{ id: string }>('select id from product order by name limit 1');
	const path = `${farm.origin}/products/${product!.id}`;
	const owner = await signedIn(browser, farm, 'owner');
	const manager = await signedIn(browser, farm, 'manager');
	await owner.page.goto(path);
	await manager.page.goto(path);
	await manager.page.getByLabel('Name', { exact: false }).first().fill('Renamed by Max');
	await manager.page.getByRole('button', { name: 'Save' }).click();
	await manager.page.waitForURL(/\/products$/);

	await owner.page.getByLabel('Name', { exact: false }).first().fill('Renamed by Olive');
	await owner.page.getByRole('button', { name: 'Save' }).click();
	await expect(owner.page.getByText('Max Example changed this since you opened it')).toBeVisible();
	await expect(owner.page.getByText('“Renamed by Max”')).toBeVisible();
	await expect(owner.page.getByLabel('Name', { exact: false }).first()).toHaveValue('Renamed by Olive');
	await owner.page.getByRole('button', { name: 'Save' }).click();
	await owner.page.waitForURL(/\/products$/);
	const [now] = await farm.query<{ name: string }>('select name from product where id = $1', [product!.id]);
	expect(now!.name).toBe('Renamed by Olive');
	await owner.page.goto(path);
	await expect(owner.page.getByText('Last changed by Olive Sample')).toBeVisible();
});

base(
	'a setting and a nozzle of the catalogue that somebody else changed are asked about too',
	async ({ farm, browser }) => {
		const [setting] = await farm.query<{ id: string; sprayer_id: string }>(
			'select id, sprayer_id from setting limit 1'
		);
		const owner = await signedIn(browser, farm, 'owner');
		const manager = await signedIn(browser, farm, 'manager');
		const save = (page: Page) => page.getByRole('button', { name: 'Save', exact: true }).first().click();
		const changed = async (path: string, field: string, to: readonly [string, string], done: RegExp) => {
			for (const { page } of [owner, manager]) await page.goto(farm.origin + path);
			const name = (page: Page) => page.getByRole('textbox', { name: field }).first();
			await name(manager.page).fill(to[0]);
			await save(manager.page);
			await manager.page.waitForURL(done);
			await name(owner.page).fill(to[1]);
			await save(owner.page);
			await expect(owner.page.getByText(`“${to[0]}”`)).toBeVisible();
			await expect(name(owner.page)).toHaveValue(to[1]);
			await save(owner.page);
			await owner.page.waitForURL(done);
		};
		const sprayer = `/sprayers/${setting!.sprayer_id}`;
		await changed(
			`${sprayer}/settings/${setting!.id}`,
			'Note',
			['said by Max', 'said by Olive'],
			/\/sprayers\/[0-9a-f-]+$/
		);
		const [kept] = await farm.query<{ note: string }>("select body->>'note' as note from setting where id = $1", [
			setting!.id
		]);
		expect(kept!.note).toBe('said by Olive');
		const [nozzle] = await farm.query<{ id: string }>('select id from nozzle limit 1');
		await changed(`/nozzles/${nozzle!.id}`, 'Name', ['Named by Max', 'Named by Olive'], /\/nozzles$/);
	}
);

base(
	'a passkey is made on a device, signs in without a password, and is gone once it is removed',
	async ({ farm, page }) => {
		// A passkey belongs to a name: an address in figures has none.
		const port = new URL(farm.origin).port;
		const named = await startServer({
			env: {
				DATABASE_URL: farm.databaseUrl,
				PORT: `${Number(port) + 1}`,
				HOST: '127.0.0.1',
				ORIGIN: `http://localhost:${Number(port) + 1}`,
				FALLOW_DEMO: '1'
			},
			logFile: `test-results/server-passkey-${v7()}.log`
		});
		const origin = `http://localhost:${named.port}`;
		const cdp = await page.context().newCDPSession(page);
		await cdp.send('WebAuthn.enable');
		await cdp.send('WebAuthn.addVirtualAuthenticator', {
			options: {
				protocol: 'ctap2',
				transport: 'internal',
				hasResidentKey: true,
				hasUserVerification: true,
				isUserVerified: true,
				automaticPresenceSimulation: true
			}
		});
		await page.goto(`${origin}/sign-in`);
		await page.getByRole('button', { name: people.owner }).click();
		await page.waitForURL((url) => url.pathname === '/');
		await page.goto(`${origin}/me`);
		await page.getByRole('button', { name: 'Make a passkey on this device' }).click();
		await expect(page.getByRole('button', { name: /^Remove/ }).first()).toBeVisible();
		expect(await farm.query('select id from passkey')).toHaveLength(1);
		await page.context().clearCookies();
		await page.goto(`${origin}/sign-in`);
		await page.getByRole('button', { name: 'Sign in with a passkey' }).click();
		await page.waitForURL((url) => url.pathname === '/');
		await page.goto(`${origin}/me`);
		await expect(page.getByText(people.owner).first()).toBeVisible();
		await farm.query('delete from passkey');
		await page.context().clearCookies();
		await page.goto(`${origin}/sign-in`);
		await page.getByRole('button', { name: 'Sign in with a passkey' }).click();
		await expect(page.getByText('The passkey was not taken.')).toBeVisible();
		await page.close();
		await named.stop();
	}
);
