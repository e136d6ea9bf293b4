import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => {
	const rows = await locals.farm.jobs.list();
	return {
		jobs: rows.map((r) => ({
			id: r.id,
			day: r.day,
			sprayer: r.sprayer,
			area: r.area,
			loads: r.loads,
			loadsOut: r.loadsOut,
			state: r.state,
			blocks: r.job.blocks.map((b) => b.name),
			products: r.job.products.map((p) => p.label.name)
		}))
	};
};
