import { fail, redirect } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';
import { database } from '$lib/server/app';

export const load: PageServerLoad = ({ locals: { who } }) => ({
	farms: who.kind === 'person' ? who.farms : [],
	at: who.kind === 'person' ? (who.farm?.id ?? null) : null
});

export const actions: Actions = {
	default: async ({ request, locals: { who } }) => {
		const id = String((await request.formData()).get('farm') ?? '');
		if (who.kind !== 'person' || !who.farms.some((farm) => farm.id === id)) return fail(404, {});
		await database().db.updateTable('person_session').set({ farm_id: id }).where('id', '=', who.sessionId).execute();
		redirect(303, '/');
	}
};
