import type { RequestHandler } from './$types';
import { fileName, fileResponse } from '$lib/server/files';
import { idParam, orError } from '$lib/server/page';
import { makePdf, paperOf } from '$lib/server/pdf/make-pdf';
import { recordPdf } from '$lib/server/pdf/record-pdf';

export const GET: RequestHandler = async ({ params, url, locals: { farm } }) => {
	const [kept, newest] = await Promise.all([
		orError(farm.records.get(idParam(params.id, 'record'))),
		farm.records.newest()
	]);
	const pdf = await makePdf(recordPdf({ ...kept, newest }, farm, paperOf(url.searchParams.get('paper'))));
	const name = fileName(kept.record.blocks[0]?.name ?? 'record', kept.record.day);
	return fileResponse(pdf, 'application/pdf', `${name}.pdf`, true);
};
