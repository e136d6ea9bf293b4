import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => {
	const [sprayers, plans] = await Promise.all([locals.farm.sprayers.list(), locals.farm.tankPlans.recent(5)]);
	return {
		sprayers,
		plans: plans.map((p) => ({
			id: p.id,
			sprayer: p.name,
			area: p.area_m2,
			loads: p.load_count,
			day: p.created_at.toISOString().slice(0, 10),
			products: p.input.products.map((x) => x.name)
		}))
	};
};
