import type { Page } from '@playwright/test';
import { expect } from '@playwright/test';
import { findings } from './fixtures';

/** How a learner works in the practice yard: by what is seen and by nothing else. */
export interface Learner {
	readonly page: Page;
	/** Presses a button, by a finger or by the keyboard. */
	readonly press: (name: string | RegExp) => Promise<void>;
	/** Starts or stops the watch of the step. */
	readonly watch: () => Promise<void>;
	/** Enters a reading and goes on to the next. */
	readonly type: (field: string | RegExp, text: string) => Promise<void>;
}

const button = (page: Page, name: string | RegExp) => page.getByRole('button', { name });

export const byTouch = (page: Page): Learner => ({
	page,
	press: (name) => button(page, name).first().tap(),
	watch: () => page.locator('button.watch, button.timer').first().tap(),
	async type(field, text) {
		await page.getByRole('textbox', { name: field }).first().fill(text);
		await page.getByRole('textbox', { name: field }).first().press('Enter');
	}
});
/** Enter on a button that has the focus, Space for the watch: nothing is pointed at. */
export const byKeyboard = (page: Page): Learner => ({
	page,
	async press(name) {
		await button(page, name).first().focus();
		await page.keyboard.press('Enter');
	},
	async watch() {
		// Whatever has the focus lets go of it: Space is the watch's then.
		await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
		await page.keyboard.press(' ');
	},
	async type(field, text) {
		await page.getByRole('textbox', { name: field }).first().focus();
		await page.keyboard.press('ControlOrMeta+a');
		await page.keyboard.type(text);
		await page.keyboard.press('Enter');
	}
});

/** The same yard each time: its seed is the one number that is drawn by itself. */
export async function fixSeed(page: Page, seed: number): Promise<void> {
	await page.addInitScript((drawn) => {
		const draw = crypto.getRandomValues.bind(crypto);
		crypto.getRandomValues = ((list: Uint8Array<ArrayBuffer> | Uint32Array) => {
			if (!(list instanceof Uint32Array)) return draw(list);
			list[0] = drawn;
			return list;
		}) as typeof crypto.getRandomValues;
	}, seed);
}

/** Begins an exercise; the clock of the page stands still from then on, and is moved by hand. */
export async function begin({ page, press }: Learner, origin: string, title: string): Promise<void> {
	await page.clock.install();
	await page.goto(`${origin}/practice`);
	await press(`Start: ${title}`);
	await page.waitForURL(/\/practice\/[^/]+\/ready/);
	await page.clock.pauseAt(Date.now() + 3_600_000);
}

/** Looks at the page with its clock running, as axe needs it. */
export async function accessible({ page }: Learner): Promise<void> {
	await page.clock.resume();
	expect(await findings(page)).toEqual([]);
	await page.clock.pauseAt((await page.evaluate(() => Date.now())) + 1000);
}

/**
 * Goes to a step of the calibration, as a link of the rail does: within the page, so that what was entered a moment ago is
 * kept on its way. A load of the page anew cuts off an entry that the device has not kept yet.
 */
export async function step({ page }: Learner, name: string): Promise<void> {
	await page.clock.resume();
	await page.evaluate((to) => {
		const link = document.createElement('a');
		link.href = location.pathname.replace(/[^/]+$/, to);
		document.body.append(link);
		link.click();
		link.remove();
	}, name);
	await page.waitForURL((url) => url.pathname.endsWith(`/${name}`));
	await expect(page.getByRole('main')).toBeVisible();
	await page.clock.pauseAt((await page.evaluate(() => Date.now())) + 1000);
}

const course = (page: Page) => page.getByRole('img', { name: /flag|Nothing passes/ });

/** Watches until the course says something, by quarters of a second. */
async function until(page: Page, said: RegExp): Promise<void> {
	for (let i = 0; i < 1600; i += 1) {
		if (said.test((await course(page).first().getAttribute('aria-label')) ?? '')) return;
		await page.clock.runFor(250);
	}
	throw new Error(`the course never said ${said}`);
}

/** Drives or walks once, timed by eye with the step's stopwatch. */
export async function timed({ page, press, watch }: Learner, go: string): Promise<void> {
	await press(go);
	await until(page, /between the flags/);
	await watch();
	await until(page, /behind the second/);
	await watch();
	await page.clock.runFor(12_000);
}

/** Holds the jugs, or sprays parked, for so long by the watch. */
export async function held({ page, watch }: Learner, seconds: number): Promise<void> {
	await watch();
	await page.clock.runFor(seconds * 1000);
	await watch();
	await page.clock.runFor(500);
}

/** Signs, and is told the truth. */
export async function signAndSee(learner: Learner): Promise<void> {
	await step(learner, 'sign-off');
	const { page } = learner;
	await page.getByLabel('Calibrated by').fill('L. Sample');
	const carrier = page.getByLabel('Carried by');
	if (await carrier.isVisible()) await carrier.fill('L. Sample');
	await page.clock.resume();
	await learner.press(/^Sign off →/);
	await page.waitForURL(/\/reveal$/);
	await expect(page.getByRole('heading', { level: 1 })).toContainText('Truth');
}

/** What stands in the middle of two marks that something is between; waits until it can be read. */
export async function readBetween(page: Page, what: RegExp): Promise<number> {
	const marks = /between ([\d.]+) and ([\d.]+)/;
	const seen = page.getByRole('img', { name: what }).first();
	await expect(seen).toHaveAttribute('aria-label', marks);
	const [, low, high] = marks.exec((await seen.getAttribute('aria-label')) ?? '')!;
	return (Number(low) + Number(high)) / 2;
}
