import type { Actions } from './$types';
import { readNozzleCsv } from '$lib/files/nozzle-csv';
import { mostNozzlesKept } from '$lib/server/db/nozzles';
import { takeCsv } from '$lib/server/take-csv';

export const actions: Actions = {
	default: ({ request, locals: { farm } }) =>
		takeCsv(request, {
			read: (text, sign) => readNozzleCsv(text, farm.settings, sign),
			count: async () => (await farm.nozzles.all()).own.length,
			most: mostNozzlesKept,
			takeIn: (rows) => farm.nozzles.takeIn(rows)
		})
};
