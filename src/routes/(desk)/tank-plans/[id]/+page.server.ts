import { m } from '$words';
import type { PageServerLoad } from './$types';
import { dayAt } from '$lib/settings/farm-time';
import { treatedShare } from '$lib/server/db/tank-plans';
import { idParam, orError } from '$lib/server/page';

export const load: PageServerLoad = async ({ params, locals }) => {
	const plan = await orError(locals.farm.tankPlans.get(idParam(params.id, m.tank_plan())));
	const calibration = await orError(locals.farm.calibrations.get(plan.calibration_id));
	const { rig: sprayer } = (await orError(locals.farm.calibrationLogs.get(plan.calibration_id))).round;
	return {
		plan: { id: plan.id, input: plan.input, day: dayAt(locals.farm.settings.timeZone, plan.created_at.getTime()) },
		calibration: {
			id: calibration.id,
			sprayerId: calibration.sprayer_id,
			signedDay: calibration.signed_day,
			rate: calibration.rate_m3_per_m2,
			relativeU95: calibration.relative_u95,
			treated: treatedShare(calibration)
		},
		rig: sprayer
	};
};
