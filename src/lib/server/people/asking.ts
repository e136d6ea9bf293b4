import type { RequestEvent } from '@sveltejs/kit';
import type { Asking } from './door';

/** A request as the door looks at it. */
export const asking = (event: Pick<RequestEvent, 'url' | 'request' | 'getClientAddress'>): Asking => ({
	url: event.url,
	headers: event.request.headers,
	address: event.getClientAddress()
});
