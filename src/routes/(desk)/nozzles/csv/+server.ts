import type { RequestHandler } from './$types';
import { nozzleCsv } from '$lib/files/nozzle-csv';
import { fileResponse } from '$lib/server/files';

/** The farm's own nozzles as CSV. */
export const GET: RequestHandler = async ({ locals }) =>
	fileResponse(
		nozzleCsv(await locals.farm.nozzles.all(), locals.farm.settings),
		'text/csv; charset=utf-8',
		'nozzles.csv'
	);
