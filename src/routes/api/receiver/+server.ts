import { m } from '$words';
import { env } from '$env/dynamic/private';
import type { RequestHandler } from './$types';
import { failureResponse } from '$lib/server/api';
import { Failure } from '$lib/server/failure';
import { addressOf } from '$lib/server/instruments/address';
import { receiverStream } from '$lib/server/instruments/receiver';

/** The farm's receiver, sentence by sentence, as an event stream. */
export const GET: RequestHandler = ({ locals }) => {
	const address = addressOf(env.FALLOW_RECEIVER);
	if (!address)
		return failureResponse(new Failure(404, 'no-receiver', '', m.no_receiver_is_set_up_on()), locals.requestId);
	return new Response(receiverStream(address), {
		headers: { 'content-type': 'text/event-stream', 'cache-control': 'no-store' }
	});
};
