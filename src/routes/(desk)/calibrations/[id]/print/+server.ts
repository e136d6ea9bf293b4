import type { RequestHandler } from './$types';
import { calibrationPage } from '$lib/server/calibration-page';
import { fileName, fileResponse } from '$lib/server/files';
import { idParam, orError } from '$lib/server/page';
import { calibrationPdf } from '$lib/server/pdf/calibration-pdf';
import { makePdf, paperOf } from '$lib/server/pdf/make-pdf';

export const GET: RequestHandler = async ({ params, url, locals }) => {
	const page = await orError(calibrationPage(locals.farm, idParam(params.id, 'calibration')));
	const pdf = await makePdf(calibrationPdf(page, locals.farm, paperOf(url.searchParams.get('paper'))));
	return fileResponse(pdf, 'application/pdf', `${fileName(page.rig.name, page.calibration.signedDay)}.pdf`, true);
};
