import type { Actions } from './$types';
import { mostNozzlesKept } from '$lib/server/db/nozzles';
import { reading } from '$lib/server/reading/read-apart';
import { takeCsv } from '$lib/server/take-csv';

export const actions: Actions = {
	default: ({ request, locals: { farm } }) =>
		takeCsv(request, {
			read: (text, sign) => reading.read('nozzles', text, { settings: farm.settings, sign }),
			count: async () => (await farm.nozzles.all()).own.length,
			most: mostNozzlesKept,
			takeIn: (rows) => farm.nozzles.takeIn(rows)
		})
};
