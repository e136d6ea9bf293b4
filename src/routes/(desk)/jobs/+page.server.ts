import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => {
	const rows = await locals.farm.jobs.list();
	return {
		jobs: rows.map((r) => ({
			id: r.id,
			day: r.day,
			sprayer: r.sprayer,
			area: r.area_m2,
			loads: r.load_count,
			blocks: r.body.blocks.map((b) => b.name),
			products: r.body.products.map((p) => p.label.name)
		}))
	};
};
