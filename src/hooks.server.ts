import { m } from '$words';
import type { Handle, HandleServerError, ServerInit } from '@sveltejs/kit';
import { error, isHttpError } from '@sveltejs/kit';
import { v7 } from 'uuid';
import { failureResponse, isDatabaseGone, messageOf, stackOf } from '$lib/server/api';
import { database, startApp, stopApp } from '$lib/server/app';
import { farmHandle } from '$lib/server/db/farm';
import { Failure } from '$lib/server/failure';
import { checkBodySize, checkSameOrigin } from '$lib/server/guards';
import { inLanguage, languageCookie, languageFor, speakPerRequest } from '$lib/server/language';
import { log } from '$lib/server/log';

export const init: ServerInit = async () => {
	speakPerRequest();
	await startApp();
	process.once('fallow:stop', () => void stopApp());
};

const headers = {
	'x-content-type-options': 'nosniff',
	'referrer-policy': 'same-origin',
	'cross-origin-opener-policy': 'same-origin',
	'permissions-policy': 'camera=(), microphone=(), payment=()'
};

/** A round's pages are made on the device: they are served even while the database is down. */
const needsFarm = (route: string | null) => route !== null && route !== '/healthz' && !route.startsWith('/(field)');

export const handle: Handle = ({ event, resolve }) => {
	const language = languageFor(
		event.url,
		event.cookies.get(languageCookie),
		event.request.headers.get('accept-language')
	);
	return inLanguage(language, () =>
		answer({
			event,
			resolve: (e, options) =>
				resolve(e, { ...options, transformPageChunk: ({ html }) => html.replace('%fallow.language%', language) })
		})
	);
};

const answer: Handle = async ({ event, resolve }) => {
	const began = performance.now();
	event.locals.requestId = v7();
	const isApi = event.url.pathname.startsWith('/api/');
	let response: Response;
	try {
		checkSameOrigin(event.request, event.url.origin);
		checkBodySize(event.request, event.url.pathname);
		if (needsFarm(event.route.id)) {
			const { db, farmId } = database();
			const farm = await farmHandle(db, farmId);
			if (!farm) throw new Error(`farm ${farmId} is gone`);
			event.locals.farm = farm;
		}
		response = await resolve(event);
	} catch (e) {
		if (!isApi && isDatabaseGone(e)) {
			log('error', 'database-unreachable', { requestId: event.locals.requestId, message: messageOf(e) });
			error(503, { message: unreachable(), code: 'database-unreachable' });
		}
		if (!isApi && !(e instanceof Failure)) throw e;
		response = failureResponse(e, event.locals.requestId);
	}
	for (const [name, value] of Object.entries(headers)) response.headers.set(name, value);
	log('info', 'request', {
		requestId: event.locals.requestId,
		method: event.request.method,
		route: event.route.id,
		status: response.status,
		ms: Math.round((performance.now() - began) * 10) / 10
	});
	return response;
};

const unreachable = () => m.the_database_cannot_be_reached_nothing();

export const handleError: HandleServerError = ({ error: thrown, event, status, message }) => {
	if (isHttpError(thrown)) return thrown.body;
	if (status !== 404)
		log('error', 'failed', { requestId: event.locals.requestId, message: messageOf(thrown), stack: stackOf(thrown) });
	if (isDatabaseGone(thrown))
		return {
			message: unreachable(),
			code: 'database-unreachable'
		};
	return { message: status === 404 ? m.there_is_nothing_at_this_address() : message };
};
