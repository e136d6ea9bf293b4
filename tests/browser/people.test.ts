import type { APIRequestContext } from '@playwright/test';
import { v7 } from 'uuid';
import { routeRules } from '../../src/lib/server/people/route-rules';
import { rightsOf, roles } from '../../src/lib/settings/roles';
import { Seeded } from '../support/seeded';
import type { App } from './fixtures';
import { awake, expect, findings, test } from './fixtures';
import { base, people, signedIn } from './people-hands';

/** Requests of each role; `FALLOW_NONSENSE=5000` for the long form. */
const nonsense = Number(process.env.FALLOW_NONSENSE ?? 250);

/** An id of each kind that an address may name: of this farm, and of another one. */
async function idsOf(app: App) {
	const id = async (table: string) => (await app.query<{ id: string }>(`select id from ${table} limit 1`))[0]!.id;
	const calibration = await id('calibration');
	const [of] = await app.query<{ sprayer_id: string; setting_id: string }>(
		`select sprayer_id, setting_id from calibration where id = '${calibration}'`
	);
	return {
		calibrations: calibration,
		rounds: calibration,
		sprayers: of!.sprayer_id,
		setting: of!.setting_id,
		jobs: await id('job'),
		products: await id('product'),
		nozzles: await id('product'),
		ground: await id('block'),
		log: await id('record'),
		'tank-plans': calibration
	};
}

const pathOf = (route: string, ids: Readonly<Record<string, string>>) => {
	const path = route.replace(/\/\([a-z]+\)/g, '') || '/';
	const kind = path.split('/').find((part) => part in ids) ?? 'jobs';
	return path
		.replace('[id]', ids[kind]!)
		.replace('[setting]', ids.setting!)
		.replace('[step]', 'ready')
		.replace('[token]', 'nonsense')
		.replace('[...rest]', 'nothing');
};

const get = (ask: APIRequestContext, url: string) => ask.get(url, { maxRedirects: 0 });

base('every route lets in who may, by the table, and nobody else', async ({ farm, browser }) => {
	const ids = await idsOf(farm);
	const bare = await browser.newContext();
	const wrong: string[] = [];
	const asked = Object.entries(routeRules).filter(([route]) => route !== '/api/news');
	for (const [route, rule] of asked) {
		const path = pathOf(route, ids);
		if (rule.read && rule.read !== 'anyone') {
			const status = (await get(bare.request, farm.origin + path)).status();
			if (status !== (path.startsWith('/api/') ? 401 : 303)) wrong.push(`nobody GET ${path}: ${status}`);
		}
	}
	for (const role of roles) {
		const { ask, context } = await signedIn(browser, farm, role);
		const has = (need: string) => need === 'anyone' || need === 'signed-in' || rightsOf(role).includes(need as 'see');
		for (const [route, rule] of asked) {
			const path = pathOf(route, ids);
			if (rule.read) {
				const status = (await get(ask, farm.origin + path)).status();
				// An operator writes the records of own jobs, and has none here.
				const own = role === 'operator' && route.endsWith('/record');
				if (has(rule.read) && !own ? status === 401 || status === 403 || status >= 500 : status !== 403)
					wrong.push(`${role} GET ${path}: ${status}`);
			}
			for (const [name, need] of Object.entries(rule.write ?? {})) {
				// What may be done is not done here: only what is refused is asked for.
				if (has(need)) continue;
				const method = /^[A-Z]+$/.test(name);
				const url = farm.origin + path + (method || name === 'default' ? '' : `?/${name}`);
				const answer = await ask.fetch(url, {
					method: method ? name : 'POST',
					headers: { origin: farm.origin, ...(method ? { 'content-type': 'application/json' } : {}) },
					...(method ? { data: '{}' } : { form: { nothing: 'x' } }),
					maxRedirects: 0
				});
				if (answer.status() !== 403) wrong.push(`${role} ${name} ${path}: ${answer.status()}`);
			}
		}
		await context.close();
	}
	expect(wrong).toEqual([]);
});

base('ids of another farm are not found, by whoever asks', async ({ farm, browser }) => {
	const ids = await idsOf(farm);
	// The same things, of a farm that nobody of these is on.
	const other = v7();
	await farm.query('insert into farm (id, name, settings) values ($1, $2, $3)', [other, 'Other farm', '{}']);
	await farm.query('alter table record disable trigger user');
	const { ask } = await signedIn(browser, farm, 'owner');
	const [session] = await farm.query<{ id: string }>('select id from person_session order by created_at desc limit 1');
	await farm.query(
		'insert into membership (farm_id, person_id, role) select $1, person_id, $2 from person_session where id = $3',
		[other, 'owner', session!.id]
	);
	await farm.query('update person_session set farm_id = $1 where id = $2', [other, session!.id]);
	const found: string[] = [];
	for (const [route, rule] of Object.entries(routeRules)) {
		if (!/\[id\]/.test(route) || !rule.read || rule.read === 'anyone') continue;
		const path = pathOf(route, ids);
		const status = (await get(ask, farm.origin + path)).status();
		if (status !== 404) found.push(`${path}: ${status}`);
	}
	expect(found).toEqual([]);
});

base(
	'nonsense of every kind is refused in words, never by a fault, and nothing of it is written',
	async ({ farm, browser }) => {
		const ids = await idsOf(farm);
		const random = new Seeded(171);
		const counts = () =>
			farm.query(
				'select (select count(*) from job) as j, (select count(*) from product) as p, (select count(*) from record) as r'
			);
		const before = await counts();
		const odd = [
			'\u0000',
			'\ud800',
			'0000-01-01',
			'2026-02-30',
			'2026-01-01T00:00:00+16:00',
			'%00',
			'../..',
			'9'.repeat(400),
			'{}',
			'[]',
			'null',
			'💧',
			'',
			'-1',
			'1e999',
			"'; select 1 --"
		];
		const pick = <T>(list: readonly T[]) => list[random.whole(0, list.length - 1)]!;
		const faults: string[] = [];
		// First, of every action: a form that names things that cannot be.
		{
			const { ask, context } = await signedIn(browser, farm, 'owner');
			for (const [route, rule] of Object.entries(routeRules))
				for (const name of Object.keys(rule.write ?? {}).filter((n) => !/^[A-Z]+$/.test(n) && n !== 'leave')) {
					const url = `${farm.origin}${pathOf(route, ids)}${name === 'default' ? '' : `?/${name}`}`;
					const form = { id: 'x', person: 'x', farm: 'x', setting: 'x', key: 'x', product: 'x', block: 'x', link: 'x' };
					const status = (await ask.post(url, { form, maxRedirects: 0, headers: { origin: farm.origin } })).status();
					if (status >= 500) faults.push(`owner ${name} ${route}: ${status}`);
				}
			await context.close();
		}
		for (const role of roles) {
			const { ask, context } = await signedIn(browser, farm, role);
			for (let i = 0; i < nonsense; i += 1) {
				const [route, rule] = pick(
					Object.entries(routeRules).filter(([name]) => name !== '/api/news' && !name.includes('sign-out'))
				);
				const mixed =
					random.next() < 0.3
						? { ...ids, jobs: pick(odd), products: pick(odd), sprayers: pick(odd), log: pick(odd) }
						: ids;
				const path = pathOf(route, mixed)
					.split('/')
					.map((part) => encodeURIComponent(part.toWellFormed()).slice(0, 300))
					.join('/');
				const query =
					random.next() < 0.5
						? `?${encodeURIComponent(pick(['year', 'from', 'after', 'paper', 'calibration', 'sprayer', 'job']))}=${encodeURIComponent(pick(odd).replace(/[\ud800-\udfff]/g, 'x'))}`
						: '';
				const writes = Object.keys(rule.write ?? {}).filter(
					(name) => !['leave', 'end', 'device', 'PUT'].includes(name) || name === 'PUT'
				);
				let status: number;
				if (random.next() < 0.5 || writes.length === 0) status = (await get(ask, farm.origin + path + query)).status();
				else {
					const name = pick(writes);
					const method = /^[A-Z]+$/.test(name);
					const url = farm.origin + path + (method || name === 'default' ? query : `?/${name}`);
					const body = pick<object>([
						{
							data: pick([
								'{',
								'{}',
								'[]',
								'null',
								'"x"',
								`{"entries":[{"id":"${pick(odd)}"}]}`,
								'{"round":{"id":1},"entries":[]}'
							]),
							headers: { 'content-type': 'application/json' }
						},
						{ form: { day: pick(odd), name: pick(odd), id: pick(odd), plan: pick(odd), first: pick(odd) } },
						{
							multipart: {
								file: {
									name: pick(['a.csv', 'b.zip', 'c.geojson']),
									mimeType: 'text/plain',
									buffer: Buffer.from(pick(odd) + pick(odd))
								},
								text: pick(odd)
							}
						},
						{ data: 'no boundary', headers: { 'content-type': 'multipart/form-data' } },
						{
							data: `--x\r\nContent-Disposition: form-data; name="a"\r\n\r\ncut`,
							headers: { 'content-type': 'multipart/form-data; boundary=x' }
						},
						{ data: pick(odd), headers: { 'content-type': 'text/plain' } }
					]) as { headers?: Record<string, string> };
					const answer = await ask.fetch(url, {
						method: method ? name : 'POST',
						maxRedirects: 0,
						...body,
						headers: { origin: farm.origin, ...body.headers }
					});
					status = answer.status();
					if (status >= 500)
						faults.push(`${role} ${name} ${path}${query} ${JSON.stringify(body).slice(0, 200)}: ${status}`);
					continue;
				}
				if (status >= 500) faults.push(`${role} GET ${path}${query}: ${status}`);
			}
			await context.close();
		}
		expect([...new Set(faults)].slice(0, 20)).toEqual([]);
		expect(await counts()).toEqual(before);
	}
);

base('somebody is invited, joins on a phone, works, and is shut out', async ({ farm, browser }) => {
	const owner = await signedIn(browser, farm, 'owner');
	await owner.page.goto(`${farm.origin}/people`);
	await owner.page.getByLabel('Name of the person').fill('Nora New');
	await owner.page.getByRole('button', { name: 'Make a link to join' }).click();
	const link = await owner.page.getByRole('textbox', { name: 'The link', exact: true }).inputValue();
	expect(await findings(owner.page)).toEqual([]);

	const phone = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true });
	const page = awake(await phone.newPage());
	await page.goto(link);
	await page.getByLabel('Sign-in name').fill('nora');
	await page.getByLabel('Password').fill('short');
	await page.getByRole('button', { name: 'Make the account and join' }).click();
	await expect(page.getByText('too short')).toBeVisible();
	expect(await findings(page)).toEqual([]);
	await page.getByLabel('Password').fill('green tractor seven');
	await page.getByRole('button', { name: 'Make the account and join' }).click();
	await page.waitForURL((url) => url.pathname === '/');
	// The link was for one.
	expect((await phone.request.get(link)).status()).toBe(410);

	// Signed out by the owner, the phone opens nothing more, and says so.
	await owner.page.goto(`${farm.origin}/people`);
	const device = owner.page.locator('form', { hasText: 'Nora New' }).filter({ hasText: 'Phone' });
	await device
		.or(owner.page.locator('form', { hasText: 'Nora New' }).filter({ hasText: 'seen' }))
		.first()
		.getByRole('button', { name: 'Sign it out' })
		.click();
	await owner.page.getByRole('button', { name: 'Sign out now' }).click();
	await expect(owner.page.getByRole('button', { name: 'Sign out now' })).toHaveCount(0);
	expect((await phone.request.get(`${farm.origin}/api/farm`)).status()).toBe(401);
	await page.goto(`${farm.origin}/jobs`);
	await expect(page).toHaveURL(/\/sign-in\?to=%2Fjobs/);
	await page.getByLabel('Sign-in name').fill('nora');
	await page.getByLabel('Password').fill('green tractor seven');
	await page.getByRole('button', { name: 'Sign in', exact: true }).click();
	await page.waitForURL(/\/jobs$/);
});

base('an inspector sees the stated days and fields by a link, and nothing else', async ({ farm, browser }) => {
	const owner = await signedIn(browser, farm, 'owner');
	const [record] = await farm.query<{ day: string; name: string }>(
		'select day::text as day, block_names[1] as name from record where amends is null order by day limit 1'
	);
	await owner.page.goto(`${farm.origin}/people`);
	await owner.page.getByLabel('Who it is for').fill('I. Spector');
	const [y] = record!.day.split('-');
	await owner.page.getByRole('textbox', { name: 'Records from' }).fill(record!.day);
	await owner.page.getByRole('textbox', { name: 'Records to' }).fill(record!.day);
	await owner.page.getByRole('textbox', { name: 'Link opens until' }).fill(`${Number(y) + 20}-01-01`);
	await owner.page.getByText('Only some fields').click();
	await owner.page.getByRole('checkbox', { name: record!.name }).check();
	await owner.page.getByRole('button', { name: 'Make the link', exact: true }).click();
	const link = await owner.page.getByRole('textbox', { name: 'The link', exact: true }).inputValue();

	const stranger = awake(await (await browser.newContext()).newPage());
	await stranger.goto(link);
	await expect(stranger.getByRole('heading', { level: 1 })).toContainText('Records of');
	await expect(stranger.getByRole('heading', { name: record!.name }).first()).toBeVisible();
	expect(await findings(stranger)).toEqual([]);
	for (const path of ['/', '/log', '/api/farm']) {
		const answer = await stranger.context().request.get(farm.origin + path, { maxRedirects: 0 });
		expect([303, 401]).toContain(answer.status());
	}
	await owner.page.goto(`${farm.origin}/people`);
	await owner.page.locator('form', { hasText: 'I. Spector' }).getByRole('button', { name: 'End the link' }).click();
	await expect(owner.page.locator('form', { hasText: 'I. Spector' })).toHaveCount(0);
	expect((await stranger.context().request.get(link)).status()).toBe(410);
});

test('two phones at one job see each other’s entries, both ways, without being asked', async ({ app, browser }) => {
	const [job] = await app.query<{ id: string }>("select id from job where state = 'under-way' limit 1");
	const open = async () => {
		const context = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true });
		const page = awake(await context.newPage());
		await page.goto(`${app.origin}/jobs/${job!.id}/run`);
		await page.locator('main').waitFor();
		return page;
	};
	const one = await open();
	const two = await open();
	const entries = async () =>
		(await app.query<{ n: number }>('select count(*)::int as n from job_entry where job_id = $1', [job!.id]))[0]!.n;
	const kept = (page: typeof one) =>
		page.evaluate(
			(id) =>
				new Promise<number>((done, fail) => {
					const opened = indexedDB.open('fallow-jobs');
					opened.onerror = () => fail(opened.error);
					opened.onsuccess = () => {
						const found = opened.result.transaction('entries').objectStore('entries').index('roundId').getAll(id);
						found.onsuccess = () => {
							opened.result.close();
							done(found.result.length);
						};
					};
				}),
			job!.id
		);
	const before = await entries();
	await one
		.getByRole('button', {
			name: /is in, rinse done|^Water is at|^At the mark|^Begin spraying|^Pause|is sprayed out|^Skip|^Continue/
		})
		.first()
		.click();
	await expect.poll(entries).toBeGreaterThan(before);
	await expect.poll(() => kept(two), { timeout: 20_000 }).toBe(await entries());
	expect(await kept(one)).toBe(await entries());
});

base(
	'a person’s language goes with them to another device, and is not left to who comes after',
	async ({ farm, browser }) => {
		const first = await signedIn(browser, farm, 'operator');
		await expect(first.page.getByRole('link', { name: 'Records' }).first()).toBeVisible();
		await expect(first.page.locator('html[data-alive]')).toBeAttached();
		await first.page.getByRole('combobox', { name: 'Language' }).first().selectOption('es');
		await expect(first.page.getByRole('link', { name: 'Registros' }).first()).toBeVisible();

		const second = await signedIn(browser, farm, 'operator');
		await expect(second.page.getByRole('link', { name: 'Registros' }).first()).toBeVisible();
		await second.context.request.post(`${farm.origin}/sign-out`, { headers: { origin: farm.origin }, maxRedirects: 0 });
		await second.page.goto(`${farm.origin}/sign-in`);
		await second.page.getByRole('button', { name: people.manager }).click();
		await second.page.waitForURL((url) => url.pathname === '/');
		await expect(second.page.getByRole('link', { name: 'Records' }).first()).toBeVisible();
	}
);
