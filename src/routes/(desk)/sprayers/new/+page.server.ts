import { fail, redirect } from '@sveltejs/kit';
import { superValidate } from 'sveltekit-superforms';
import { zod4 } from 'sveltekit-superforms/adapters';
import { v7 } from 'uuid';
import type { Actions, PageServerLoad } from './$types';
import { sprayerFormSchema } from '$lib/forms/sprayer-form';
import { nameTaken, rigOrErrors } from '$lib/server/sprayer-form';

export const load: PageServerLoad = async () => ({ form: await superValidate(zod4(sprayerFormSchema)) });

export const actions: Actions = {
	default: async ({ request, locals }) => {
		const form = await superValidate(request, zod4(sprayerFormSchema));
		const rig = form.valid ? rigOrErrors(form, locals.farm.settings) : null;
		if (!rig || (await nameTaken(form, locals.farm.sprayers, null))) return fail(422, { form });
		const id = v7();
		await locals.farm.sprayers.put(id, rig);
		redirect(303, `/sprayers/${id}`);
	}
};
