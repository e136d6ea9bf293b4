import { z } from 'zod';
import { daySchema } from '$lib/wire/moments';
import type { RequestHandler } from './$types';
import { aimSchema, changeSchema } from '$lib/wire/sprayer';
import { endpoint, parse } from '$lib/server/api';
import { readJson } from '$lib/server/guards';

const askedSchema = z.strictObject({ day: daySchema, aim: aimSchema, change: changeSchema });

/** A change that was made to the sprayer after a calibration was signed. */
export const POST: RequestHandler = (event) =>
	endpoint(event, async () => {
		const { day, aim, change } = parse(askedSchema, await readJson(event.request));
		return event.locals.farm.calibrationLogs.changeAfter(parse(z.uuid(), event.params.id), day, aim, change);
	});
