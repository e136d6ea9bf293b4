import { dayText } from '../../src/lib/settings/day-text';
import { appendFileSync } from 'node:fs';
import type { Locator, Page } from '@playwright/test';
import { allSent, expect, sprayerId, test } from './fixtures';

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

/** Counts what a person touches and types: the short way is a number. */
class Hand {
	taps = 0;
	typed = 0;
	readonly #page: Page;
	constructor(page: Page) {
		this.#page = page;
	}
	async tap(what: Locator): Promise<void> {
		this.taps += 1;
		await what.tap();
	}
	/** Typing is counted by fields: a field is touched anyway. */
	async type(field: Locator, text: string): Promise<void> {
		this.typed += 1;
		await field.fill(text);
	}
	/** Touches the jug at a share of its height from the top. */
	async touch(share: number): Promise<void> {
		this.taps += 1;
		const box = (await this.#page.getByRole('slider').boundingBox())!;
		await this.#page.touchscreen.tap(box.x + box.width / 2, box.y + box.height * share);
	}
}
/** For `npm run bench`, which prints what was counted here. */
function count(way: string, { taps, typed }: Hand): void {
	const file = process.env.FALLOW_HANDS;
	if (file) appendFileSync(file, `${JSON.stringify({ way, taps, typed })}\n`);
}
const button = (page: Page, name: string | RegExp) => page.getByRole('button', { name });
const link = (page: Page, name: string | RegExp) => page.getByRole('link', { name });

/** Touches one jug after the other; each is kept before the next is touched. */
async function catchAll(page: Page, hand: Hand, count: number) {
	for (let n = 1; n <= count; n += 1) {
		await expect(page.getByRole('slider', { name: new RegExp(`^Nozzle ${n}:`) })).toBeVisible();
		// In the middle of what is drawn, a little more or less from one to the next.
		await hand.touch(0.47 + 0.01 * (n % 3));
	}
	await expect(button(page, 'Done')).toBeVisible();
}

test('a boom of 24 is caught in at most 1.3 touches a reading, and each reading arrives as it was touched', async ({
	page,
	app
}) => {
	const id = await sprayerId(app, 'Barley-field boom');
	await page.goto(`${app.origin}/rounds/new?sprayer=${id}`);
	await button(page, 'Start a calibration').tap();
	await page.waitForURL(/\/ready/);
	const begun = /rounds\/([0-9a-f-]{36})/.exec(page.url())![1]!;
	await page.goto(`${app.origin}/rounds/${begun}/flow`);
	const hand = new Hand(page);
	// Before a touch there is no water, and nothing is kept.
	await expect(page.getByRole('slider', { name: /^Nozzle 1:/ })).toHaveAttribute('aria-valuetext', 'not caught');
	await catchAll(page, hand, 24);
	await hand.tap(button(page, 'Done'));
	expect(hand.taps).toBeLessThanOrEqual(Math.floor(24 * 1.3) + 1);
	count('24 nozzles caught', hand);
	await allSent(page);
	const caught = await app.query<{ body: { nozzle: number; amount: { text: string; unit: string } } }>(
		"select body from round_entry where round_id = $1 and kind = 'catch' order by seq",
		[begun]
	);
	expect(caught.map((c) => c.body.nozzle)).toEqual(Array.from({ length: 24 }, (_, i) => i + 1));
	expect(new Set(caught.map((c) => c.body.amount.unit))).toEqual(new Set(['US fl oz']));
});

test('a touch is taken back, slides off without being kept, and can be typed', async ({ page, app }) => {
	const id = await sprayerId(app, 'Long-meadow boom');
	await page.goto(`${app.origin}/rounds/new?sprayer=${id}`);
	await button(page, 'Start a calibration').tap();
	await page.waitForURL(/\/ready/);
	await page.goto(page.url().replace('/ready', '/flow'));
	const hand = new Hand(page);
	await hand.touch(0.4);
	await expect(button(page, /^Undo nozzle 1/)).toBeVisible();
	await button(page, /^Undo nozzle 1/).tap();
	await expect(page.getByRole('slider', { name: /^Nozzle 1:/ })).toHaveAttribute('aria-valuetext', 'not caught');
	const box = (await page.getByRole('slider').boundingBox())!;
	await page.mouse.move(box.x + box.width / 2, box.y + 100);
	await page.mouse.down();
	await expect(page.getByRole('slider')).not.toHaveAttribute('aria-valuetext', 'not caught');
	await page.mouse.move(box.x + 4, box.y + 100);
	await page.mouse.up();
	await expect(page.getByRole('slider', { name: /^Nozzle 1:/ })).toHaveAttribute('aria-valuetext', 'not caught');
	await button(page, 'Digits').tap();
	await button(page, '1').tap();
	await button(page, '9').tap();
	await button(page, /^Next: nozzle 2/).tap();
	await button(page, 'Touch the jug instead').tap();
	await expect(page.getByRole('slider', { name: /^Nozzle 2:/ })).toBeVisible();
	await expect(button(page, /^Undo nozzle 1/)).toContainText('19 fl oz');
});

test('one full tank is three taps from Today and the dose, and becomes a mix and a job', async ({ page, app }) => {
	await page.goto(app.origin);
	const hand = new Hand(page);
	await hand.tap(link(page, 'One full tank').first());
	await page.waitForURL(/full-tank/);
	await page.getByLabel('Sprayer').selectOption({ label: 'Long-meadow boom, All on' });
	await hand.type(page.getByLabel('Product', { exact: true }), 'Sample Umber');
	await page.getByLabel('Product', { exact: true }).blur();
	// The label's own dose stands there, and is typed over.
	await expect(page.getByLabel('Dose', { exact: true })).not.toHaveValue('');
	await hand.type(page.getByLabel('Dose', { exact: true }), '1 qt/ac');
	await hand.tap(button(page, 'Add the dose'));
	await expect(page.getByTestId('amount')).toHaveCount(1);
	expect(hand.taps).toBeLessThanOrEqual(3);
	count('one full tank, from Today', hand);
	const [calibration] = await app.query<{ rate: number }>(
		"select c.rate_m3_per_m2 as rate from calibration c join sprayer s on s.id = c.sprayer_id where s.name = 'Long-meadow boom' order by c.signed_at desc limit 1"
	);
	// 300 US gal over the volume, in acres; a quart to each of them, told in gallons from two on.
	const acres = (300 * 3.785411784e-3) / calibration!.rate / 4046.8564224;
	const covers = Number((await page.getByTestId('covers').innerText()).replace(/[^\d.]/g, ''));
	expect(covers / acres).toBeCloseTo(1, 1);
	const quarts = Number((await page.getByTestId('amount').innerText()).replace(/[^\d.]/g, ''));
	expect(quarts / acres).toBeCloseTo(1, 2);

	await page.getByText('Check my sum').tap();
	await page.getByLabel(/^My answer/).fill((acres * 1.2009499).toFixed(3));
	await expect(page.getByTestId('sum-checked')).toContainText('US and Imperial gallons were mixed up');

	await button(page, 'Save as tank mix').tap();
	await page.getByRole('dialog').getByLabel('Name').fill('Headland');
	await page.getByRole('dialog').getByRole('button', { name: 'Save', exact: true }).tap();
	await expect(page.getByRole('dialog')).toBeHidden();
	const [mix] = await app.query<{ body: { products: { dose: { text: string } }[] } }>(
		"select body from tank_mix where name = 'Headland'"
	);
	expect(mix!.body.products.map((p) => p.dose.text)).toEqual(['1 qt/ac']);
	await link(page, 'Plan a job from this').tap();
	await page.waitForURL(/jobs\/new/);
	await expect(page.getByLabel('Dose', { exact: true }).first()).toHaveValue('1 qt/ac');
	await expect(page.getByLabel('Tank', { exact: true })).toHaveValue('300 gal');
});

test('the speed for a wanted volume takes four fields, before anything was measured', async ({ page, app }) => {
	await page.goto(app.origin);
	const hand = new Hand(page);
	await hand.tap(link(page, 'Quick figures').first());
	await page.waitForURL(/figures/);
	await hand.tap(page.getByText('Speed', { exact: true }));
	await hand.type(page.getByLabel('Spray volume', { exact: true }), '20');
	await hand.type(page.getByLabel('Swath width', { exact: true }), '40');
	await hand.type(page.getByLabel('Flow of one nozzle', { exact: true }), '0.35');
	await hand.type(page.getByLabel('Nozzles that spray'), '24');
	await expect(page.getByTestId('fourth')).toContainText('5.20 mph');
	expect(hand.typed).toBe(4);
	expect(hand.taps).toBeLessThanOrEqual(3);
	count('what speed for a volume, from Today', hand);
});

test('again after a knob takes six taps and the new catches, and keeps the rest with its day', async ({
	page,
	app
}) => {
	const id = await sprayerId(app, 'Long-meadow boom');
	const [last] = await app.query<{ id: string; signed_day: string }>(
		'select id, signed_day::text from calibration where sprayer_id = $1 order by signed_at desc limit 1',
		[id]
	);
	await page.goto(`${app.origin}/sprayers/${id}`);
	const hand = new Hand(page);
	await hand.tap(link(page, 'Again after a change'));
	await hand.tap(button(page, 'Pressure'));
	await hand.tap(button(page, 'Start the calibration'));
	await page.waitForURL(/\/flow/);
	const catches = new Hand(page);
	await catchAll(page, catches, 12);
	await hand.tap(button(page, 'Done'));
	await page.waitForURL(/\/volume/);
	await expect(page.getByTestId('rate')).toHaveText(/\d/);
	expect(hand.taps).toBeLessThanOrEqual(6);
	expect(catches.taps).toBe(12);
	count('again after a knob, besides its 12 catches', hand);
	await expect(page.getByText(`Carried over from the calibration of ${dayText(last!.signed_day)}`)).toBeVisible();
	await allSent(page);
	const begun = /rounds\/([0-9a-f-]{36})/.exec(page.url())![1]!;
	const [carry] = await app.query<{ body: { from: string; entries: { kind: string }[] } }>(
		"select body from round_entry where round_id = $1 and kind = 'carry'",
		[begun]
	);
	expect(carry!.body.from).toBe(last!.id);
	const kinds = new Set(carry!.body.entries.map((e) => e.kind));
	expect(kinds.has('run')).toBe(true);
	expect(kinds.has('catch')).toBe(false);
});
