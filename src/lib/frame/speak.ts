import type { Language } from '$lib/language/language';
import { languageCookie } from '$lib/language/language';

const year = 365 * 24 * 3600;
/** How long the server, or what keeps its pages, is waited for, ms. */
const patience = 3000;

/** A person's language is theirs: the server keeps it for their other devices. Without a signal, or an account, it is this device's alone. */
export async function pick(language: Language): Promise<void> {
	await fetch('/api/me/language', {
		method: 'PUT',
		headers: { 'content-type': 'application/json' },
		body: JSON.stringify({ language }),
		signal: AbortSignal.timeout(patience)
	}).catch(() => null);
	await speak(language);
}

/**
 * Sets the language of this device, and shows the page again in it. What is kept for a day without signal is made anew by
 * the service worker, which goes on with it when this page is gone; without a signal what is kept stays as it is.
 */
export async function speak(language: Language): Promise<void> {
	document.cookie = `${languageCookie}=${language}; path=/; max-age=${year}; samesite=lax`;
	const worker = navigator.serviceWorker?.controller;
	if (worker) {
		const { port1, port2 } = new MessageChannel();
		worker.postMessage('language', [port2]);
		await new Promise((resolve) => {
			port1.onmessage = resolve;
			setTimeout(resolve, patience);
		});
	}
	location.reload();
}
