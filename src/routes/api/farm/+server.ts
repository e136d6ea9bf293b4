import type { RequestHandler } from './$types';
import { endpoint } from '$lib/server/api';
import { meOf } from '$lib/server/people/who';

/** What a device keeps of the farm, to work out of range of the server. */
export const GET: RequestHandler = (event) =>
	endpoint(event, async () => {
		const { id, name, settings } = event.locals.farm;
		return { id, name, settings, me: meOf(event.locals.who) };
	});
