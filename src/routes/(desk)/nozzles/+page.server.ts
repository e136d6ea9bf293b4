import { m } from '$words';
import { fail } from '@sveltejs/kit';
import { z } from 'zod';
import type { Actions, PageServerLoad } from './$types';
import { refusal } from '$lib/server/forms';

export const load: PageServerLoad = async ({ locals }) => ({ kept: await locals.farm.nozzles.all() });

const shedForm = z.object({ key: z.string().min(1).max(60), there: z.enum(['yes', 'no']) });

export const actions: Actions = {
	/** Says whether a nozzle lies in the shed. */
	shed: async ({ request, locals }) => {
		const form = shedForm.safeParse(Object.fromEntries(await request.formData()));
		if (!form.success) return fail(422, { message: m.that_is_no_nozzle_of_this() });
		return (await refusal(locals.farm.nozzles.shed(form.data.key, form.data.there === 'yes'))) ?? { message: '' };
	}
};
