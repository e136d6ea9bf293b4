import type { PageServerLoad } from './$types';
import { dayAt } from '$lib/settings/farm-time';

export const load: PageServerLoad = async ({ locals, url }) => {
	const away = url.searchParams.get('away') === 'yes';
	const [sprayers, others] = await Promise.all([locals.farm.sprayers.list(away), locals.farm.sprayers.list(!away)]);
	const due = await locals.farm.sprayers.due(sprayers, dayAt(locals.farm.settings.timeZone, Date.now()));
	return { sprayers: sprayers.map((s) => ({ ...s, due: due.get(s.id) })), away, others: others.length };
};
