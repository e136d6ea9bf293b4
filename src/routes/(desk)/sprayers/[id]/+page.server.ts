import type { PageServerLoad } from './$types';
import { idParam, orError } from '$lib/server/page';

export const load: PageServerLoad = async ({ params, url, locals }) => {
	const id = idParam(params.id, 'sprayer');
	const sprayer = await orError(locals.farm.sprayers.get(id));
	const after = url.searchParams.get('after');
	const [calibrations, openRound] = await Promise.all([
		locals.farm.calibrations.page(id, after),
		locals.farm.rounds.open(id)
	]);
	return { sprayer, calibrations, openRound, first: after === null };
};
