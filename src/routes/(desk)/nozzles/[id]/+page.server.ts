import { redirect } from '@sveltejs/kit';
import { superValidate } from 'sveltekit-superforms';
import { zod4 } from 'sveltekit-superforms/adapters';
import { v7 } from 'uuid';
import { z } from 'zod';
import type { Actions, PageServerLoad } from './$types';
import type { NozzleText } from '$lib/forms/nozzle-text';
import { emptyNozzleText, nozzleText, readNozzleText } from '$lib/forms/nozzle-text';
import { refuse, refusedBy, textForm } from '$lib/server/forms';
import { idParam, orError } from '$lib/server/page';
import { overtaken, seenOf } from '$lib/server/seen';

const names = Object.keys(emptyNozzleText) as (keyof NozzleText)[];
const schema = zod4(textForm(names).extend({ shed: z.boolean().default(false) }));
/** The two ends of a range are fields of their own. */
const field = (path: string) => path.replace(/^range\./, '').split('.')[0]!;

export const load: PageServerLoad = async ({ params, locals }) => {
	if (params.id === 'new')
		return { isNew: true, seen: '', form: await superValidate({ ...emptyNozzleText, shed: true }, schema) };
	const { key, nozzle } = await orError(locals.farm.nozzles.get(idParam(params.id, 'nozzle')));
	const { shed } = await locals.farm.nozzles.all();
	const text = nozzleText(nozzle, locals.farm.settings);
	return {
		isNew: false,
		seen: seenOf(nozzle),
		form: await superValidate({ ...text, shed: shed.includes(key) }, schema)
	};
};

export const actions: Actions = {
	keep: async ({ request, params, locals }) => {
		const sent = await request.formData();
		const form = await superValidate(sent, schema);
		const { shed, ...text } = form.data;
		const read = readNozzleText(text, locals.farm.settings);
		if (!read.ok) return refuse(form, read.issues, field);
		const id = params.id === 'new' ? v7() : idParam(params.id, 'nozzle');
		if (params.id !== 'new') {
			const { nozzle } = await orError(locals.farm.nozzles.get(id));
			// Nobody is named: a nozzle of the catalogue does not say who changed it.
			const late = overtaken(form, sent, nozzle, { ...nozzleText(nozzle, locals.farm.settings) }, '');
			if (late) return late;
		}
		const refused = await refusedBy(form, locals.farm.nozzles.put(id, read.value, shed), field);
		if (refused) return refused;
		redirect(303, '/nozzles');
	},
	remove: async ({ params, locals }) => {
		await orError(locals.farm.nozzles.remove(idParam(params.id, 'nozzle')));
		redirect(303, '/nozzles');
	}
};
