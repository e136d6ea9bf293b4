import type { RequestHandler } from './$types';
import { calibrationCsv } from '$lib/server/calibration-csv';
import { calibrationPage } from '$lib/server/calibration-page';
import { fileName, fileResponse } from '$lib/server/files';
import { idParam, orError } from '$lib/server/page';

export const GET: RequestHandler = async ({ params, locals }) => {
	const page = await orError(calibrationPage(locals.farm, idParam(params.id, 'calibration')));
	const name = `${fileName(page.rig.name, page.calibration.signedDay)}.csv`;
	return fileResponse(calibrationCsv(page), 'text/csv; charset=utf-8', name);
};
