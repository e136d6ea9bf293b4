import { m } from '$words';
import { redirect } from '@sveltejs/kit';
import { superValidate } from 'sveltekit-superforms';
import { zod4 } from 'sveltekit-superforms/adapters';
import type { Actions, PageServerLoad } from './$types';
import { accountSchema } from '$lib/forms/door-forms';
import { database } from '$lib/server/app';
import { refuseWords, refusedBy } from '$lib/server/forms';
import { openFirst } from '$lib/server/people/accounts';
import { asking } from '$lib/server/people/asking';

const schema = zod4(accountSchema);

export const load: PageServerLoad = async ({ url }) => {
	const { door } = database();
	if (!(await door.nobodyYet())) redirect(303, '/');
	const form = await superValidate({ code: url.searchParams.get('code') ?? '' }, schema, { errors: false });
	return { form, asksCode: !door.outside.loopback };
};

export const actions: Actions = {
	default: async (event) => {
		const form = await superValidate(event.request, schema);
		const { door, farmId } = database();
		if (!door.knowsCode(form.data.code)) return refuseWords(form, { code: m.code_from_the_start() });
		const { name, signInName, password } = form.data;
		const made = openFirst(door, asking(event), farmId, { name, signInName, password });
		const refused = await refusedBy(form, made);
		if (refused) return refused;
		event.locals.cookies.push(...(await made).cookies);
		redirect(303, '/');
	}
};
