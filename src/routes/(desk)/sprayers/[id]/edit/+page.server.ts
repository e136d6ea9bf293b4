import { m } from '$words';
import { fail, redirect } from '@sveltejs/kit';
import { setError, superValidate } from 'sveltekit-superforms';
import { zod4 } from 'sveltekit-superforms/adapters';
import type { Actions, PageServerLoad } from './$types';
import { formOfSprayer } from '$lib/forms/typed-sprayer';
import { sprayerFormSchema } from '$lib/forms/sprayer-form';
import { idParam, orError } from '$lib/server/page';
import { overtaken, seenOf } from '$lib/server/seen';
import { nameTaken, sprayerOrErrors } from '$lib/server/sprayer-form';

/** A calibration in progress that the sprayer is corrected from; nothing where an address carries none, or another place. */
const backTo = (url: URL): string | null =>
	/^\/rounds\/[0-9a-f-]{36}\/[a-z-]{1,12}$/.exec(url.searchParams.get('back') ?? '')?.[0] ?? null;

export const load: PageServerLoad = async ({ params, url, locals }) => {
	const sprayer = await orError(locals.farm.sprayers.get(idParam(params.id, 'sprayer')));
	return {
		sprayer,
		seen: seenOf(sprayer.rig),
		back: backTo(url),
		form: await superValidate(formOfSprayer(sprayer.rig), zod4(sprayerFormSchema))
	};
};

export const actions: Actions = {
	default: async ({ request, params, url, locals }) => {
		const { id, rig: before } = await orError(locals.farm.sprayers.get(idParam(params.id, 'sprayer')));
		const sent = await request.formData();
		const form = await superValidate(sent, zod4(sprayerFormSchema));
		const edited = form.valid ? sprayerOrErrors(form, locals.farm.settings) : null;
		if (!edited || (await nameTaken(form, locals.farm.sprayers, id))) return fail(422, { form });
		// Its calibrations belong to its kind: another kind is another sprayer.
		if (edited.kind !== before.kind)
			return setError(form, 'name', m.this_is_a_sprayer_and_stays({ kind: before.kind, kind2: edited.kind }));
		const by = await locals.farm.people.changedBy('sprayer', id);
		const late = overtaken(form, sent, before, { ...formOfSprayer(before) }, by);
		if (late) return late;
		await locals.farm.sprayers.put(id, edited);
		redirect(303, backTo(url) ?? `/sprayers/${id}`);
	}
};
