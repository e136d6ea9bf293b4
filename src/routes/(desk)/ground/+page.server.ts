import type { PageServerLoad } from './$types';
import { openStates } from '$lib/server/open-states';

/** Ground is looked at for what lies far off too: plant-back lasts for a year and more. */
const mostOpen = 5000;

export const load: PageServerLoad = async ({ locals, url }) => {
	const now = Date.now();
	const [all, open] = await Promise.all([locals.farm.blocks.all(), openStates(locals.farm, now, mostOpen)]);
	const away = url.searchParams.get('away') === 'yes';
	const states = Object.fromEntries(open.states.map((s) => [s.block, s]));
	return {
		blocks: all.filter((b) => b.away === away),
		states,
		atWork: open.atWork,
		now: now / 1000,
		others: all.filter((b) => b.away !== away).length,
		away
	};
};
