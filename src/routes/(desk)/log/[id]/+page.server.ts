import { now } from '$lib/server/clock';
import { fail } from '@sveltejs/kit';
import { v7 } from 'uuid';
import type { Actions, PageServerLoad } from './$types';
import { Failure } from '$lib/server/failure';
import { idParam, orError } from '$lib/server/page';

/** Blocks of one record that are drawn beside it. */
const drawn = 4;

export const load: PageServerLoad = async ({ params, locals: { farm } }) => {
	const kept = await orError(farm.records.get(idParam(params.id, 'record')));
	const ids = kept.record.blocks.slice(0, drawn).map((b) => b.id);
	return { ...kept, ground: await farm.blocks.some(ids), nextId: v7() };
};

export const actions: Actions = {
	amend: async ({ params, request, locals }) => {
		const data = await request.formData();
		const text = (name: string, most: number) => String(data.get(name) ?? '').slice(0, most);
		try {
			// The id comes with the page, so that the same form sent twice adds once.
			const id = idParam(text('id', 40), 'record');
			const at = now().toISOString();
			await locals.farm.records.amend(idParam(params.id, 'record'), id, text('by', 120), text('text', 2000), at);
		} catch (e) {
			if (e instanceof Failure)
				return fail(e.status, { message: e.message, by: text('by', 120), text: text('text', 2000) });
			throw e;
		}
		return { message: '', by: '', text: '' };
	}
};
