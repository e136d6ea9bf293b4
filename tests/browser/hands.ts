import { appendFileSync } from 'node:fs';
import type { Page } from '@playwright/test';

const place = 'fallow-test-hands';

/** Counts every touch and every field that is typed in, from now on: what a person does with their hands in a whole morning. */
export async function countHands(page: Page): Promise<void> {
	await page.addInitScript((key) => {
		const add = (taps: number, fields: number, characters: number) => {
			const now = JSON.parse(sessionStorage.getItem(key) ?? '[0,0,0]') as [number, number, number];
			sessionStorage.setItem(key, JSON.stringify([now[0] + taps, now[1] + fields, now[2] + characters]));
		};
		addEventListener('pointerdown', () => add(1, 0, 0), { capture: true });
		addEventListener(
			'change',
			({ target }) => {
				if (target instanceof HTMLInputElement && target.type !== 'radio' && target.type !== 'checkbox')
					add(0, 1, target.value.length);
			},
			{ capture: true }
		);
	}, place);
}

/** What was counted so far; told to `npm run bench`, where it asks. */
export async function tellHands(page: Page, way: string): Promise<{ readonly taps: number; readonly fields: number }> {
	const [taps, fields, characters] = JSON.parse(
		(await page.evaluate((key) => sessionStorage.getItem(key), place)) ?? '[0,0,0]'
	) as [number, number, number];
	const file = process.env.FALLOW_HANDS;
	if (file) appendFileSync(file, `${JSON.stringify({ way, taps, typed: fields, characters })}\n`);
	return { taps, fields };
}
