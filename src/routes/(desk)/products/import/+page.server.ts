import type { Actions } from './$types';
import { mostProducts } from '$lib/server/db/products';
import { reading } from '$lib/server/reading/read-apart';
import { takeCsv } from '$lib/server/take-csv';

export const actions: Actions = {
	default: ({ request, locals: { farm } }) =>
		takeCsv(request, {
			read: (text, sign) => reading.read('products', text, { settings: farm.settings, sign }),
			count: async () => (await farm.products.all()).length,
			most: mostProducts,
			takeIn: (labels) => farm.products.takeIn(labels)
		})
};
