import { m } from '$words';
import { error } from '@sveltejs/kit';
import { Failure } from './failure';

const writes = new Set(['POST', 'PUT', 'PATCH', 'DELETE']);

/** Content types that a page may send anywhere without asking first. */
const formTypes = /^(application\/x-www-form-urlencoded|multipart\/form-data|text\/plain)\b/i;

/**
 * Refuses a write that a page of another origin caused. Browsers say where a write comes from; what a form could send
 * has to say so. JSON that says nothing is no browser's: a browser would have asked first and been told no.
 */
export function checkSameOrigin(request: Request, origin: string): void {
	if (!writes.has(request.method)) return;
	const from = request.headers.get('origin');
	const site = request.headers.get('sec-fetch-site');
	const foreign = from === null ? site !== null && site !== 'same-origin' && site !== 'none' : from !== origin;
	const silentForm = from === null && formTypes.test(request.headers.get('content-type') ?? '');
	if (foreign || silentForm) throw new Failure(403, 'cross-origin', '', m.this_write_came_from_a_page());
}

/** Text that PostgreSQL cannot hold: a NUL, or half of a surrogate pair. */
const isStorable = (text: string): boolean => !text.includes('\u0000') && text.isWellFormed();

/** The place of the first text in a value that cannot be stored, like `entries.0.remarks`; null where all can. */
function unstorable(value: unknown, at: readonly string[] = []): string | null {
	if (typeof value === 'string') return isStorable(value) ? null : at.join('.');
	if (typeof value !== 'object' || value === null) return null;
	for (const [name, one] of Object.entries(value)) {
		if (!isStorable(name)) return at.join('.');
		const found = unstorable(one, [...at, name]);
		if (found !== null) return found;
	}
	return null;
}

/** Refuses an address with what no field can hold. */
export function checkAddress(url: URL): void {
	for (const [name, value] of url.searchParams)
		if (!isStorable(name) || !isStorable(value)) throw new Failure(400, 'unstorable', name, m.text_cannot_be_kept());
}

/**
 * What a form sends, read once: a body that is no form, or that was cut, and a text that cannot be kept are refused in
 * words, whoever reads it.
 */
export function guardForm(request: Request): void {
	if (!writes.has(request.method)) return;
	const read = request.formData.bind(request);
	request.formData = async () => {
		let data: FormData;
		try {
			data = await read();
		} catch {
			error(400, { message: m.form_did_not_arrive_whole(), code: 'malformed' });
		}
		for (const [name, value] of data)
			if (!isStorable(name) || (typeof value === 'string' && !isStorable(value)))
				error(400, { message: m.text_cannot_be_kept(), code: 'unstorable', path: name });
		return data;
	};
}

/** Largest body that any address takes: a calibration's message with some hundred readings is a tenth of it. */
export const bodyLimit = 512 * 1024;

const tooLarge = () => new Failure(413, 'too-large', '', m.the_message_is_over_kb_and({ bodyLimit: bodyLimit / 1024 }));

/** The one address that takes a whole farm, and most that it takes, zipped. */
export const farmFilePath = '/api/farm/file';
const farmFileLimit = 1024 ** 3;

/**
 * Refuses a write whose body is too large before any of it is read. JSON is counted as it is read; anything else has to
 * say how long it is.
 */
export function checkBodySize(request: Request, path: string): void {
	if (!writes.has(request.method) || request.body === null) return;
	if (/^application\/json\b/i.test(request.headers.get('content-type') ?? '')) return;
	const length = request.headers.get('content-length');
	if (length === null) throw new Failure(411, 'no-length', '', m.say_how_long_the_message_is());
	const most = path === farmFilePath ? farmFileLimit : bodyLimit;
	if (Number(length) > most)
		throw new Failure(413, 'too-large', '', m.the_message_is_over_kb_and_was({ figure: Math.round(most / 1024) }));
}

/** Reads a JSON body, never more of it than the limit, whatever its head says. */
export async function readJson(request: Request): Promise<unknown> {
	const type = request.headers.get('content-type') ?? '';
	if (!/^application\/json\b/i.test(type)) throw new Failure(415, 'not-json', '', m.send_json_with_the_content_type());
	if (Number(request.headers.get('content-length') ?? 0) > bodyLimit) throw tooLarge();
	const chunks: Uint8Array[] = [];
	let size = 0;
	const reader = request.body?.getReader();
	while (reader) {
		const { done, value } = await reader.read().catch(() => {
			throw tooLarge();
		});
		if (done) break;
		size += value.byteLength;
		if (size > bodyLimit) {
			await reader.cancel();
			throw tooLarge();
		}
		chunks.push(value);
	}
	let value: unknown;
	try {
		value = JSON.parse(new TextDecoder('utf-8', { fatal: true }).decode(Buffer.concat(chunks)));
	} catch {
		throw new Failure(400, 'malformed', '', m.the_body_is_not_json_it());
	}
	const place = unstorable(value);
	if (place !== null) throw new Failure(422, 'unstorable', place, m.text_cannot_be_kept());
	return value;
}
