import { m } from '$words';
import { fail, redirect } from '@sveltejs/kit';
import { message, setError, superValidate } from 'sveltekit-superforms';
import { zod4 } from 'sveltekit-superforms/adapters';
import type { Actions, PageServerLoad } from './$types';
import { meSchema, newPasswordSchema } from '$lib/forms/people-forms';
import { database } from '$lib/server/app';
import { refusal } from '$lib/server/forms';
import { idIn } from '$lib/server/page';
import { passwordProblem } from '$lib/server/people/password';
import { asking } from '$lib/server/people/asking';

const meForm = zod4(meSchema);
const passwordForm = zod4(newPasswordSchema);
/** Letters of a device's name. */
const mostOfName = 60;

export const load: PageServerLoad = async ({ locals: { who, farm } }) => {
	if (who.kind !== 'person') redirect(303, '/people');
	const me = (await farm.people.worker(who.personId))!;
	const { db } = database();
	const passkeys = await db
		.selectFrom('passkey')
		.select(['id', 'name', 'created_at as madeAt'])
		.where('person_id', '=', who.personId)
		.orderBy('created_at')
		.execute();
	return {
		form: await superValidate(
			{ name: me.name, initials: me.initials, licence: me.licence, licenceUntil: me.licenceUntil ?? '' },
			meForm,
			{ errors: false }
		),
		password: await superValidate(passwordForm, { errors: false }),
		devices: await farm.people.devices(who.personId),
		session: who.sessionId,
		farms: who.farms.length,
		passkeys
	};
};

export const actions: Actions = {
	name: async ({ request, locals: { who, farm } }) => {
		const form = await superValidate(request, meForm);
		if (!form.valid || who.kind !== 'person') return fail(422, { form });
		const { name, initials, licence, licenceUntil } = form.data;
		await farm.people.saveWorker({
			id: who.personId,
			name,
			initials,
			licence,
			licenceUntil: licenceUntil === '' ? null : licenceUntil
		});
		return message(form, m.saved_sentence());
	},

	password: async (event) => {
		const { who } = event.locals;
		const form = await superValidate(event.request, passwordForm);
		if (who.kind !== 'person') return fail(422, { password: form });
		const problem = await passwordProblem(form.data.password, who.name);
		if (problem) setError(form, 'password', problem);
		if (!form.valid) return fail(422, { password: form });
		const answer = await database().door.ask(asking(event), '/change-password', {
			currentPassword: form.data.current,
			newPassword: form.data.password,
			revokeOtherSessions: true
		});
		if (!answer.ok) {
			setError(form, 'current', answer.status === 429 ? m.too_many_tries() : m.that_is_not_your_password());
			return fail(422, { password: form });
		}
		event.locals.cookies.push(...answer.cookies);
		return message(form, m.password_changed());
	},

	device: async ({ request, locals: { who } }) => {
		const name = String((await request.formData()).get('device') ?? '').trim();
		if (name.length > mostOfName) return fail(422, { device: m.that_is_over_letters_long({ most: mostOfName }) });
		if (who.kind !== 'person') return fail(422, {});
		await database()
			.db.updateTable('person_session')
			.set({ device: name || null })
			.where('id', '=', who.sessionId)
			.execute();
		return { named: true };
	},

	end: async ({ request, locals: { who, farm } }) => {
		const id = idIn(await request.formData(), 'device');
		if (who.kind !== 'person' || !who.farm) return fail(422, {});
		return refusal(farm.people.endDevice(id, who.farm.role));
	},

	forget: async ({ request, locals: { who } }) => {
		const id = idIn(await request.formData(), 'device');
		if (who.kind !== 'person') return fail(422, {});
		await database().db.deleteFrom('passkey').where('id', '=', id).where('person_id', '=', who.personId).execute();
		return { forgotten: true };
	}
};
