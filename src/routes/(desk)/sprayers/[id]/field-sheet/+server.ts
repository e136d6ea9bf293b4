import type { RequestHandler } from './$types';
import { methodsFor } from '$core';
import { fileName, fileResponse } from '$lib/server/files';
import { idParam, orError } from '$lib/server/page';
import { fieldSheetPdf } from '$lib/server/pdf/field-sheet-pdf';
import { makePdf, paperOf } from '$lib/server/pdf/make-pdf';

/** A blank sheet of one setting, to be carried where no phone goes. */
export const GET: RequestHandler = async ({ params, url, locals }) => {
	const { id, rig: sprayer } = await orError(locals.farm.sprayers.get(idParam(params.id, 'sprayer')));
	const settings = await locals.farm.sprayerSettings.of(id);
	const setting = settings.find((s) => s.id === url.searchParams.get('setting')) ?? settings[0]!;
	const method = methodsFor(sprayer).find((m) => m === url.searchParams.get('method'));
	const pdf = await makePdf(
		fieldSheetPdf(sprayer, setting, locals.farm, paperOf(url.searchParams.get('paper')), method)
	);
	return fileResponse(pdf, 'application/pdf', `${fileName('field-sheet', sprayer.name, setting.name)}.pdf`, true);
};
