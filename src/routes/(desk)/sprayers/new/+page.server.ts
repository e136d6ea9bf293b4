import { fail, redirect } from '@sveltejs/kit';
import { superValidate } from 'sveltekit-superforms';
import { zod4 } from 'sveltekit-superforms/adapters';
import { v7 } from 'uuid';
import type { Actions, PageServerLoad } from './$types';
import { sprayerFormSchema } from '$lib/forms/sprayer-form';
import { nameTaken, sprayerOrErrors } from '$lib/server/sprayer-form';

export const load: PageServerLoad = async () => ({ form: await superValidate(zod4(sprayerFormSchema)) });

export const actions: Actions = {
	default: async ({ request, locals }) => {
		const form = await superValidate(request, zod4(sprayerFormSchema));
		const sprayer = form.valid ? sprayerOrErrors(form, locals.farm.settings) : null;
		if (!sprayer || (await nameTaken(form, locals.farm.sprayers, null))) return fail(422, { form });
		const id = v7();
		await locals.farm.sprayers.put(id, sprayer);
		redirect(303, `/sprayers/${id}`);
	}
};
