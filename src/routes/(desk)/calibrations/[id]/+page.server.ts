import type { PageServerLoad } from './$types';
import { idParam, orError } from '$lib/server/page';

export const load: PageServerLoad = async ({ params, locals }) => {
	const id = idParam(params.id, 'calibration');
	const calibration = await orError(locals.farm.calibrations.get(id));
	const [round, plans] = await Promise.all([orError(locals.farm.rounds.get(id)), locals.farm.tankPlans.of(id)]);
	return {
		calibration: {
			id,
			sprayerId: calibration.sprayer_id,
			signedBy: calibration.signed_by,
			signedDay: calibration.signed_day,
			gear: calibration.gear,
			rpm: calibration.rpm,
			remarks: calibration.remarks,
			rate: calibration.rate_m3_per_m2,
			relativeU95: calibration.relative_u95,
			pressure: calibration.pressure_pa,
			evenRule: calibration.even_rule,
			findings: calibration.findings
		},
		rig: round.round.rig,
		entries: round.entries,
		plans: plans.map((p) => ({
			id: p.id,
			area: p.area_m2,
			mix: p.mix_m3,
			loads: p.load_count,
			products: p.input.products.map((x) => x.name)
		}))
	};
};
