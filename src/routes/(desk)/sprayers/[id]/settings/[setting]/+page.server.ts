import { redirect } from '@sveltejs/kit';
import { superValidate } from 'sveltekit-superforms';
import { zod4 } from 'sveltekit-superforms/adapters';
import { v7 } from 'uuid';
import { z } from 'zod';
import type { Actions, PageServerLoad } from './$types';
import type { TypedSprayer } from '$core';
import type { FarmSettings } from '$lib/settings/farm-settings';
import { fieldUnits, typed } from '$lib/settings/field-units';
import type { Setting } from '$lib/wire/sprayer';
import { typedText } from '$lib/settings/typed-text';
import { refusedBy, refuseWords, textForm } from '$lib/server/forms';
import { idParam, orError } from '$lib/server/page';
import { overtaken, seenOf } from '$lib/server/seen';
import { readSettingForm } from '$lib/forms/setting-form';

/** `on`: sections that spray. */
const schema = zod4(
	textForm(['name', 'gear', 'rpm', 'pressure', 'note', 'tip', 'otherSide']).extend({ on: z.array(z.number().int()) })
);

export const load: PageServerLoad = async ({ params, locals }) => {
	const sprayer = await orError(locals.farm.sprayers.get(idParam(params.id, 'sprayer')));
	const isNew = params.setting === 'new';
	const setting = isNew
		? null
		: await orError(locals.farm.sprayerSettings.get(sprayer.id, idParam(params.setting, 'setting')));
	const text = settingTexts(sprayer.rig, setting);
	return {
		rig: sprayer.rig,
		isNew,
		seen: setting ? seenOf(setting) : '',
		form: await superValidate(text, schema)
	};
};

/** A setting as its form shows it; an empty one where there is none yet. */
const settingTexts = (typed: TypedSprayer, setting: Setting | null) => ({
	name: setting?.name ?? '',
	on: typed.sections.map((_, i) => i).filter((i) => !setting?.off.includes(i)),
	gear: setting?.gear ?? '',
	rpm: setting?.rpm ? `${setting.rpm}` : '',
	pressure: setting?.pressure ? typedText(setting.pressure) : '',
	note: setting?.note ?? '',
	tip: setting?.tip ?? typed.tips?.find((t) => t.name === typed.nozzle)?.name ?? '',
	otherSide: setting?.otherSide ?? ''
});

const pressureOf = (text: string, settings: FarmSettings): Setting['pressure'] =>
	text.trim() === '' ? null : typed(text, fieldUnits(settings).pressure, settings);

export const actions: Actions = {
	default: async ({ request, params, locals }) => {
		const { id, rig: typed } = await orError(locals.farm.sprayers.get(idParam(params.id, 'sprayer')));
		const data = await request.formData();
		const form = await superValidate(data, schema);
		const { form: read, problems } = readSettingForm(data, typed);
		if (Object.keys(problems).length > 0) return refuseWords(form, problems);
		if (params.setting !== 'new') {
			const stored = await orError(locals.farm.sprayerSettings.get(id, idParam(params.setting, 'setting')));
			const by = await locals.farm.people.changedBy('setting', stored.id);
			const late = overtaken(form, data, stored, settingTexts(typed, stored), by);
			if (late) return late;
		}
		const setting: Setting = {
			id: params.setting === 'new' ? v7() : idParam(params.setting, 'setting'),
			name: read.name,
			off: read.off,
			gear: read.gear,
			rpm: read.rpm === '' ? null : Number(read.rpm),
			pressure: pressureOf(read.pressure, locals.farm.settings),
			note: read.note,
			...(read.tip === '' ? {} : { tip: read.tip }),
			...(read.otherSide === '' ? {} : { otherSide: read.otherSide })
		};
		const keep = async () => {
			// A change that no calibration has checked yet is not the form's to take away.
			const { change } = params.setting === 'new' ? {} : await locals.farm.sprayerSettings.get(id, setting.id);
			await locals.farm.sprayerSettings.put(id, typed, change ? { ...setting, change } : setting);
		};
		const refused = await refusedBy(form, keep());
		if (refused) return refused;
		redirect(303, `/sprayers/${id}`);
	}
};
