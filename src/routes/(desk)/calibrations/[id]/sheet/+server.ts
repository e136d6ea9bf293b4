import { m } from '$words';
import { error } from '@sveltejs/kit';
import type { RequestHandler } from './$types';
import { writeCalibrationSheet } from '$lib/files/write-sheet';
import { calibrationPage, readPage } from '$lib/server/calibration-page';
import { fileName, fileResponse } from '$lib/server/files';
import { idParam, orError } from '$lib/server/page';

export const GET: RequestHandler = async ({ params, locals }) => {
	const page = await orError(calibrationPage(locals.farm, idParam(params.id, 'calibration')));
	const read = readPage(page);
	if (!read) error(409, { message: m.this_calibration_does_not_compute_any() });
	const text = JSON.stringify(writeCalibrationSheet(read.sheet), null, '\t');
	return fileResponse(text, 'application/json', `${fileName(page.rig.name, page.calibration.signedDay)}.json`);
};
