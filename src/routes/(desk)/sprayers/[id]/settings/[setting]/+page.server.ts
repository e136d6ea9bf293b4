import { fail, redirect } from '@sveltejs/kit';
import { v7 } from 'uuid';
import type { Actions, PageServerLoad } from './$types';
import type { FarmSettings } from '$lib/settings/farm-settings';
import { fieldUnits, typed } from '$lib/settings/field-units';
import type { Setting } from '$lib/wire/rig';
import { typedText } from '$lib/settings/typed-text';
import { Failure } from '$lib/server/failure';
import { idParam, orError } from '$lib/server/page';
import type { SettingForm } from '$lib/forms/setting-form';
import { readSettingForm } from '$lib/forms/setting-form';

export const load: PageServerLoad = async ({ params, locals }) => {
	const sprayer = await orError(locals.farm.sprayers.get(idParam(params.id, 'sprayer')));
	const isNew = params.setting === 'new';
	const setting = isNew
		? null
		: await orError(locals.farm.sprayerSettings.get(sprayer.id, idParam(params.setting, 'setting')));
	const form: SettingForm = {
		name: setting?.name ?? '',
		off: setting?.off ?? [],
		gear: setting?.gear ?? '',
		rpm: setting?.rpm ? `${setting.rpm}` : '',
		pressure: setting?.pressure ? typedText(setting.pressure) : '',
		note: setting?.note ?? '',
		otherSide: setting?.otherSide ?? ''
	};
	return { rig: sprayer.rig, isNew, form };
};

const pressureOf = (text: string, settings: FarmSettings): Setting['pressure'] =>
	text.trim() === '' ? null : typed(text, fieldUnits(settings).pressure, settings);

export const actions: Actions = {
	default: async ({ request, params, locals }) => {
		const { id, rig } = await orError(locals.farm.sprayers.get(idParam(params.id, 'sprayer')));
		const data = await request.formData();
		const { form, problems } = readSettingForm(data, rig);
		const pressure = pressureOf(form.pressure, locals.farm.settings);
		if (Object.keys(problems).length > 0) return fail(422, { form, problems });
		const setting: Setting = {
			id: params.setting === 'new' ? v7() : idParam(params.setting, 'setting'),
			name: form.name,
			off: form.off,
			gear: form.gear,
			rpm: form.rpm === '' ? null : Number(form.rpm),
			pressure,
			note: form.note,
			...(form.otherSide === '' ? {} : { otherSide: form.otherSide })
		};
		try {
			// A change that no calibration has checked yet is not the form's to take away.
			const { change } = params.setting === 'new' ? {} : await locals.farm.sprayerSettings.get(id, setting.id);
			await locals.farm.sprayerSettings.put(id, rig, change ? { ...setting, change } : setting);
		} catch (e) {
			if (e instanceof Failure) return fail(e.status, { form, problems: { [e.path]: e.message } });
			throw e;
		}
		redirect(303, `/sprayers/${id}`);
	}
};
