import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => {
	const all = await locals.farm.blocks.all();
	const away = url.searchParams.get('away') === 'yes';
	return { blocks: all.filter((b) => b.away === away), others: all.filter((b) => b.away !== away).length, away };
};
