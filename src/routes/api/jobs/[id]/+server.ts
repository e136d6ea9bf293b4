import { z } from 'zod';
import type { RequestHandler } from './$types';
import type { JobHead } from '$lib/wire/run-message';
import { askedOf } from '$lib/server/asked-record';
import { endpoint, parse } from '$lib/server/api';

/** A job with all that happened to it, for a device to keep. */
export const GET: RequestHandler = (event) =>
	endpoint(event, async () => {
		const { farm } = event.locals;
		const id = parse(z.uuid(), event.params.id);
		const { job, rate, relativeU95, signedDay, calibrationId, sprayer } = await farm.jobs.get(id);
		const shapes = await farm.jobs.shapesOf(job);
		const [place, before, asked] = await Promise.all([
			farm.jobs.placeOf(job),
			farm.jobs.before(id, job),
			askedOf(farm, event.locals.who, job)
		]);
		const head: JobHead = {
			id,
			job,
			rate,
			relativeU95,
			signedDay,
			calibrationId,
			sprayer,
			shapes,
			place,
			before,
			asked
		};
		return { head, entries: await farm.jobRuns.entries(id), sealed: await farm.records.isSealed(id) };
	});
