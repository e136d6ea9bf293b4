import { v7 } from 'uuid';
import { expect, sprayerId, test } from './fixtures';

const typed = (text: string, unit: string) => ({ text, unit, gallon: 'US' });
const boom = {
	kind: 'boom',
	name: 'Boom',
	tank: typed('600', 'L'),
	nozzles: 2,
	spacing: typed('50', 'cm'),
	sections: [2],
	nozzle: '',
	rated: null
};
const run = (text: string) => ({
	kind: 'run',
	id: v7(),
	seq: 0,
	at: '2026-03-14T08:00:00.000Z',
	time: typed(text, 's'),
	by: 'typed'
});

test('the API answers 4xx with code, path and message, and keeps nothing', async ({ request, app }) => {
	const sprayer = await sprayerId(app, 'Long-meadow boom');
	const head = () => ({ id: v7(), sprayerId: sprayer, startedAt: '2026-03-14T08:00:00.000Z', rig: boom });
	const put = async (id: string, data: unknown, headers: Record<string, string> = {}) => {
		const response = await request.put(`${app.origin}/api/rounds/${id}`, {
			headers: { 'content-type': 'application/json', ...headers },
			data: typeof data === 'string' ? Buffer.from(data) : data
		});
		const body = (await response.json()) as { error?: { code: string; path: string; message: string } };
		return { status: response.status(), code: body.error?.code, path: body.error?.path, message: body.error?.message };
	};
	const begun = head();
	expect(await put(begun.id, '{"round":')).toMatchObject({ status: 400, code: 'malformed' });
	expect(await put(begun.id, { round: begun, entries: [], more: 1 })).toMatchObject({ status: 400, code: 'invalid' });
	expect(await put(begun.id, { round: begun, entries: [run('3 L')] })).toMatchObject({
		status: 422,
		code: 'wrong-kind',
		path: 'entries.0.time'
	});
	for (const [text, code] of [
		['-3', 'negative'],
		['0', 'zero'],
		['NaN', 'unreadable'],
		['90 h', 'too-large']
	] as const)
		expect(await put(begun.id, { round: begun, entries: [run(text)] }), text).toMatchObject({
			status: 422,
			code,
			path: 'entries.0.time'
		});
	expect(await put(begun.id, { round: begun, entries: [{ ...run('27'), time: typed('', 's') }] })).toMatchObject({
		status: 400,
		path: 'entries.0.time.text'
	});
	expect(await put(begun.id, { round: begun, entries: [{ ...run('27'), id: 'x' }] })).toMatchObject({
		status: 400,
		path: 'entries.0.id'
	});
	expect(
		await put(begun.id, { round: { ...begun, rig: { ...boom, spacing: typed('0.5 mm', 'cm') } }, entries: [] })
	).toMatchObject({
		status: 422,
		code: 'too-small',
		path: 'round.rig.spacing'
	});
	expect(await put(v7(), { round: begun, entries: [] })).toMatchObject({ status: 400, path: 'round.id' });
	expect(await put(begun.id, { round: { ...begun, sprayerId: v7() }, entries: [] })).toMatchObject({ status: 404 });
	expect(await put('not-an-id', { round: begun, entries: [] })).toMatchObject({ status: 400 });
	expect(await put(begun.id, { round: begun, entries: [] }, { origin: 'https://elsewhere.example' })).toMatchObject({
		status: 403,
		code: 'cross-origin'
	});
	expect(await put(begun.id, '{}', { 'content-type': 'text/plain' })).toMatchObject({
		status: 403,
		code: 'cross-origin'
	});
	expect(await put(begun.id, '{}', { 'content-type': 'text/plain', origin: app.origin })).toMatchObject({
		status: 415
	});
	expect(await put(begun.id, { round: begun, entries: [], filler: 'x'.repeat(550_000) })).toMatchObject({
		status: 413,
		code: 'too-large'
	});
	expect(await app.query('select 1 from round where id = $1', [begun.id])).toEqual([]);

	const unknown = await request.get(`${app.origin}/api/rounds/${v7()}`);
	expect(unknown.status()).toBe(404);
	expect((await unknown.json()).error.code).toBe('not-found');
});

test('unknown addresses get a page that helps', async ({ page, app }) => {
	for (const path of [
		`/sprayers/${v7()}`,
		'/sprayers/none',
		`/calibrations/${v7()}`,
		`/tank-plans/${v7()}`,
		`/calibrations/${v7()}/adjust`,
		`/nozzles/${v7()}`,
		'/nowhere'
	]) {
		const response = await page.goto(app.origin + path);
		expect(response?.status(), path).toBe(404);
		await expect(page.getByRole('heading', { name: 'Nothing here' })).toBeVisible();
	}
	await page.goto(`${app.origin}/rounds/${v7()}/ready`);
	await expect(page.getByText('This calibration is not on this device')).toBeVisible();
});

test('health, headers and names', async ({ request, page, app }) => {
	const health = await request.get(`${app.origin}/healthz`);
	expect(await health.json()).toEqual({
		ok: true,
		database: 'up',
		migration: { latest: '0018-language', pending: 0 },
		// Nobody said where the data is: a test's database is no folder of the server's.
		disk: 'unknown'
	});
	const response = await page.goto(app.origin);
	expect(response?.headers()['content-security-policy']).toContain("default-src 'self'");
	expect(response?.headers()['x-content-type-options']).toBe('nosniff');
	const stranger = await request.get(`${app.origin}/healthz`, { headers: { host: 'farm.example' } });
	expect(stranger.status()).toBe(421);
});

test('a new sprayer’s form gives back what was typed, with what is wrong', async ({ page, app }) => {
	await page.goto(`${app.origin}/sprayers/new`);
	await page.getByRole('textbox', { name: 'Name' }).fill('Orchard-edge boom');
	await page.getByRole('textbox', { name: 'Nozzles' }).first().fill('12');
	await page.getByLabel('Nozzle spacing').fill('0.5 mm');
	await page.getByLabel('Sections').fill('4, 4');
	await page.getByLabel('Tank').fill('3 m');
	await page.getByRole('button', { name: 'Add the sprayer' }).click();
	await expect(page.getByRole('alert')).toHaveCount(3);
	await expect(page.getByText('“0.5 mm” is too small to be true')).toBeVisible();
	await expect(page.getByText('do not add up to 12 nozzles')).toBeVisible();
	await expect(page.getByText('“3 m” is not a volume')).toBeVisible();
	await expect(page.getByLabel('Nozzle spacing')).toHaveValue('0.5 mm');
	expect(await app.query("select 1 from sprayer where name = 'Orchard-edge boom'")).toEqual([]);
	await page.getByLabel('Nozzle spacing').fill('50 cm');
	await page.getByLabel('Sections').fill('4, 4, 4');
	await page.getByLabel('Tank').fill('600 L');
	await page.getByRole('button', { name: 'Add the sprayer' }).click();
	await expect(page.getByRole('heading', { name: 'Orchard-edge boom' })).toBeVisible();
});

test('a tank plan that cannot be is told in words, and not kept', async ({ page, app }) => {
	const [calibration] = await app.query<{ id: string }>('select id from calibration order by signed_at desc limit 1');
	await page.goto(`${app.origin}/calibrations/${calibration!.id}/tank`);
	await page.getByRole('textbox', { name: 'Area' }).fill('40');
	await page.getByLabel('Product', { exact: true }).fill('Sample Umber');
	// Ounces of what, while nobody said: a liquid would get three times as much as a dry product.
	await page.getByLabel('Dose').fill('14 oz/ac');
	await page.getByLabel('Dose').blur();
	await expect(page.getByText('“14 oz/ac”: is that fluid ounces or ounces of weight?')).toBeVisible();
	await expect(page.getByTestId('load')).toHaveCount(0);
	await page.getByText('Liquid', { exact: true }).click();
	await page.getByLabel('Dose').fill('3 kg/ha');
	await page.getByLabel('Dose').blur();
	await expect(page.getByText('“3 kg/ha” is a weight of a liquid')).toBeVisible();
	await page.getByRole('button', { name: 'Save this plan' }).click();
	await expect(page).toHaveURL(/\/tank$/);
	await page.getByLabel('Dose').fill('60 gal/ac');
	await expect(page.getByText('no room is left for water')).toBeVisible();
});
