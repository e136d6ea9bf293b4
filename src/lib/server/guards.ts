import { m } from '$words';
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

/** Largest body that any address takes: a round's message with some hundred readings is a tenth of it. */
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
	try {
		return JSON.parse(new TextDecoder('utf-8', { fatal: true }).decode(Buffer.concat(chunks)));
	} catch {
		throw new Failure(400, 'malformed', '', m.the_body_is_not_json_it());
	}
}
