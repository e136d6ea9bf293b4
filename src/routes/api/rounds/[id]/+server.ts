import { m } from '$words';
import { z } from 'zod';
import type { RequestHandler } from './$types';
import { calibrationMessageSchema } from '$lib/wire/calibration-message';
import { endpoint, parse } from '$lib/server/api';
import { Failure } from '$lib/server/failure';
import { readJson } from '$lib/server/guards';

export const GET: RequestHandler = (event) =>
	endpoint(event, () => event.locals.farm.calibrationLogs.get(parse(z.uuidv7(), event.params.id)));

/** One message of a device's outbox. Sending it again is harmless. */
export const PUT: RequestHandler = (event) =>
	endpoint(event, async () => {
		const message = parse(calibrationMessageSchema, await readJson(event.request));
		if (message.round.id !== event.params.id)
			throw new Failure(400, 'invalid', 'round.id', m.the_calibration_in_the_message_is());
		return event.locals.farm.calibrationLogs.put(message);
	});
