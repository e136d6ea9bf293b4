import { m } from '$words';
import { now } from '$lib/server/clock';
import { superValidate } from 'sveltekit-superforms';
import { zod4 } from 'sveltekit-superforms/adapters';
import { v7 } from 'uuid';
import type { Actions, PageServerLoad } from './$types';
import { refusedBy, refuseWords, textForm } from '$lib/server/forms';
import { idParam, orError } from '$lib/server/page';

/** Blocks of one record that are drawn beside it. */
const drawn = 4;

/** Most letters of a name, and of what is added. */
const longest = { by: 120, text: 2000 };
// The id comes with the page, so that the same form sent twice adds once.
const schema = zod4(textForm(['id', 'by', 'text']));

export const load: PageServerLoad = async ({ params, locals: { farm } }) => {
	const kept = await orError(farm.records.get(idParam(params.id, 'record')));
	const ids = kept.record.blocks.slice(0, drawn).map((b) => b.id);
	return { ...kept, ground: await farm.blocks.some(ids), form: await superValidate({ id: v7() }, schema) };
};

export const actions: Actions = {
	amend: async ({ params, request, locals }) => {
		const form = await superValidate(request, schema);
		const { id, by, text } = form.data;
		for (const name of ['by', 'text'] as const)
			if (form.data[name].length > longest[name])
				return refuseWords(form, { [name]: m.that_is_over_letters_long({ most: longest[name] }) });
		const amendment = idParam(id, 'record');
		const added = locals.farm.records.amend(idParam(params.id, 'record'), amendment, by, text, now().toISOString());
		return (await refusedBy(form, added)) ?? { form: await superValidate({ id: v7() }, schema) };
	}
};
