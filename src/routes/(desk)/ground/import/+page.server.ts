import { fail, redirect } from '@sveltejs/kit';
import { v7 } from 'uuid';
import type { Actions } from './$types';
import { pickedGroundSchema } from '$lib/forms/block';
import { mostBlocks } from '$lib/server/db/blocks';
import { Failure } from '$lib/server/failure';

export const actions: Actions = {
	/** Boundaries that were picked from a file become blocks, all of them or none. */
	default: async ({ request, locals }) => {
		const refuse = (message: string) => fail(422, { message });
		let picked: ReturnType<typeof pickedGroundSchema.parse>;
		try {
			picked = pickedGroundSchema.parse(JSON.parse(String((await request.formData()).get('picked') ?? '')));
		} catch {
			return refuse('Nothing that could be taken in arrived. Pick at least one boundary that is whole.');
		}
		if ((await locals.farm.blocks.all()).length + picked.length > mostBlocks)
			return refuse(`A farm keeps ${mostBlocks} blocks; that would be more.`);
		try {
			await locals.farm.blocks.takeIn(
				picked.map(({ name, kind, boundary }) => ({
					id: v7(),
					block: {
						name,
						kind,
						boundary,
						extent: { by: 'boundary' },
						crop: '',
						stage: '',
						spacing: null,
						neighbours: [],
						notes: ''
					}
				}))
			);
		} catch (e) {
			if (e instanceof Failure) return refuse(e.message);
			throw e;
		}
		redirect(303, '/ground');
	}
};
