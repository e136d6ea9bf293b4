import { m } from '$words';
import { getLocale } from '$words/runtime.js';
import { fail, redirect } from '@sveltejs/kit';
import { setError, superValidate } from 'sveltekit-superforms';
import { zod4 } from 'sveltekit-superforms/adapters';
import { v7 } from 'uuid';
import type { Actions, PageServerLoad } from './$types';
import { sprayerFormSchema } from '$lib/forms/sprayer-form';
import { welcomeSchema } from '$lib/forms/welcome-form';
import { typedSprayerSchema } from '$lib/wire/sprayer';
import { readSprayerForm } from '$lib/forms/typed-sprayer';
import { countries } from '$lib/server/countries';
import { followsFrom } from '$lib/settings/country';
import { wordIssue } from '$lib/wording/issues';

export const load: PageServerLoad = async ({ locals: { farm } }) => {
	if (!farm.isNew) redirect(303, '/');
	return { countries: countries(getLocale()), form: await superValidate(zod4(welcomeSchema)) };
};

export const actions: Actions = {
	default: async ({ request, locals: { farm } }) => {
		if (!farm.isNew) redirect(303, '/');
		const form = await superValidate(request, zod4(welcomeSchema));
		const country = countries('en').find((one) => one.code === form.data.country);
		if (!country) setError(form, 'country', m.pick_where_the_farm_is(), { overwrite: true });
		if (country && country.zones.length > 1 && !country.zones.includes(form.data.zone))
			setError(form, 'zone', m.pick_the_time_zone());
		if (!country || !form.valid) return fail(422, { form });
		const settings = { ...farm.settings, ...followsFrom(country.code, country.zones, form.data.zone) };
		const { kind, name, tank, next } = form.data;
		const { data } = await superValidate({ kind, name, tank }, zod4(sprayerFormSchema));
		const { rig: sprayer, issues } = readSprayerForm(data, settings);
		for (const issue of issues) setError(form, issue.path === 'tank' ? 'tank' : 'name', wordIssue(issue));
		if (issues.length > 0) return fail(422, { form });
		const id = v7();
		await farm.saveFarm(form.data.farm, settings);
		await farm.sprayers.put(id, typedSprayerSchema.parse(sprayer));
		redirect(303, next === 'calibrate' ? `/rounds/new?sprayer=${id}` : `/full-tank?sprayer=${id}`);
	}
};
