import { m } from '$words';

export type Answered<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly message: string };

/** Asks the server something of a class; a refusal comes back in words, and so does no signal. */
export async function askJson<T>(
	fetcher: typeof fetch,
	path: string,
	{ method, body }: { readonly method: 'GET' | 'POST' | 'DELETE'; readonly body?: object }
): Promise<Answered<T>> {
	try {
		const response = await fetcher(path, {
			method,
			headers: { accept: 'application/json', ...(body && { 'content-type': 'application/json' }) },
			...(body && { body: JSON.stringify(body) })
		});
		const read = (await response.json()) as T & { readonly error?: { readonly message: string } };
		return response.ok ? { ok: true, value: read } : { ok: false, message: read.error?.message ?? m.class_no_answer() };
	} catch {
		return { ok: false, message: m.class_no_answer() };
	}
}
