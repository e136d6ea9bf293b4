import type { LayoutServerLoad } from './$types';
import { meOf } from '$lib/server/people/who';

export const load: LayoutServerLoad = ({ locals: { who, ...locals } }) => ({
	/** Who looks at it. The device keeps apart what is of different people. */
	me: meOf(who),
	farm: { id: locals.farm.id, name: locals.farm.name, settings: locals.farm.settings },
	zoneTold: locals.farm.zoneTold
});
