import type { PageServerLoad } from './$types';
import { jobCalibrations } from '$lib/server/job-calibrations';

export const load: PageServerLoad = async ({ locals: { farm } }) => {
	const [calibrations, nozzles] = await Promise.all([jobCalibrations(farm), farm.nozzles.all()]);
	return { calibrations: calibrations.filter((c) => !c.team), nozzles };
};
