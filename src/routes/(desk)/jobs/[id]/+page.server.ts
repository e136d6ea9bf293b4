import { redirect } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';
import { idParam, orError } from '$lib/server/page';

export const load: PageServerLoad = async ({ params, locals }) =>
	orError(locals.farm.jobs.get(idParam(params.id, 'job')));

export const actions: Actions = {
	remove: async ({ params, locals }) => {
		await orError(locals.farm.jobs.remove(idParam(params.id, 'job')));
		redirect(303, '/jobs');
	}
};
