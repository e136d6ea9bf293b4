/// <reference no-default-lib="true"/>
/// <reference lib="esnext" />
/// <reference lib="webworker" />
/// <reference types="@sveltejs/kit" />
import { build, files, version } from '$service-worker';
import { allShells, shellOf } from './lib/frame/shells';
import { languages } from './lib/language/languages';
import { inTree, treeOf } from './lib/language/trees';

// Keeps the app's own files and the pages that were looked at, so that the calibration goes on with the server gone.
const worker = self as unknown as ServiceWorkerGlobalScope;
const shellCache = `fallow-app-${version}`;
const pageCache = 'fallow-pages';
/** Pages that are kept: those that were looked at last. */
const mostPages = 150;
/** The app's own files in every language. A device keeps the scripts of the one that its pages are in. */
const own = new Set([...languages.flatMap((language) => inTree(build, language)), ...files]);

/** Keeps the shells as the server makes them now, and the scripts that they name. */
async function keepApp(): Promise<void> {
	const cache = await caches.open(shellCache);
	const first = await fetch(allShells[0]!);
	if (!first.ok) throw new Error(`status ${first.status}`);
	const wanted = inTree(build, treeOf(await first.text()));
	const kept = new Set((await cache.keys()).map((r) => new URL(r.url).pathname));
	// The scripts before the pages that name them: a signal that is lost between leaves what was.
	await cache.addAll([...wanted, ...files].filter((path) => !kept.has(path)));
	await cache.addAll([...allShells]);
	for (const path of kept)
		if (own.has(path) && !wanted.includes(path) && !files.includes(path)) await cache.delete(path);
}

worker.addEventListener('install', (event) => {
	event.waitUntil(keepApp().then(() => worker.skipWaiting()));
});

/** The pages that are kept, each with when it was made. */
async function keptPages(): Promise<ReadonlyMap<Request, string | null>> {
	const pages = await caches.open(pageCache);
	const all = new Map<Request, string | null>();
	for (const request of await pages.keys()) all.set(request, await madeAt(pages, request));
	return all;
}

const madeAt = async (pages: Cache, request: Request) =>
	(await pages.match(request, { ignoreVary: true }))?.headers.get('date') ?? null;

/** Lets pages go that were kept in the language before. One that was looked at since is in the new one and stays. */
async function dropPages(before: ReadonlyMap<Request, string | null>): Promise<void> {
	const pages = await caches.open(pageCache);
	for (const [request, at] of before)
		if ((await madeAt(pages, request)) === at) await pages.delete(request, { ignoreVary: true });
}

// A page asks when the language of its device was changed, and waits for the answer.
worker.addEventListener('message', (event) => {
	if (event.data !== 'language') return;
	const answer = (kept: boolean) => event.ports[0]?.postMessage(kept);
	event.waitUntil(
		keptPages()
			.then(async (before) => {
				await keepApp();
				await dropPages(before);
			})
			.then(
				() => answer(true),
				() => answer(false)
			)
	);
});

worker.addEventListener('activate', (event) => {
	event.waitUntil(
		caches
			.keys()
			.then((names) =>
				Promise.all(names.filter((n) => n !== shellCache && n !== pageCache).map((n) => caches.delete(n)))
			)
			.then(() => worker.clients.claim())
	);
});

worker.addEventListener('fetch', (event) => {
	const { request } = event;
	const url = new URL(request.url);
	if (request.method !== 'GET' || url.origin !== location.origin) return;
	if (url.pathname.startsWith('/api/') || url.pathname === '/healthz') return;
	if (own.has(url.pathname)) event.respondWith(fromCache(request, url.pathname));
	else event.respondWith(fromNetwork(request, url));
});

async function fromCache(request: Request, path: string): Promise<Response> {
	const cache = await caches.open(shellCache);
	const kept = await cache.match(path);
	if (kept) return kept;
	// A script of a language that was changed to a moment ago stays with the page that asked for it.
	const response = await fetch(request);
	if (response.ok) await cache.put(path, response.clone());
	return response;
}

/** How long an answer is waited for where the device has one too, ms: its own shell says nothing that ages, a kept page does. */
const patience = { shell: 3000, page: 8000 };

/** A signal that is there by name only swallows a request for good. */
function fetchWithin(request: Request, wait: number | null): Promise<Response> {
	const asked = fetch(request);
	if (wait === null) return asked;
	// What comes after all is of no use any more, and no fault either.
	asked.catch(() => undefined);
	const late = new Promise<never>((_, reject) => setTimeout(() => reject(new Error('no answer in time')), wait));
	return Promise.race([asked, late]);
}

const keptShell = async (shell: string) => (await caches.open(shellCache)).match(shell);
const keptOf = async (request: Request) => (await caches.open(pageCache)).match(request, { ignoreVary: true });

/** A page as it was kept: it says when that was, so that nobody takes it for what is now. */
async function asKept(kept: Response): Promise<Response> {
	const headers = new Headers(kept.headers);
	headers.delete('content-encoding');
	headers.delete('content-length');
	const html = (await kept.text()).replace('<html', `<html data-kept="${kept.headers.get('date') ?? ''}"`);
	return new Response(html, { status: kept.status, headers });
}

async function fromNetwork(request: Request, url: URL): Promise<Response> {
	const navigation = request.mode === 'navigate';
	const shellAddress = shellOf(url.pathname);
	const field = shellAddress !== null;
	const wait = !navigation ? null : field ? patience.shell : (await keptOf(request)) ? patience.page : null;
	try {
		const response = await fetchWithin(request, wait);
		// A proxy in front of a dead server answers 502: for a page of the field that is the same as no answer.
		if (response.status >= 500 && navigation && field) throw new Error(`status ${response.status}`);
		if (response.ok && !field) {
			const pages = await caches.open(pageCache);
			// Put anew, so that the oldest stand first.
			await pages.delete(request, { ignoreVary: true });
			await pages.put(request, response.clone());
			const kept = await pages.keys();
			await Promise.all(kept.slice(0, -mostPages).map((old) => pages.delete(old, { ignoreVary: true })));
		}
		return response;
	} catch (error) {
		const shell = navigation ? await keptShell(shellAddress ?? allShells[0]!) : undefined;
		if (field && shell) return shell;
		const kept = await keptOf(request);
		if (kept) return navigation ? asKept(kept) : kept;
		// The app says itself that it has not got this page; a browser's own words would leave nowhere to go.
		if (shell) return shell;
		throw error;
	}
}
