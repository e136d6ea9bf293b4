import { fail, redirect } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';
import { askedJobSchema } from '$lib/wire/job';
import { readJobStart } from '$lib/wire/job-start';
import { dayAt } from '$lib/settings/farm-time';
import { jobCalibrations } from '$lib/server/job-calibrations';
import { postedJson, refusal } from '$lib/server/forms';

export const load: PageServerLoad = async ({ locals: { farm }, url }) => {
	const today = dayAt(farm.settings.timeZone, Date.now());
	const [blocks, products, uses, calibrations] = await Promise.all([
		farm.blocks.all(),
		farm.products.all(),
		farm.jobs.usesAround(today),
		jobCalibrations(farm)
	]);
	return {
		blocks: blocks.filter((b) => !b.away).map(({ id, block, area }) => ({ id, block, area })),
		harvests: Object.fromEntries(blocks.map((b) => [b.id, b.block.harvested ?? null])),
		today,
		products: products.filter((p) => !p.away).map(({ id, label }) => ({ id, label })),
		calibrations,
		uses,
		start: readJobStart(url.searchParams.get('start'))
	};
};

export const actions: Actions = {
	default: async ({ request, locals }) => {
		const job = await postedJson(request, 'job', askedJobSchema, 'The job did not arrive whole. Try again.');
		if (!job.ok) return fail(422, { message: job.message });
		const refused = await refusal(locals.farm.jobs.put(job.value));
		if (refused) return refused;
		redirect(303, `/jobs/${job.value.id}`);
	}
};
