import type { RequestHandler } from './$types';
import { classCodeSchema } from '$lib/wire/practice';
import { endpoint, parse } from '$lib/server/api';

/** Who is where, and what came of it. */
export const GET: RequestHandler = (event) =>
	endpoint(event, () => event.locals.farm.practice.view(parse(classCodeSchema, event.params.code)));

/** Ends it: nobody joins any more. */
export const DELETE: RequestHandler = (event) =>
	endpoint(event, async () => {
		await event.locals.farm.practice.end(parse(classCodeSchema, event.params.code));
		return {};
	});
