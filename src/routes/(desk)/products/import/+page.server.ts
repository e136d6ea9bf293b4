import type { Actions } from './$types';
import { readProductFile } from '$lib/files/product-files';
import { mostProducts } from '$lib/server/db/products';
import { takeCsv } from '$lib/server/take-csv';

export const actions: Actions = {
	default: ({ request, locals: { farm } }) =>
		takeCsv(request, {
			read: (text, sign) => readProductFile(text, farm.settings, sign),
			count: async () => (await farm.products.all()).length,
			most: mostProducts,
			takeIn: (labels) => farm.products.takeIn(labels)
		})
};
