// What a frame of the practice yard takes with the processor slowed down four times: all of the page's main thread, by frame.
import { chromiumArgs, chromiumPath } from './chromium.mjs';

/** Milliseconds of the main thread for each frame while something passes, and while sixteen jugs fill. */
export async function yardFrames(chromium, origin) {
	const browser = await chromium.launch({ executablePath: chromiumPath, args: chromiumArgs });
	try {
		const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
		await page.goto(`${origin}/practice`);
		await page.locator('html[data-alive]').waitFor({ state: 'attached' });
		await page.getByRole('button', { name: 'Start: Trust nothing' }).click();
		await page.waitForURL(/\/ready/);
		const base = page.url().replace(/\/ready.*/, '');
		const cdp = await page.context().newCDPSession(page);
		await cdp.send('Performance.enable');
		const task = async () =>
			(await cdp.send('Performance.getMetrics')).metrics.find((m) => m.name === 'TaskDuration').value * 1000;
		const perFrame = async (seconds) => {
			await page.evaluate(() => {
				globalThis.frames_ = 0;
				const again = () => {
					globalThis.frames_ += 1;
					requestAnimationFrame(again);
				};
				requestAnimationFrame(again);
			});
			await cdp.send('Emulation.setCPUThrottlingRate', { rate: 4 });
			const times = [];
			for (let i = 0; i < seconds; i += 1) {
				const [before, first] = [await task(), await page.evaluate(() => globalThis.frames_)];
				await page.waitForTimeout(1000);
				const [after, last] = [await task(), await page.evaluate(() => globalThis.frames_)];
				times.push((after - before) / (last - first));
			}
			await cdp.send('Emulation.setCPUThrottlingRate', { rate: 1 });
			return times.sort((a, b) => a - b);
		};
		await page.goto(`${base}/speed`);
		await page.getByRole('button', { name: 'Drive a run' }).click();
		const passing = await perFrame(9);
		await page.goto(`${base}/flow`);
		await page.locator('button.timer').click();
		const filling = await perFrame(9);
		return { passing, filling };
	} finally {
		await browser.close();
	}
}
