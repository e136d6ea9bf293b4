// How long a page takes to stand on a slow phone that was just started and has no signal: nothing but the device answers.
import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { chromiumArgs, chromiumPath } from './chromium.mjs';

/**
 * A browser that is spoken to over a pipe, with nothing listening to its network: what watches every request costs more
 * than the requests of a page do.
 */
function startBrowser(profile) {
	const child = spawn(
		chromiumPath,
		[
			...chromiumArgs,
			'--headless=new',
			'--remote-debugging-pipe',
			'--window-size=390,844',
			`--user-data-dir=${profile}`
		],
		{ stdio: ['ignore', 'ignore', 'ignore', 'pipe', 'pipe'] }
	);
	const asked = new Map();
	let text = '';
	let id = 0;
	child.stdio[4].on('data', (data) => {
		const parts = (text + data).split('\0');
		text = parts.pop();
		for (const part of parts) {
			const message = JSON.parse(part);
			asked.get(message.id)?.(message.result ?? {});
			asked.delete(message.id);
		}
	});
	const send = (method, params, sessionId) =>
		new Promise((done) => {
			id += 1;
			asked.set(id, done);
			child.stdio[3].write(JSON.stringify({ id, method, params, sessionId }) + '\0');
		});
	/** A page with the processor slowed down so many times; answers what `says` says once it says something. */
	async function page(address, rate, says, wait = 30_000) {
		const { targetId } = await send('Target.createTarget', { url: 'about:blank' });
		const { sessionId } = await send('Target.attachToTarget', { targetId, flatten: true });
		await send('Page.enable', {}, sessionId);
		await send('Emulation.setCPUThrottlingRate', { rate }, sessionId);
		await send('Page.addScriptToEvaluateOnNewDocument', { source: says.watch }, sessionId);
		await send('Page.navigate', { url: address }, sessionId);
		for (const end = Date.now() + wait; Date.now() < end; await new Promise((done) => setTimeout(done, 100))) {
			const { result } = await send('Runtime.evaluate', { expression: says.value, returnByValue: true }, sessionId);
			if (result?.value) {
				await send('Target.closeTarget', { targetId });
				return result.value;
			}
		}
		throw new Error(`${address} never stood`);
	}
	const ended = new Promise((done) => child.once('close', done));
	return { page, stop: () => (child.kill(), ended) };
}

/** When a thing of a page is in sight and the page has time for a tap, ms from when it was asked for. */
const usable = (selector) => ({
	watch: `(() => {
		const look = () => {
			if (document.querySelector(${JSON.stringify(selector)})?.getClientRects().length)
				requestIdleCallback(() => (window.usableAfter = performance.now()));
			else setTimeout(look, 16);
		};
		setTimeout(look, 16);
	})();`,
	value: 'window.usableAfter'
});
const brought = { watch: '', value: "document.documentElement.dataset.offline === 'ready'" };

/**
 * The pages of the demo farm, each `times` times in a browser that was just started. `stopServer` takes the server away once
 * the device has what it needs.
 */
export async function coldOpen({ origin, job, sprayer, folder, stopServer, times = 5, rate = 4 }) {
	const pages = {
		Today: ['/', 'h1'],
		Jobs: ['/jobs', 'h1'],
		Sprayers: ['/sprayers', 'h1'],
		'one full tank': ['/full-tank', 'h1'],
		'a new calibration': [`/rounds/new?sprayer=${sprayer}`, 'button.btn.go'],
		'the job at hand': [`/jobs/${job}/run`, '.act .btn.big'],
		'planning a job': ['/jobs/new', 'form button.btn.go.big']
	};
	const profile = join(folder, 'phone');
	const first = startBrowser(profile);
	try {
		// The worker takes charge of the page that is opened next; what the day needs is brought in the background.
		await first.page(`${origin}/`, 1, brought);
		await first.page(`${origin}/`, 1, { watch: 'window.opened = Date.now()', value: 'Date.now() - opened > 10_000' });
	} finally {
		await first.stop();
	}
	await stopServer();
	const found = {};
	for (const [name, [path, selector]] of Object.entries(pages)) {
		found[name] = [];
		for (let i = 0; i < times; i += 1) {
			const browser = startBrowser(profile);
			try {
				// What a browser does for itself when it starts is not the page's.
				await new Promise((done) => setTimeout(done, 2000));
				found[name].push(await browser.page(origin + path, rate, usable(selector)));
			} finally {
				await browser.stop();
			}
		}
		found[name].sort((a, b) => a - b);
	}
	return found;
}
