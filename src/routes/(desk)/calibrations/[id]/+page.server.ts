import type { PageServerLoad } from './$types';
import { calibrationPage } from '$lib/server/calibration-page';
import { idParam, orError } from '$lib/server/page';

export const load: PageServerLoad = async ({ params, locals }) => {
	const id = idParam(params.id, 'calibration');
	const [page, plans] = await Promise.all([orError(calibrationPage(locals.farm, id)), locals.farm.tankPlans.of(id)]);
	return {
		...page,
		plans: plans.map((p) => ({
			id: p.id,
			area: p.area_m2,
			mix: p.mix_m3,
			loads: p.load_count,
			products: p.input.products.map((x) => x.name)
		}))
	};
};
