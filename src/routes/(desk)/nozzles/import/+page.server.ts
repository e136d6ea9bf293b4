import { fail } from '@sveltejs/kit';
import type { Actions } from './$types';
import { nozzleCsvLimit, readNozzleCsv } from '$lib/formats/nozzle-csv';
import { mostNozzlesKept } from '$lib/server/db/nozzles';

export const actions: Actions = {
	/** Takes in every row that reads; those that do not come back as they were, to be mended. */
	default: async ({ request, locals }) => {
		const text = String((await request.formData()).get('csv') ?? '');
		if (text.length > nozzleCsvLimit)
			return fail(413, {
				text: '',
				taken: 0,
				message: `That file is over ${nozzleCsvLimit / 1000} kB. Take it in by parts.`
			});
		const { rows, lacking, left } = readNozzleCsv(text, locals.farm.settings);
		const good = rows.flatMap((row) => (row.ok ? [row] : []));
		if (lacking.length > 0 || good.length === 0) return fail(422, { text, taken: 0, message: '' });
		const { own } = await locals.farm.nozzles.all();
		if (own.length + good.length > mostNozzlesKept)
			return fail(422, { text, taken: 0, message: `A table holds ${mostNozzlesKept} nozzles; that would be more.` });
		await locals.farm.nozzles.takeIn(good);
		return { text: left, taken: good.length, message: '' };
	}
};
