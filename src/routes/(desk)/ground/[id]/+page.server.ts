import { m } from '$words';
import { redirect } from '@sveltejs/kit';
import { superValidate } from 'sveltekit-superforms';
import { zod4 } from 'sveltekit-superforms/adapters';
import { v7 } from 'uuid';
import { z } from 'zod';
import type { Actions, PageServerLoad } from './$types';
import { blockForm, emptyBlockForm, neighboursSchema, readBlockForm } from '$lib/forms/block';
import type { BlockForm } from '$lib/forms/block';
import { boundarySchema } from '$lib/ground/boundary';
import { refuse, refusedBy, refuseWords, textForm } from '$lib/server/forms';
import { idParam, orError } from '$lib/server/page';
import { overtaken, seenOf } from '$lib/server/seen';

/** What the form carries as JSON: drawn and picked, not typed. */
const drawnSchema = z.object({ neighbours: neighboursSchema, boundary: boundarySchema.nullable() });

const names = Object.keys(emptyBlockForm) as (keyof BlockForm)[];
const schema = zod4(textForm([...names, 'drawn' as const]));
const field = (path: string) => (/^(boundary|neighbours)/.test(path) ? 'drawn' : path.split('.')[0]!);

export const load: PageServerLoad = async ({ params, locals }) => {
	const all = (await locals.farm.blocks.all()).filter((b) => !b.away && b.id !== params.id);
	const others = all.flatMap(({ block }) => (block.boundary ? [{ name: block.name, boundary: block.boundary }] : []));
	const { isNew, away, seen, text, drawn } = await (async () => {
		if (params.id === 'new')
			return { isNew: true, away: false, seen: '', text: emptyBlockForm, drawn: { neighbours: [], boundary: null } };
		const { block, away } = await orError(locals.farm.blocks.get(idParam(params.id, 'block')));
		const { neighbours, boundary } = block;
		return {
			isNew: false,
			away,
			seen: seenOf(block),
			text: blockForm(block, locals.farm.settings),
			drawn: { neighbours, boundary }
		};
	})();
	return {
		isNew,
		away,
		seen,
		others,
		drawn,
		form: await superValidate({ ...text, drawn: JSON.stringify(drawn) }, schema)
	};
};

export const actions: Actions = {
	keep: async ({ request, params, locals }) => {
		const sent = await request.formData();
		const form = await superValidate(sent, schema);
		const { drawn: json, ...text } = form.data;
		let drawn: z.output<typeof drawnSchema>;
		try {
			drawn = drawnSchema.parse(JSON.parse(json));
		} catch {
			return refuseWords(form, { drawn: m.the_boundary_did_not_arrive_whole() });
		}
		const read = readBlockForm(text, drawn, locals.farm.settings);
		if (!read.ok) return refuse(form, read.issues, field);
		const id = params.id === 'new' ? v7() : idParam(params.id, 'block');
		if (params.id !== 'new') {
			const { block } = await orError(locals.farm.blocks.get(id));
			const by = await locals.farm.people.changedBy('block', id);
			const late = overtaken(form, sent, block, { ...blockForm(block, locals.farm.settings) }, by);
			if (late) return late;
		}
		const refused = await refusedBy(form, locals.farm.blocks.put(id, read.value), field);
		if (refused) return refused;
		redirect(303, '/ground');
	},
	away: async ({ params, request, locals }) => {
		const away = (await request.formData()).get('away') === 'yes';
		await orError(locals.farm.blocks.archive(idParam(params.id, 'block'), away));
		redirect(303, away ? '/ground' : `/ground/${params.id}`);
	}
};
