import { m } from '$words';
import { fail } from '@sveltejs/kit';
import { superValidate } from 'sveltekit-superforms';
import { zod4 } from 'sveltekit-superforms/adapters';
import type { Actions, PageServerLoad } from './$types';
import type { RequestEvent } from './$types';
import { inspectorSchema, inviteSchema } from '$lib/forms/people-forms';
import { refusal, refusedBy, refuseWords } from '$lib/server/forms';
import { idIn } from '$lib/server/page';
import { dayStart } from '$lib/settings/farm-time';
import { addDays } from '$core';
import type { Role } from '$lib/settings/roles';
import { isRole, rolesUnder } from '$lib/settings/roles';

const invite = zod4(inviteSchema);
const inspector = zod4(inspectorSchema);

/** The role of who asks: alone on this computer, everything is theirs. */
const roleOf = ({ who }: App.Locals): Role => (who.kind === 'person' && who.farm ? who.farm.role : 'owner');

export const load: PageServerLoad = async ({ locals }) => {
	const { farm, who } = locals;
	const role = roleOf(locals);
	const [people, invitations, devices, links, blocks, form, inspect] = await Promise.all([
		farm.people.all(),
		farm.people.openInvitations(),
		farm.people.devices(),
		farm.people.inspectorLinks(),
		farm.blocks.all(),
		superValidate({ role: 'operator' as const }, invite, { errors: false }),
		superValidate(inspector, { errors: false })
	]);
	return {
		now: Date.now(),
		alone: who.kind === 'alone',
		person: who.kind === 'person' ? who.personId : null,
		mySession: who.kind === 'person' ? who.sessionId : null,
		under: rolesUnder(role),
		people,
		invitations,
		devices,
		links,
		blocks: blocks.map((b) => b.block.name),
		form,
		inspect
	};
};

/** Runs something that is done to one thing of the farm, named in the form. */
const onOne = async (event: RequestEvent, run: (id: string, data: FormData) => Promise<unknown>) => {
	const data = await event.request.formData();
	return refusal(run(idIn(data, 'person'), data));
};

export const actions: Actions = {
	invite: async ({ request, locals, url }) => {
		const form = await superValidate(request, invite);
		// Whoever joined first would be the only one with an account, and no owner.
		if (locals.who.kind === 'alone') return refuseWords(form, { name: m.first_account_first() }, 409);
		if (!form.valid) return fail(422, { form });
		const made = locals.farm.people.invite(form.data.role, form.data.name, roleOf(locals));
		const refused = await refusedBy(form, made);
		return refused ?? { form, link: `${url.origin}/join/${await made}`, forWhom: form.data.name };
	},

	password: async ({ request, locals, url }) => {
		const id = idIn(await request.formData(), 'person');
		const made = locals.farm.people.passwordLink(id, roleOf(locals));
		const refused = await refusal(made);
		return (
			refused ?? {
				link: `${url.origin}/join/${await made}`,
				forWhom: (await locals.farm.people.worker(id))?.name ?? ''
			}
		);
	},

	change: (event) =>
		onOne(event, async (id, data) => {
			const role = data.get('role');
			if (isRole(role)) await event.locals.farm.people.changeRole(id, role, roleOf(event.locals));
		}),

	leave: (event) => onOne(event, (id) => event.locals.farm.people.leave(id, roleOf(event.locals))),

	recall: (event) => onOne(event, (id) => event.locals.farm.people.recall(id, roleOf(event.locals))),

	device: (event) => onOne(event, (id) => event.locals.farm.people.endDevice(id, roleOf(event.locals))),

	inspector: async ({ request, locals, url }) => {
		const form = await superValidate(request, inspector);
		if (!form.valid) return fail(422, { inspect: form });
		const { who, first, last, until, blocks } = form.data;
		// Until the end of the day that was said, by the farm's clock.
		const endsAt = new Date(dayStart(locals.farm.settings.timeZone, addDays(until, 1)));
		const token = await locals.farm.people.inspectorLink({ name: who, first, last, blocks, endsAt });
		return { inspect: form, link: `${url.origin}/see/${token}`, forWhom: who };
	},

	close: (event) => onOne(event, (id) => event.locals.farm.people.closeInspectorLink(id))
};
