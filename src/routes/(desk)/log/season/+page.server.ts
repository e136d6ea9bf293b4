import type { PageServerLoad } from './$types';
import { askedYear, seasonSums } from '$lib/server/season-page';

export const load: PageServerLoad = async ({ url, locals: { farm } }) => {
	const year = askedYear(farm, url, Date.now());
	const [sums, used] = await Promise.all([seasonSums(farm, year), farm.records.usedByYear()]);
	return { year, ...sums, used };
};
