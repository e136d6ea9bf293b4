import { m } from '$words';
import type { Handle, HandleServerError, RequestEvent, ServerInit } from '@sveltejs/kit';
import { error, isHttpError } from '@sveltejs/kit';
import { v7 } from 'uuid';
import { failureResponse, isDatabaseGone, messageOf, stackOf } from '$lib/server/api';
import { database, startApp, stopApp } from '$lib/server/app';
import { farmHandle } from '$lib/server/db/farm';
import { Failure } from '$lib/server/failure';
import { checkAddress, checkBodySize, checkSameOrigin, guardForm } from '$lib/server/guards';
import { named } from '$lib/language/trees';
import { inLanguage, languageCookie, languageFor, speakPerRequest } from '$lib/server/language';
import { log } from '$lib/server/log';
import { actionOf, needOf } from '$lib/server/people/route-rules';
import type { Answer } from '$lib/server/people/who';
import { decide } from '$lib/server/people/who';

export const init: ServerInit = async () => {
	speakPerRequest();
	await startApp();
	process.once('fallow:closing', () => database().news.letGo());
	process.once('fallow:stop', () => void stopApp());
};

const headers = {
	'x-content-type-options': 'nosniff',
	'referrer-policy': 'same-origin',
	'cross-origin-opener-policy': 'same-origin',
	'permissions-policy': 'camera=(), microphone=(), payment=()'
};

/** A calibration's pages are made on the device: they are served even while the database is down. */
const needsFarm = (route: string | null) => route !== null && route !== '/healthz' && !route.startsWith('/(field)/');

export const handle: Handle = ({ event, resolve }) => {
	const language = languageFor(
		event.url,
		event.cookies.get(languageCookie),
		event.request.headers.get('accept-language')
	);
	return inLanguage(language, () =>
		answer({
			event,
			resolve: async (e, options) => {
				const response = await resolve(e, {
					...options,
					transformPageChunk: ({ html }) => named(html.replace('%fallow.language%', language), language)
				});
				const links = response.headers.get('link');
				if (links) response.headers.set('link', named(links, language));
				return response;
			}
		})
	);
};

const answer: Handle = async ({ event, resolve }) => {
	const began = performance.now();
	event.locals.requestId = v7();
	event.locals.cookies = [];
	event.locals.who = { kind: 'nobody', first: false };
	const isApi = event.url.pathname.startsWith('/api/');
	let response: Response;
	try {
		checkSameOrigin(event.request, event.url.origin);
		checkBodySize(event.request, event.url.pathname);
		checkAddress(event.url);
		guardForm(event.request);
		const turned = needsFarm(event.route.id) ? await letIn(event) : null;
		response = turned ?? (await resolve(event));
		for (const cookie of event.locals.cookies) response.headers.append('set-cookie', cookie);
	} catch (e) {
		if (!isApi && e instanceof Failure && e.status === 403) error(403, { message: e.message, code: e.code });
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

/** Finds out who asks and whether they may; binds the farm to them. What is not let in is turned away by the answer. */
async function letIn(event: RequestEvent): Promise<Response | null> {
	const { db, farmId, door } = database();
	const { url, request, route } = event;
	const { who, cookies } = await door.who({ url, headers: request.headers, address: event.getClientAddress() });
	event.locals.who = who;
	event.locals.cookies.push(...cookies);
	const answer = decide(who, needOf(route.id!, request.method, actionOf(url), event.params.id === 'new'));
	if (answer !== 'allowed') return turnAway(event, answer);
	const at = who.kind === 'alone' ? farmId : who.kind === 'person' ? who.farm?.id : undefined;
	if (at === undefined) return null;
	const farm = await farmHandle(db, at, who.kind === 'person' ? who.personId : null);
	if (!farm) throw new Error(`farm ${at} is gone`);
	event.locals.farm = farm;
	return null;
}

/** A page leads to where one gets in; what a device or a form asks is told by code and words. */
function turnAway(event: RequestEvent, answer: Exclude<Answer, 'allowed'>): Response {
	const { url, request } = event;
	const page = request.method === 'GET' && !url.pathname.startsWith('/api/');
	if (answer === 'refused') throw new Failure(403, 'not-yours', '', m.your_role_may_not());
	if (!page) throw new Failure(401, answer, '', m.sign_in_first());
	const to = {
		'sign-in': `/sign-in?to=${encodeURIComponent(url.pathname + url.search)}`,
		first: '/first',
		'no-farm': '/farms'
	};
	return new Response(null, { status: 303, headers: { location: to[answer] } });
}

const unreachable = () => m.the_database_cannot_be_reached_nothing();

export const handleError: HandleServerError = ({ error: thrown, event, status, message }) => {
	if (isHttpError(thrown)) return thrown.body;
	// What was asked wrongly is no fault of the server's.
	if (status >= 500)
		log('error', 'failed', { requestId: event.locals.requestId, message: messageOf(thrown), stack: stackOf(thrown) });
	if (isDatabaseGone(thrown))
		return {
			message: unreachable(),
			code: 'database-unreachable'
		};
	return { message: status === 404 ? m.there_is_nothing_at_this_address() : message };
};
