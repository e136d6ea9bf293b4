import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => ({ sprayers: await locals.farm.sprayers.list() });
