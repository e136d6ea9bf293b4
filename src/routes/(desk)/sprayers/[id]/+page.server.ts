import { m } from '$words';
import { fail, redirect } from '@sveltejs/kit';
import { superValidate } from 'sveltekit-superforms';
import { zod4 } from 'sveltekit-superforms/adapters';
import { v7 } from 'uuid';
import { z } from 'zod';
import type { Actions, PageServerLoad } from './$types';
import { idIn, idParam, orError } from '$lib/server/page';
import { dayAt } from '$lib/settings/farm-time';
import { sprayerEventKinds } from '$lib/wording/events';

const eventForm = zod4(
	z.object({
		day: z.iso.date({ error: () => m.that_is_not_a_day_write() }).default(''),
		what: z.enum(sprayerEventKinds).default('nozzles'),
		note: z
			.string()
			.trim()
			.max(400, { error: () => m.that_note_is_over_400_letters() })
			.default('')
	})
);

export const load: PageServerLoad = async ({ params, url, locals }) => {
	const id = idParam(params.id, 'sprayer');
	const sprayer = await orError(locals.farm.sprayers.get(id));
	const after = url.searchParams.get('after');
	const today = dayAt(locals.farm.settings.timeZone, Date.now());
	const [settings, events, calibrations, calibrationInProgress, due] = await Promise.all([
		locals.farm.sprayerSettings.of(id),
		locals.farm.events.of(id),
		locals.farm.calibrations.page(id, after),
		locals.farm.calibrationLogs.open(id),
		locals.farm.sprayers
			.list(sprayer.archived, id)
			.then(async (one) => (await locals.farm.sprayers.due(one, today)).get(id) ?? null)
	]);
	return {
		sprayer: { ...sprayer, settings },
		events,
		calibrations,
		calibrationInProgress,
		due,
		first: after === null,
		event: await superValidate({ day: today }, eventForm)
	};
};

export const actions: Actions = {
	/** Something happened to the sprayer: from that day on its calibrations are in doubt. */
	event: async ({ request, params, locals }) => {
		const { id } = await orError(locals.farm.sprayers.get(idParam(params.id, 'sprayer')));
		const form = await superValidate(request, eventForm);
		if (!form.valid) return fail(422, { form });
		await locals.farm.events.add(id, { id: v7(), ...form.data });
		redirect(303, `/sprayers/${id}#events`);
	},
	/** The change of a setting was not made after all. */
	unchanged: async ({ request, params, locals }) => {
		const id = idParam(params.id, 'sprayer');
		const setting = idIn(await request.formData(), 'setting', 'setting');
		await orError(locals.farm.sprayerSettings.dropChange(id, setting));
		redirect(303, `/sprayers/${id}`);
	},
	archive: async ({ request, params, locals }) => {
		const { id } = await orError(locals.farm.sprayers.get(idParam(params.id, 'sprayer')));
		const away = (await request.formData()).get('away') === 'yes';
		await locals.farm.sprayers.archive(id, away);
		redirect(303, away ? '/sprayers?away=yes' : `/sprayers/${id}`);
	},
	copy: async ({ params, locals }) => {
		const sprayer = await orError(locals.farm.sprayers.get(idParam(params.id, 'sprayer')));
		const id = v7();
		await locals.farm.sprayers.copy(sprayer.id, id, m.copy({ slice: sprayer.rig.name.slice(0, 72) }));
		redirect(303, `/sprayers/${id}/edit`);
	}
};
