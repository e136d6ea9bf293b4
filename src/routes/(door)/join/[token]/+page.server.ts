import { m } from '$words';
import { error, redirect } from '@sveltejs/kit';
import { superValidate } from 'sveltekit-superforms';
import { zod4 } from 'sveltekit-superforms/adapters';
import type { Actions, PageServerLoad } from './$types';
import { accountSchema } from '$lib/forms/door-forms';
import { database } from '$lib/server/app';
import { refuseWords, refusedBy } from '$lib/server/forms';
import { passwordProblem } from '$lib/server/people/password';
import { joinFarm, linkOf, openAccount, setPassword, takeLink } from '$lib/server/people/accounts';
import { asking } from '$lib/server/people/asking';
import { Failure } from '$lib/server/failure';

const schema = zod4(accountSchema);

const open = async (token: string) => {
	const link = await linkOf(database().db, token);
	if (!link) error(410, { message: m.link_ended(), code: 'link-ended' });
	return link;
};

export const load: PageServerLoad = async ({ params, locals, setHeaders }) => {
	const link = await open(params.token);
	setHeaders({ 'cache-control': 'no-store' });
	return {
		farm: link.farm,
		role: link.role,
		forPassword: link.forPerson !== null,
		me: locals.who.kind === 'person' ? locals.who.name : null,
		form: await superValidate({ name: link.name }, schema, { errors: false })
	};
};

export const actions: Actions = {
	default: async (event) => {
		const form = await superValidate(event.request, schema);
		const link = await open(event.params.token);
		const { door, db } = database();
		const { who } = event.locals;
		const { name, signInName, password } = form.data;

		if (link.forPerson !== null) {
			const problem = await passwordProblem(password);
			if (problem) return refuseWords(form, { password: problem });
			await takeLink(db, link.id);
			await setPassword(door, asking(event), link.forPerson, password);
			redirect(303, '/sign-in');
		}

		// Somebody who has an account, on another farm, comes with it.
		if (who.kind === 'person') {
			const refused = await refusedBy(form, takeLink(db, link.id));
			if (refused) return refused;
			await joinFarm(db, { farmId: link.farmId, personId: who.personId, name: who.name, role: link.role });
			await db.updateTable('person_session').set({ farm_id: link.farmId }).where('id', '=', who.sessionId).execute();
			redirect(303, '/');
		}

		const joined = (async () => {
			const made = await openAccount(door, asking(event), { name, signInName, password });
			try {
				await takeLink(db, link.id);
			} catch (e) {
				// Somebody was faster with the same link: the account stays, it is on no farm.
				if (!(e instanceof Failure)) throw e;
				return { made, late: e.message };
			}
			await joinFarm(db, { farmId: link.farmId, personId: made.personId, name: name.trim(), role: link.role });
			return { made, late: null };
		})();
		const refused = await refusedBy(form, joined);
		if (refused) return refused;
		const { made, late } = await joined;
		if (late) return refuseWords(form, { '': late });
		event.locals.cookies.push(...made.cookies);
		redirect(303, '/');
	}
};
