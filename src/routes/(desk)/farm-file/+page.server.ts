import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals: { farm } }) => ({ empty: await farm.isEmpty() });
