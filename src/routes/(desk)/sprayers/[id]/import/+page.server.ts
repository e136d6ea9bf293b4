import { m } from '$words';
import { now } from '$lib/server/clock';
import { fail, redirect } from '@sveltejs/kit';
import { superValidate } from 'sveltekit-superforms';
import { zod4 } from 'sveltekit-superforms/adapters';
import { v7 } from 'uuid';
import { z } from 'zod';
import type { Actions, PageServerLoad } from './$types';
import { isCarried } from '$core';
import type { CalibrationHead } from '$lib/wire/calibration-message';
import { Failure, orFailure } from '$lib/server/failure';
import { refusedBy, refuseWords } from '$lib/server/forms';
import { idParam, orError } from '$lib/server/page';
import { reading } from '$lib/server/reading/read-apart';

const schema = zod4(
	z.object({
		sheet: z
			.string()
			.max(400_000, { error: () => m.that_sheet_is_over_400_kb() })
			.default(''),
		setting: z.uuid(m.pick_a_setting()).default(''),
		person: z
			.string()
			.trim()
			.min(1, { error: () => m.nobody_has_signed_yet_write_who() })
			.max(80)
			.default(''),
		day: z.iso.date({ error: () => m.that_is_not_a_day_write() }).default(''),
		carriedBy: z.string().trim().max(80).default(''),
		remarks: z.string().trim().max(1000).default('')
	})
);

export const load: PageServerLoad = async ({ params, locals }) => {
	const sprayer = await orError(locals.farm.sprayers.get(idParam(params.id, 'sprayer')));
	const settings = await locals.farm.sprayerSettings.of(sprayer.id);
	return {
		sprayer,
		settings,
		form: await superValidate({ setting: settings[0]?.id ?? '' }, schema, { errors: false })
	};
};

export const actions: Actions = {
	/** A sheet file becomes a calibration of this sprayer; the server computes it like any other. */
	default: async ({ request, params, locals }) => {
		const sprayer = await orError(locals.farm.sprayers.get(idParam(params.id, 'sprayer')));
		const form = await superValidate(request, schema);
		if (!form.valid) return fail(422, { form });
		const { sheet: text, setting, ...sign } = form.data;
		if (isCarried(sprayer.rig) && sign.carriedBy === '')
			return refuseWords(form, { carriedBy: m.another_person_is_another_calibration_write() });
		const sheet = await orFailure(reading.read('sheet', text, {}));
		if (sheet instanceof Failure) return refuseWords(form, { sheet: sheet.message }, sheet.status);
		if (!sheet.ok) return refuseWords(form, { sheet: sheet.problem });
		const id = v7();
		const taken = locals.farm.calibrationLogs.takeSheet({
			id,
			entryIds: [v7(), v7(), v7()],
			sprayerId: sprayer.id,
			settingId: setting,
			rig: structuredClone(sprayer.rig) as CalibrationHead['rig'],
			sheet: sheet.sheet,
			file: text,
			at: now().toISOString(),
			sign
		});
		const refused = await refusedBy(form, taken);
		if (refused) return refused;
		redirect(303, `/calibrations/${id}`);
	}
};
