import { m } from '$words';
import { fail, redirect } from '@sveltejs/kit';
import { setError, superValidate } from 'sveltekit-superforms';
import { zod4 } from 'sveltekit-superforms/adapters';
import type { Actions, PageServerLoad } from './$types';
import { placeAfter, signInSchema } from '$lib/forms/door-forms';
import { database } from '$lib/server/app';
import { asking } from '$lib/server/people/asking';
import { demoPeople } from '$lib/server/people/demo-people';
import { mayTry } from '$lib/server/people/tries';

const schema = zod4(signInSchema);

export const load: PageServerLoad = async ({ locals, url }) => {
	const { who } = locals;
	if (who.kind === 'person' && who.farm) redirect(303, placeAfter(url.searchParams.get('to')));
	if (who.kind === 'alone') redirect(303, '/');
	if (who.kind === 'nobody' && who.first) redirect(303, '/first');
	const { door, db } = database();
	return { demo: door.demo ? await demoPeople(db) : [], form: await superValidate(schema) };
};

export const actions: Actions = {
	enter: async (event) => {
		const form = await superValidate(event.request, schema);
		const { signInName, password } = form.data;
		const { door, db } = database();
		if (!(await mayTry(db, signInName, Date.now()))) {
			form.data.password = '';
			setError(form, 'password', m.too_many_tries_at_this_name());
			return fail(429, { form });
		}
		const answer = await door.ask(asking(event), '/sign-in/username', {
			username: signInName.trim(),
			password
		});
		if (!answer.ok) {
			form.data.password = '';
			// Which of the two is wrong is nobody's business who knows neither.
			setError(form, 'password', answer.status === 429 ? m.too_many_tries() : m.name_or_password_wrong());
			return fail(answer.status === 429 ? 429 : 422, { form });
		}
		event.locals.cookies.push(...answer.cookies);
		redirect(303, placeAfter(event.url.searchParams.get('to')));
	},

	demo: async (event) => {
		const { door, db } = database();
		const id = String((await event.request.formData()).get('person') ?? '');
		if (!door.demo || !(await demoPeople(db)).some((one) => one.id === id)) return fail(404, {});
		const answer = await door.ask(asking(event), '/demo/enter', { personId: id });
		if (!answer.ok) return fail(answer.status, {});
		event.locals.cookies.push(...answer.cookies);
		redirect(303, placeAfter(event.url.searchParams.get('to')));
	}
};
