import type { Browser } from '@playwright/test';
import { loadDemo } from '../../scripts/lib/demo.mjs';
import type { Role } from '../../src/lib/settings/roles';
import type { App } from './fixtures';
import { awake, startApp, test } from './fixtures';

type Running = Awaited<ReturnType<typeof startApp>>;
export const base = test.extend<{ farm: Running }>({
	/** The demo with its invented people: everybody has to come in first. */
	farm: [
		async ({ page }, use) => {
			const app = await startApp(true, { FALLOW_DEMO: '1' });
			await loadDemo(app.databaseUrl, { people: true });
			await use(app);
			await page.close();
			await app.end();
		},
		{ timeout: 300_000 }
	]
});

export const people = {
	owner: 'Olive Sample',
	manager: 'Max Example',
	operator: 'Ana Muster',
	adviser: 'Iris Model'
} as const;

export async function signedIn(browser: Browser, app: App, role: Role) {
	const context = await browser.newContext({ baseURL: app.origin });
	const page = awake(await context.newPage());
	await page.goto(`${app.origin}/sign-in`);
	await page.getByRole('button', { name: people[role] }).click();
	await page.waitForURL((url) => url.pathname === '/');
	return { context, page, ask: context.request };
}
