import type { LayoutServerLoad } from './$types';

export const load: LayoutServerLoad = ({ locals }) => ({
	farm: { name: locals.farm.name, settings: locals.farm.settings },
	zoneTold: locals.farm.zoneTold
});
