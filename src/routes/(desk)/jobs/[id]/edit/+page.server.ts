import { redirect } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';
import { jobSource } from '$lib/server/job-source';
import { keepJob } from '$lib/server/keep-job';
import { idParam, orError } from '$lib/server/page';

export const load: PageServerLoad = async ({ params, locals: { farm } }) => {
	const id = idParam(params.id, 'job');
	const { job, calibrationId, signedDay, off } = await orError(farm.jobs.get(id));
	// What was begun is not edited: its page says how the rest of it is steered.
	if (off || (await farm.jobRuns.entries(id)).length > 0) redirect(303, `/jobs/${id}`);
	const edited = { id, job };
	return { edited: { ...edited, calibrationId }, signedDay, source: await jobSource(farm, edited) };
};

export const actions: Actions = { default: keepJob };
