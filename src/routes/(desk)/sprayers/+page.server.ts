import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => {
	const away = url.searchParams.get('away') === 'yes';
	const [sprayers, others] = await Promise.all([locals.farm.sprayers.list(away), locals.farm.sprayers.list(!away)]);
	return { sprayers, away, others: others.length };
};
