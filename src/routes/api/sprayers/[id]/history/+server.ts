import { z } from 'zod';
import type { RequestHandler } from './$types';
import { endpoint, parse } from '$lib/server/api';

/** Calibrations that a history shows: enough for a lifetime of seasons, few enough to send at once. */
const most = 200;

export const GET: RequestHandler = (event) =>
	endpoint(event, async () => {
		const id = parse(z.uuid(), event.params.id);
		await event.locals.farm.sprayers.get(id);
		const { calibrations, jobs, events } = event.locals.farm;
		const [history, closed, newNozzles] = await Promise.all([
			calibrations.history(id, most),
			jobs.fieldVolumes(id, most),
			events.lastOf(id, 'nozzles')
		]);
		return { history, jobs: closed, newNozzles };
	});
