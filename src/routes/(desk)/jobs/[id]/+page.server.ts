import { fail, redirect } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';
import { Failure } from '$lib/server/failure';
import { idParam, orError } from '$lib/server/page';

export const load: PageServerLoad = async ({ params, locals: { farm } }) => {
	const id = idParam(params.id, 'job');
	const kept = await orError(farm.jobs.get(id));
	const { job } = kept;
	const [before, entries, sealed] = await Promise.all([
		farm.jobs.before(id, job),
		farm.jobRuns.entries(id),
		farm.records.isSealed(id)
	]);
	return { ...kept, before, entries, sealed };
};

export const actions: Actions = {
	remove: async ({ params, locals }) => {
		try {
			await locals.farm.jobs.remove(idParam(params.id, 'job'));
		} catch (e) {
			if (e instanceof Failure) return fail(e.status, { message: e.message });
			throw e;
		}
		redirect(303, '/jobs');
	}
};
