import { m } from '$words';
import { fail } from '@sveltejs/kit';
import { z } from 'zod';
import type { Actions, PageServerLoad } from './$types';
import { tankMixInputSchema } from '$lib/wire/tank-mix';
import { postedJson, refusal } from '$lib/server/forms';
import { olderCalibration, openCalibration } from '$lib/server/open-calibration';
import { jobCalibrations } from '$lib/server/job-calibrations';

export const load: PageServerLoad = async ({ locals: { farm }, url }) => {
	const calibration = z.uuid().safeParse(url.searchParams.get('round'));
	const [all, unsigned, products, mixes] = await Promise.all([
		jobCalibrations(farm),
		calibration.success ? openCalibration(farm, calibration.data) : null,
		farm.products.all(),
		farm.tankMixes.all()
	]);
	// One tank is one person's: what a team differs by stands in a job.
	const calibrations = all.filter((c) => !c.team);
	const asked = z.uuid().safeParse(url.searchParams.get('calibration'));
	const listed = asked.success && calibrations.some((c) => c.id === asked.data || c.sprayerId === asked.data);
	const older = asked.success && !listed ? await olderCalibration(farm, asked.data) : null;
	return {
		calibrations: [...(unsigned ? [unsigned] : []), ...(older ? [older] : []), ...calibrations],
		/** It has a newer one of its setting beside it. */
		older: older?.id ?? null,
		/** The calibration that nobody has signed yet. */
		unsigned: unsigned?.id ?? null,
		products: products.filter((p) => !p.away).map(({ id, label }) => ({ id, label })),
		mixes
	};
};

const saved = z.strictObject({ id: z.uuidv7(), mix: tankMixInputSchema });
const deleted = z.strictObject({ id: z.uuid() });
const lost = () => m.the_tank_mix_did_not_arrive();

export const actions: Actions = {
	save: async ({ request, locals }) => {
		const read = await postedJson(request, 'mix', saved, lost());
		if (!read.ok) return fail(422, { message: read.message });
		let id = read.value.id;
		const refused = await refusal(
			locals.farm.tankMixes.put(id, read.value.mix).then((kept) => {
				id = kept;
			})
		);
		return refused ?? { saved: id };
	},
	delete: async ({ request, locals }) => {
		const read = await postedJson(request, 'mix', deleted, lost());
		if (!read.ok) return fail(422, { message: read.message });
		return (await refusal(locals.farm.tankMixes.archive(read.value.id))) ?? { deleted: read.value.id };
	}
};
