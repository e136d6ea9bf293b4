import { m } from '$words';
import { fail, redirect } from '@sveltejs/kit';
import { askedJobSchema } from '../wire/job';
import type { FarmHandle } from './db/farm';
import { postedJson, refusal } from './forms';

/** Keeps a job as its form sends it, new or edited, and goes to it. */
export async function keepJob({
	request,
	locals: { farm }
}: {
	readonly request: Request;
	readonly locals: { readonly farm: FarmHandle };
}) {
	const job = await postedJson(request, 'job', askedJobSchema, m.the_job_did_not_arrive_whole());
	if (!job.ok) return fail(422, { message: job.message });
	const refused = await refusal(farm.jobs.put(job.value));
	if (refused) return refused;
	redirect(303, `/jobs/${job.value.id}`);
}
