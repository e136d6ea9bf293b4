import { now } from '$lib/server/clock';
import { fail, redirect } from '@sveltejs/kit';
import { v7 } from 'uuid';
import { z } from 'zod';
import type { Actions, PageServerLoad } from './$types';
import { isCarried } from '$core';
import { readSheetText } from '$lib/files/sheet-text';
import type { RoundHead } from '$lib/wire/round-message';
import { Failure } from '$lib/server/failure';
import { idParam, orError } from '$lib/server/page';

export const load: PageServerLoad = async ({ params, locals }) => {
	const sprayer = await orError(locals.farm.sprayers.get(idParam(params.id, 'sprayer')));
	return { sprayer, settings: await locals.farm.sprayerSettings.of(sprayer.id) };
};

const formSchema = z.object({
	sheet: z.string().max(400_000, 'That sheet is over 400 kB.'),
	setting: z.uuid('Pick a setting.'),
	person: z.string().trim().min(1, 'Nobody has signed yet. Write who calibrated, like A. Sample.').max(80),
	day: z.iso.date('That is not a day. Write it like 2026-03-14.'),
	carriedBy: z.string().trim().max(80).default(''),
	remarks: z.string().trim().max(1000).default('')
});

export const actions: Actions = {
	/** A sheet file becomes a calibration of this sprayer; the server computes it like any other. */
	default: async ({ request, params, locals }) => {
		const sprayer = await orError(locals.farm.sprayers.get(idParam(params.id, 'sprayer')));
		const typed = Object.fromEntries([...(await request.formData())].filter(([, v]) => typeof v === 'string'));
		const form = formSchema.safeParse(typed);
		const back = { typed: typed as Record<string, string> };
		if (!form.success) return fail(422, { ...back, message: form.error.issues[0]!.message });
		const { sheet: text, setting, ...sign } = form.data;
		if (isCarried(sprayer.rig) && sign.carriedBy === '')
			return fail(422, { ...back, message: 'Another person is another calibration: write who carries it.' });
		const sheet = readSheetText(text);
		if (!sheet.ok) return fail(422, { ...back, message: sheet.problem });
		const id = v7();
		try {
			await locals.farm.rounds.takeSheet({
				id,
				entryIds: [v7(), v7(), v7()],
				sprayerId: sprayer.id,
				settingId: setting,
				rig: structuredClone(sprayer.rig) as RoundHead['rig'],
				sheet: sheet.sheet,
				file: text,
				at: now().toISOString(),
				sign
			});
		} catch (e) {
			if (e instanceof Failure) return fail(e.status, { ...back, message: e.message });
			throw e;
		}
		redirect(303, `/calibrations/${id}`);
	}
};
