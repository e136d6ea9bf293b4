import { redirect } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';
import { refusal } from '$lib/server/forms';
import { idParam, orError } from '$lib/server/page';

export const load: PageServerLoad = async ({ params, locals: { farm } }) => {
	const id = idParam(params.id, 'job');
	const kept = await orError(farm.jobs.get(id));
	const { job } = kept;
	const [before, entries, sealed, ended] = await Promise.all([
		farm.jobs.before(id, job),
		farm.jobRuns.entries(id),
		farm.records.isSealed(id),
		farm.people.endedLicences(id)
	]);
	return { ended, ...kept, before, entries, sealed };
};

export const actions: Actions = {
	remove: async ({ params, locals }) => {
		const refused = await refusal(locals.farm.jobs.remove(idParam(params.id, 'job')));
		if (refused) return refused;
		redirect(303, '/jobs');
	},
	restore: async ({ params, locals }) => {
		const id = idParam(params.id, 'job');
		const refused = await refusal(locals.farm.jobs.restore(id));
		if (refused) return refused;
		redirect(303, `/jobs/${id}`);
	}
};
