import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => {
	const all = await locals.farm.products.all();
	const away = url.searchParams.get('away') === 'yes';
	return { products: all.filter((p) => p.away === away), others: all.filter((p) => p.away !== away).length, away };
};
