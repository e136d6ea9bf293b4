import { allShells } from './shells';
import type { Language } from '$lib/language/language';
import { languageCookie } from '$lib/language/language';

const year = 365 * 24 * 3600;
/** How long the server is waited for, ms. */
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

/** Sets the language of this device, and shows the page again in it. What was kept for a day without signal is in the other: it goes. */
export async function speak(language: Language): Promise<void> {
	document.cookie = `${languageCookie}=${language}; path=/; max-age=${year}; samesite=lax`;
	try {
		for (const name of await caches.keys()) {
			if (name === 'fallow-pages') await caches.delete(name);
			else if (name.startsWith('fallow-app-')) await (await caches.open(name)).addAll(allShells);
		}
	} catch {
		// Without a signal, or where nothing is kept, there is nothing to make anew.
	}
	location.reload();
}
