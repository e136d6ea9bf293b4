import { fail } from '@sveltejs/kit';
import { message, superValidate } from 'sveltekit-superforms';
import { zod4 } from 'sveltekit-superforms/adapters';
import type { Actions, PageServerLoad } from './$types';
import { farmFormSchema } from '$lib/formats/farm-settings';

export const load: PageServerLoad = async ({ locals }) => ({
	form: await superValidate({ name: locals.farm.name, ...locals.farm.settings }, zod4(farmFormSchema))
});

export const actions: Actions = {
	default: async ({ request, locals }) => {
		const form = await superValidate(request, zod4(farmFormSchema));
		if (!form.valid) return fail(422, { form });
		const { name, ...settings } = form.data;
		await locals.farm.saveFarm(name, settings);
		return message(form, 'Kept. New rounds and every page use it from now on.');
	}
};
