import { m } from '$words';
import { fail } from '@sveltejs/kit';
import { message, superValidate } from 'sveltekit-superforms';
import { zod4 } from 'sveltekit-superforms/adapters';
import type { Actions, PageServerLoad } from './$types';
import { requirable } from '$core';
import { readChecksForm } from '$lib/forms/checks-form';
import { dueTexts, readDueForm } from '$lib/forms/due-form';
import { farmFormSchema } from '$lib/settings/farm-settings';
import { measureTexts, readMeasuresForm } from '$lib/forms/measures';
import { readSafetyForm, safetyTexts } from '$lib/forms/safety-form';
import { readSkillForm, skillTexts } from '$lib/forms/skill-form';
import { readWeatherForm, weatherTexts } from '$lib/forms/weather-form';
import { overtaken, seenOf } from '$lib/server/seen';

/** What the page was opened on. */
const whole = ({ name, settings }: App.Locals['farm']) => ({ name, settings });

export const load: PageServerLoad = async ({ locals }) => ({
	seen: seenOf(whole(locals.farm)),
	skill: skillTexts(locals.farm.settings),
	measures: measureTexts(locals.farm.settings),
	weather: weatherTexts(locals.farm.settings),
	due: dueTexts(locals.farm.settings),
	safety: safetyTexts(locals.farm.settings),
	zones: Intl.supportedValuesOf('timeZone'),
	recordFields: locals.farm.settings.recordFields,
	checks: { dropped: locals.farm.settings.droppedChecks, own: locals.farm.settings.ownChecks.join('\n') },
	form: await superValidate({ name: locals.farm.name, ...locals.farm.settings }, zod4(farmFormSchema))
});

export const actions: Actions = {
	default: async ({ request, locals }) => {
		const data = await request.formData();
		const form = await superValidate(data, zod4(farmFormSchema));
		const { skill, problems } = readSkillForm((name) => String(data.get(`skill-${name}`) ?? ''));
		const jugs = readMeasuresForm(
			{
				names: data.getAll('measure-name').map(String),
				marks: data.getAll('measure-mark').map(String),
				holds: data.getAll('measure-holds').map(String)
			},
			locals.farm.settings
		);
		const recordFields = requirable.filter((name) => data.getAll('record-field').includes(name));
		const checks = readChecksForm(data.getAll('check').map(String), String(data.get('own-checks') ?? ''));
		const weather = readWeatherForm((name) => String(data.get(name) ?? ''), locals.farm.settings);
		const due = readDueForm((name) => String(data.get(name) ?? ''), locals.farm.settings);
		const safety = readSafetyForm((name) => String(data.get(name) ?? ''));
		Object.assign(problems, weather.problems, due.problems, safety.problems, checks.problems);
		if (!form.valid || Object.keys(problems).length + Object.keys(jugs.problems).length > 0)
			return fail(422, { form, problems, measures: jugs });
		const late = overtaken(form, data, whole(locals.farm), { name: locals.farm.name }, '');
		if (late) return late;
		const { name, ...settings } = form.data;
		await locals.farm.saveFarm(name, {
			...settings,
			skill,
			measures: jugs.measures,
			recordFields,
			// A form that does not show the list leaves it as it is.
			...(data.has('own-checks')
				? checks.checks
				: {
						droppedChecks: locals.farm.settings.droppedChecks,
						ownChecks: locals.farm.settings.ownChecks
					}),
			due: due.due,
			...weather.limits,
			...safety.safety
		});
		return message(form, m.saved_new_calibrations_and_every_page());
	}
};
