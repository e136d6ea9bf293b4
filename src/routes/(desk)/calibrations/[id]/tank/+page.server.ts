import { m } from '$words';
import { fail, redirect } from '@sveltejs/kit';
import { z } from 'zod';
import type { Actions, PageServerLoad } from './$types';
import { treatedShare } from '$lib/server/db/tank-plans';
import { tankPlanInputSchema } from '$lib/wire/tank-plan';
import { postedJson, refusal } from '$lib/server/forms';
import { idParam, orError } from '$lib/server/page';

export const load: PageServerLoad = async ({ params, locals }) => {
	const id = idParam(params.id, 'calibration');
	const calibration = await orError(locals.farm.calibrations.get(id));
	const { rig: sprayer } = (await orError(locals.farm.calibrationLogs.get(id))).round;
	return {
		calibration: {
			id,
			signedDay: calibration.signed_day,
			rate: calibration.rate_m3_per_m2,
			relativeU95: calibration.relative_u95,
			treated: treatedShare(calibration),
			findings: calibration.findings.length
		},
		rig: sprayer
	};
};

const posted = z.strictObject({ id: z.uuidv7(), input: tankPlanInputSchema });

export const actions: Actions = {
	/** Keeps the plan as it was typed; the server works it out again. */
	default: async ({ request, params, locals }) => {
		const calibrationId = idParam(params.id, 'calibration');
		const plan = await postedJson(request, 'plan', posted, m.the_plan_did_not_arrive_whole());
		if (!plan.ok) return fail(400, { message: plan.message });
		const { id, input } = plan.value;
		const refused = await refusal(locals.farm.tankPlans.put(id, calibrationId, input));
		if (refused) return refused;
		redirect(303, `/tank-plans/${id}`);
	}
};
