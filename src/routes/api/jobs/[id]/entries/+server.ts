import { z } from 'zod';
import type { RequestHandler } from './$types';
import { runMessageSchema } from '$lib/wire/run-message';
import { endpoint, parse } from '$lib/server/api';
import { readJson } from '$lib/server/guards';

/** One message of a device's outbox. Sending it again is harmless. */
export const PUT: RequestHandler = (event) =>
	endpoint(event, async () => {
		const { entries } = parse(runMessageSchema, await readJson(event.request));
		return event.locals.farm.jobRuns.put(parse(z.uuid(), event.params.id), entries);
	});
