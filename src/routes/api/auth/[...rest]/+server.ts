import { m } from '$words';
import type { RequestEvent } from '@sveltejs/kit';
import type { RequestHandler } from './$types';
import { database } from '$lib/server/app';
import { failureResponse } from '$lib/server/api';
import { Failure } from '$lib/server/failure';
import { asking } from '$lib/server/people/asking';
import { handedOn } from '$lib/server/people/door';
import { readJson } from '$lib/server/guards';

/** What the browser's side of passkeys asks; all else of the sign-in has pages of its own, and is not answered here. */
const asked = new Set([
	'GET passkey/generate-authenticate-options',
	'POST passkey/verify-authentication',
	'GET passkey/generate-register-options',
	'POST passkey/verify-registration'
]);

async function hand(event: RequestEvent & { params: { rest: string } }): Promise<Response> {
	const { request, url, params, locals } = event;
	try {
		if (!asked.has(`${request.method} ${params.rest}`))
			throw new Failure(404, 'not-found', '', m.there_is_nothing_at_this_address());
		const headers = handedOn(asking(event));
		const body = request.method === 'POST' ? JSON.stringify(await readJson(request)) : undefined;
		if (body !== undefined) headers.set('content-type', 'application/json');
		const { door } = database();
		const asks = new Request(url, { method: request.method, headers, ...(body ? { body } : {}) });
		return await door.auth(url.origin).handler(asks);
	} catch (error) {
		return failureResponse(error, locals.requestId);
	}
}

export const GET: RequestHandler = hand;
export const POST: RequestHandler = hand;
