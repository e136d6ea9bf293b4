import { m } from '$words';
import { z } from 'zod';
import type { RequestHandler } from './$types';
import { endpoint, parse } from '$lib/server/api';
import { readJson } from '$lib/server/guards';
import { isZone } from '$lib/settings/farm-time';

const asked = z.strictObject({
	timeZone: z
		.string()
		.max(80)
		.refine(isZone, { error: () => m.no_time_zone_has_that_name_sentence() })
});

/** The zone of the first browser that opens a farm which has none of its own yet. One that was told stays. */
export const PUT: RequestHandler = (event) =>
	endpoint(event, async () => {
		const { timeZone } = parse(asked, await readJson(event.request));
		return { timeZone: await event.locals.farm.settleZone(timeZone) };
	});
