import { awake, expect, sprayerId, test } from './fixtures';

test('what takes the focus on a phone is not behind the action that sticks to the lower edge', async ({
	browser,
	app
}) => {
	const context = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true });
	const page = awake(await context.newPage());
	const boom = await sprayerId(app, 'Long-meadow boom');
	const hidden: string[] = [];
	let seen = 0;
	for (const path of ['/full-tank', `/sprayers/${boom}/edit`, '/jobs/new', '/ground/new', '/products/new', '/farm']) {
		await page.goto(app.origin + path);
		for (let tab = 0; tab < 40; tab += 1) {
			await page.keyboard.press('Tab');
			const at = await page.evaluate(() => {
				const has = document.activeElement;
				if (!has || has === document.body || getComputedStyle(has).position === 'fixed') return null;
				const { left, top, width, height } = has.getBoundingClientRect();
				// What is shown by its label alone, and what is part of the bar itself, hides nothing of its own.
				if (width < 4 || height < 4 || getComputedStyle(has).opacity === '0' || has.closest('.phone-bar')) return null;
				const over = document.elementFromPoint(left + width / 2, top + height / 2);
				const own = over !== null && (has.contains(over) || over.contains(has) || over.closest('label')?.contains(has));
				return own ? '' : `${has.getAttribute('aria-label') ?? has.textContent ?? ''} ${has.id} at ${top}`.trim();
			});
			if (at === null) continue;
			seen += 1;
			if (at !== '') hidden.push(`${path}: ${at}`);
		}
	}
	expect(hidden).toEqual([]);
	expect(seen).toBeGreaterThan(100);
	await context.close();
});
