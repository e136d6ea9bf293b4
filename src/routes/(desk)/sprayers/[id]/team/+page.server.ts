import type { PageServerLoad } from './$types';
import { idParam, orError } from '$lib/server/page';

export const load: PageServerLoad = async ({ params, url, locals }) => {
	const sprayer = await orError(locals.farm.sprayers.get(idParam(params.id, 'sprayer')));
	const settings = await locals.farm.sprayerSettings.of(sprayer.id);
	const setting = settings.find((s) => s.id === url.searchParams.get('setting')) ?? settings[0]!;
	return { sprayer, settings, setting, team: await locals.farm.calibrations.team(sprayer.id, setting.id) };
};
