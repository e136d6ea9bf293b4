import { m } from '$words';
import { error } from '@sveltejs/kit';
import type { PageLoad } from './$types';
import { isStepName } from '$lib/calibration/calibration-steps';

export const load: PageLoad = ({ params }) => {
	if (!isStepName(params.step)) error(404, { message: m.a_calibration_has_no_step({ step: params.step }) });
	return { step: params.step };
};
