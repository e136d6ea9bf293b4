import type { PageServerLoad } from './$types';
import { calibrationPage } from '$lib/server/calibration-page';
import { idParam, orError } from '$lib/server/page';

export const load: PageServerLoad = async ({ params, locals }) => ({
	...(await orError(calibrationPage(locals.farm, idParam(params.id, 'calibration')))),
	nozzles: await locals.farm.nozzles.all()
});
