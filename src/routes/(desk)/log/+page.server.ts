import type { Actions, PageServerLoad } from './$types';
import { logFilterSchema } from '$lib/wire/record';

export const load: PageServerLoad = async ({ url, locals: { farm } }) => {
	const filter = logFilterSchema.parse(Object.fromEntries(url.searchParams));
	const [page, names] = await Promise.all([farm.records.page(filter), farm.records.names()]);
	return { page, names, filter };
};

export const actions: Actions = {
	check: async ({ locals: { farm } }) => farm.records.check()
};
