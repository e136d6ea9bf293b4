import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { test as base, expect } from '@playwright/test';
import pg from 'pg';
import { v7 } from 'uuid';
import { loadDemo } from '../../scripts/lib/demo.mjs';
import { startServer } from '../../scripts/lib/server.mjs';

/** The built app on a database of its own, with the demo farm in it or none. */
export interface App {
	readonly origin: string;
	readonly databaseUrl: string;
	/** Kills the server as a power cut would: no word, no chance to finish. */
	kill(): Promise<void>;
	/** Starts it again on the same port and database. */
	restart(): Promise<void>;
	query<T extends pg.QueryResultRow>(sql: string, values?: unknown[]): Promise<T[]>;
}

async function admin(sql: string) {
	const client = new pg.Client({ connectionString: process.env.FALLOW_TEST_DATABASE_URL });
	await client.connect();
	await client.query(sql).finally(() => client.end());
}

/** The demo farm as it was loaded, once for each worker; every test gets a copy of its own, so that none rests on another. */
let demoFarm: Promise<string> | null = null;
async function loadDemoFarm(base: string): Promise<string> {
	const name = `demo_${v7().replace(/-/g, '')}`;
	await admin(`create database ${name}`);
	await loadDemo(base.replace(/\/[^/]*$/, `/${name}`));
	return name;
}

async function startApp(demo: boolean, env: Record<string, string> = {}): Promise<App & { end(): Promise<void> }> {
	const base = process.env.FALLOW_TEST_DATABASE_URL;
	if (!base) throw new Error('FALLOW_TEST_DATABASE_URL is not set; `npm test` sets it');
	const name = `browser_${v7().replace(/-/g, '')}`;
	const template = demo ? ` template ${await (demoFarm ??= loadDemoFarm(base))}` : '';
	await admin(`create database ${name}${template}`);
	const databaseUrl = base.replace(/\/[^/]*$/, `/${name}`);
	const log = `test-results/server-${name}.log`;
	let server = await startServer({
		env: { DATABASE_URL: databaseUrl, PORT: '0', HOST: '127.0.0.1', ORIGIN: '', ...env },
		logFile: log
	});
	const port = server.port;
	return {
		origin: `http://127.0.0.1:${port}`,
		databaseUrl,
		async kill() {
			server.child.kill('SIGKILL');
			await server.exited;
		},
		async restart() {
			server = await startServer({
				env: { DATABASE_URL: databaseUrl, PORT: String(port), HOST: '127.0.0.1', ORIGIN: '' },
				logFile: log
			});
		},
		async query(sql, values) {
			const client = new pg.Client({ connectionString: databaseUrl });
			await client.connect();
			try {
				return (await client.query(sql, values)).rows;
			} finally {
				await client.end();
			}
		},
		async end() {
			await server.stop();
			await admin(`drop database ${name} with (force)`);
		}
	};
}

async function withApp(demo: boolean, page: Page, use: (app: App) => Promise<void>) {
	const app = await startApp(demo);
	await use(app);
	// The page goes before its server: what it was reading then is no fault of it.
	await page.close();
	await app.end();
}

/** A page that was gone to takes taps when the test goes on: before that it is only a picture. */
export function awake(page: Page): Page {
	const go = page.goto.bind(page);
	page.goto = async (...where) => {
		const answer = await go(...where);
		if (/text\/html/.test((await answer?.headerValue('content-type')) ?? ''))
			await page.locator('html[data-alive]').waitFor({ state: 'attached' });
		return answer;
	};
	return page;
}

export const test = base.extend<{ problems: string[]; app: App; bareApp: App }>({
	app: [({ page }, use) => withApp(true, page, use), { timeout: 300_000 }],
	/** A farm with nothing in it. */
	bareApp: [({ page }, use) => withApp(false, page, use), { timeout: 300_000 }],
	context: async ({ context }, use) => {
		const make = context.newPage.bind(context);
		context.newPage = async () => awake(await make());
		await use(context);
	},
	/** What the page threw, and calibrations of its own that it asked for before the server had them: a test that passes over a broken page is no test. */
	problems: [
		async ({ page }, use) => {
			const problems: string[] = [];
			const own = new Set<string>();
			const missed = new Set<string>();
			page.on('response', (response) => {
				const id = /\/api\/rounds\/([0-9a-f-]{36})$/.exec(response.url())?.[1];
				if (!id) return;
				if (response.request().method() === 'PUT') own.add(id);
				else if (response.status() === 404) missed.add(id);
			});
			page.on('pageerror', (error) => problems.push(error.message));
			page.on('console', (message) => {
				if (message.type() === 'error' && !/Failed to load resource|net::ERR/.test(message.text()))
					problems.push(message.text());
			});
			await use(problems);
			for (const id of missed) if (own.has(id)) problems.push(`round ${id} was asked for before it was sent`);
			expect(problems).toEqual([]);
		},
		{ auto: true }
	]
});
export { expect, startApp };

/** Picks one of many names in a field that is searched, once its list has come; of several fields the one at a place. */
export async function pickFrom(page: Page, field: string | RegExp, words: string, at = 0): Promise<void> {
	const box = page
		.locator('input[role=combobox]')
		.and(page.getByRole('combobox', { name: field }))
		.nth(at);
	await box.fill(words);
	await page.getByRole('option', { name: words, exact: true }).click();
}

/** What is seldom done with a page: behind its own button. */
export async function fromMenu(page: Page, action: string): Promise<void> {
	await page.getByRole('button', { name: 'Import, export' }).click();
	await page.getByRole('menuitem', { name: action }).click();
}

/** Id of a demo sprayer by its name. */
export async function sprayerId(app: App, name: string): Promise<string> {
	const [row] = await app.query<{ id: string }>('select id from sprayer where name = $1', [name]);
	if (!row) throw new Error(`no sprayer ${name}`);
	return row.id;
}

/** Begins a calibration on a demo sprayer and answers with its id. */
export async function beginCalibration(page: Page, app: App, name = 'Long-meadow boom'): Promise<string> {
	await page.goto(`${app.origin}/rounds/new?sprayer=${await sprayerId(app, name)}`);
	await page.getByRole('button', { name: 'Start a calibration' }).click();
	await page.waitForURL(/\/rounds\/[0-9a-f-]{36}\/ready/);
	return /rounds\/([0-9a-f-]{36})/.exec(page.url())![1]!;
}

/** Waits until the device can work with the server gone. */
export const offlineReady = (page: Page) => page.locator('html[data-offline="ready"]').waitFor();
export const allSent = (page: Page) =>
	expect(
		page
			.getByRole('status')
			.filter({ hasText: /saved and sent|^Saved$/ })
			.first()
	).toBeVisible();

/** What axe finds on a page, a line each. */
export async function findings(page: Page): Promise<string[]> {
	const { violations } = await new AxeBuilder({ page })
		.withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'])
		.analyze();
	return violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(' ')).join(', ')}`);
}

/** Tabs until something with this name has the focus: what a person without a pointer does. */
export async function tabTo(page: Page, name: RegExp, most = 60) {
	for (let i = 0; i < most; i += 1) {
		const label = await page.evaluate(() => {
			const at = document.activeElement;
			if (!at || at === document.body) return '';
			// A group that takes the focus on its own would take the key that is meant for what is in it.
			if (['group', 'radiogroup'].includes(at.getAttribute('role') ?? '')) return 'a group, not a thing in it';
			const by = at.id ? document.querySelector(`label[for="${CSS.escape(at.id)}"]`)?.textContent : '';
			return `${at.getAttribute('aria-label') ?? ''} ${by ?? ''} ${at.textContent ?? ''}${at instanceof HTMLInputElement && at.type === 'text' ? ' [text]' : ''}`
				.trim()
				.replace(/\s+/g, ' ');
		});
		if (label === 'a group, not a thing in it') throw new Error('Tab stopped at a group');
		if (name.test(label)) return;
		await page.keyboard.press('Tab');
	}
	throw new Error(`nothing called ${name} takes the focus`);
}

/** Types into the field of this name as a person would, enters it, and waits until the device has it. */
export async function enter(page: Page, name: string | RegExp, text: string): Promise<void> {
	await page.getByRole('textbox', { name }).fill(text);
	await page.getByRole('textbox', { name }).press('Enter');
	await onDevice(page);
}

/**
 * Until every write so far is in the device's memory. A write of this page's own waits for the one before it, and readings
 * wait for each other, so two looks that see the same number of entries have seen the last of them.
 */
export const onDevice = (page: Page) =>
	page.evaluate(
		() =>
			new Promise<void>((done, failed) => {
				const open = indexedDB.open('fallow');
				open.onerror = () => failed(new Error('the device’s memory cannot be opened'));
				open.onsuccess = () => {
					const look = (before: number) => {
						const writing = open.result.transaction('entries', 'readwrite');
						const count = writing.objectStore('entries').count();
						writing.oncomplete = () => {
							if (count.result !== before) return look(count.result);
							open.result.close();
							done();
						};
					};
					look(-1);
				};
			})
	);

/** Signs a calibration off and answers with what is in the database then. */
export async function signedOff(page: Page, app: App, id: string, person: string) {
	await expect(page.getByText(`Signed off by ${person}`)).toBeVisible();
	await allSent(page);
	const [row] = await app.query<{ rate: number; method: string; person: string; n: number | null }>(
		'select rate_m3_per_m2 rate, method, person, nozzles_on n from calibration where id = $1',
		[id]
	);
	if (!row) throw new Error('the round is not a calibration');
	return { ...row, litres: row.rate * 1e7 };
}
