import type { Actions, PageServerLoad } from './$types';
import { readJobStart } from '$lib/wire/job-start';
import { jobSource } from '$lib/server/job-source';
import { keepJob } from '$lib/server/keep-job';

export const load: PageServerLoad = async ({ locals: { farm }, url }) => ({
	source: await jobSource(farm),
	start: readJobStart(url.searchParams.get('start'))
});

export const actions: Actions = { default: keepJob };
