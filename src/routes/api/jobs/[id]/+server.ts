import { m } from '$words';
import { z } from 'zod';
import type { RequestHandler } from './$types';
import type { JobHead } from '$lib/wire/run-message';
import { askedOf } from '$lib/server/asked-record';
import { planMessageSchema } from '$lib/wire/run-message';
import { endpoint, parse } from '$lib/server/api';
import { Failure } from '$lib/server/failure';
import { readJson } from '$lib/server/guards';

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

/** A job that was planned on a device. Sending it again is harmless. */
export const PUT: RequestHandler = (event) =>
	endpoint(event, async () => {
		const id = parse(z.uuid(), event.params.id);
		const { plan, begun } = parse(planMessageSchema, await readJson(event.request));
		if (plan.id !== id) throw new Failure(409, 'conflict', 'id', m.another_job_under_this_id());
		await event.locals.farm.jobs.takePlan(plan, begun);
		return { acknowledged: [] };
	});
