import { m } from '$words';
import { fail, redirect } from '@sveltejs/kit';
import { v7 } from 'uuid';
import type { Actions } from './$types';
import { mostBlocks } from '$lib/server/db/blocks';
import { Failure, orFailure } from '$lib/server/failure';
import { refusal } from '$lib/server/forms';
import { reading } from '$lib/server/reading/read-apart';

const nothing = () => m.nothing_that_could_be_taken_in();

export const actions: Actions = {
	/** Boundaries that were picked from a file become blocks, all of them or none. */
	default: async ({ request, locals }) => {
		const text = String((await request.formData()).get('picked') ?? '');
		const picked = await orFailure(reading.read('ground', text, {}));
		if (picked instanceof Failure) return fail(picked.status, { message: picked.message });
		if (!picked.ok) return fail(422, { message: nothing() });
		if ((await locals.farm.blocks.all()).length + picked.value.length > mostBlocks)
			return fail(422, { message: m.a_farm_keeps_blocks_that_would({ mostBlocks }) });
		const refused = await refusal(
			locals.farm.blocks.takeIn(
				picked.value.map(({ name, kind, boundary }) => ({
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
			)
		);
		if (refused) return refused;
		redirect(303, '/ground');
	}
};
