import type { Page } from '@playwright/test';
import { awake, expect, offlineReady, test } from './fixtures';

/** Scripts that a page asks for, by the language of their tree; the workers of the browser have no words. */
function scriptsOf(page: Page): Map<string, number> {
	const seen = new Map<string, number>();
	page.on('request', (request) => {
		const tree = /\/_app\/immutable\/(?:([a-z]{2})\/)?(?:entry|chunks|nodes)\//.exec(request.url());
		if (tree) seen.set(tree[1] ?? 'en', (seen.get(tree[1] ?? 'en') ?? 0) + 1);
	});
	return seen;
}

test('a page carries the words of its own language alone, through every way on', async ({ browser, app }) => {
	for (const [locale, language, sprayers, title] of [
		['en-US', 'en', 'Sprayers', 'Sprayers'],
		['es-MX', 'es', 'Aspersoras', 'Aspersoras']
	] as const) {
		const context = await browser.newContext({ locale, serviceWorkers: 'block' });
		const page = awake(await context.newPage());
		const seen = scriptsOf(page);
		const links = (await (await page.goto(app.origin))!.allHeaders()).link ?? '';
		expect(/_app\/immutable\/es\//.test(links)).toBe(language === 'es');
		await page.locator('html[data-alive]').waitFor({ state: 'attached' });
		// By a link of the app, and by what is fetched when it is used.
		await page.getByRole('link', { name: sprayers, exact: true }).click();
		await expect(page.getByRole('heading', { name: title, level: 1 })).toBeVisible();
		await page.getByRole('link', { name: 'Long-meadow boom' }).click();
		await expect(page.getByRole('heading', { level: 1 })).toContainText('Long-meadow boom');
		expect([...seen.keys()]).toEqual([language]);
		expect(seen.get(language)).toBeGreaterThan(30);
		await context.close();
	}
});

test('a phone whose language is changed opens the pages of the field in it, with no signal any more', async ({
	browser,
	app
}) => {
	const context = await browser.newContext({
		locale: 'en-US',
		viewport: { width: 390, height: 844 },
		hasTouch: true
	});
	const page = awake(await context.newPage());
	await page.goto(app.origin);
	await offlineReady(page);
	// The worker is in charge of the pages from the next one on.
	await page.goto(app.origin);
	await page.getByRole('button', { name: 'More' }).click();
	await page.getByRole('dialog').getByLabel('Language').selectOption('es');
	await expect(page.locator('html')).toHaveAttribute('lang', 'es');
	await expect(page.getByRole('link', { name: 'Aspersoras', exact: true })).toBeVisible();
	await expect
		.poll(() =>
			page.evaluate(async () => {
				const name = (await caches.keys()).find((n) => n.startsWith('fallow-app-'))!;
				const kept = (await (await caches.open(name)).keys()).map((r) => new URL(r.url).pathname);
				const scripts = kept.filter((p) => /immutable\/(?:[a-z]{2}\/)?(?:entry|chunks|nodes)\//.test(p));
				return scripts.length > 100 && scripts.every((p) => p.includes('/immutable/es/'));
			})
		)
		.toBe(true);

	await context.setOffline(true);
	await page.goto(`${app.origin}/rounds/new`);
	await expect(page.locator('html')).toHaveAttribute('lang', 'es');
	await expect(page.getByRole('heading', { level: 1 })).toHaveText('Calibración nueva');
	await context.close();
});
