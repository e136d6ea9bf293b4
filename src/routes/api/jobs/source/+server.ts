import type { RequestHandler } from './$types';
import { endpoint } from '$lib/server/api';
import { writerOf } from '$lib/server/asked-record';
import { jobSource } from '$lib/server/job-source';

/** What a job is planned from, for a device to keep and to plan on with nobody there. */
export const GET: RequestHandler = (event) =>
	endpoint(event, async () => {
		const { farm, who } = event.locals;
		const [source, writer] = await Promise.all([jobSource(farm), writerOf(farm, who)]);
		return { ...source, writer };
	});
