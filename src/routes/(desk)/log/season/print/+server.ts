import { m } from '$words';
import { error } from '@sveltejs/kit';
import type { RequestHandler } from './$types';
import { logFilterSchema } from '$lib/wire/record';
import type { KeptRecord } from '$lib/server/db/record-log';
import { fileName, fileResponse } from '$lib/server/files';
import { makePdf, paperOf } from '$lib/server/pdf/make-pdf';
import { seasonPdf } from '$lib/server/pdf/season-pdf';
import { askedYear, seasonSums } from '$lib/server/season-page';

/** More records than this on one paper keep everybody else waiting while it is made. */
const most = 1500;

export const GET: RequestHandler = async ({ url, locals: { farm } }) => {
	const now = Date.now();
	const year = askedYear(farm, url, now);
	const filter = logFilterSchema.parse({ from: `${year}-01-01`, to: `${year}-12-31`, oldest: '1' });
	const records: KeptRecord[] = [];
	for await (const record of farm.records.all(filter)) {
		records.push(record);
		if (records.length > most)
			error(422, {
				message: m.has_over_records_too_many_for({ year, most })
			});
	}
	const [{ uses }, newest] = await Promise.all([seasonSums(farm, year), farm.records.newest()]);
	const pdf = await makePdf(
		seasonPdf({ year, records, uses, newest }, farm, paperOf(url.searchParams.get('paper')), now)
	);
	return fileResponse(pdf, 'application/pdf', `${fileName(farm.name, m.season_3({ year }))}.pdf`, true);
};
