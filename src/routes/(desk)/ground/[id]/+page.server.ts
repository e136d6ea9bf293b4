import { fail, redirect } from '@sveltejs/kit';
import { v7 } from 'uuid';
import { z } from 'zod';
import type { Actions, PageServerLoad } from './$types';
import { blockForm, emptyBlockForm, neighboursSchema, readBlockForm } from '$lib/forms/block';
import type { BlockForm } from '$lib/forms/block';
import { boundarySchema } from '$lib/ground/boundary';
import { Failure } from '$lib/server/failure';
import { idParam, orError } from '$lib/server/page';
import { wordIssue } from '$lib/wording/issues';

export const load: PageServerLoad = async ({ params, locals }) => {
	const all = (await locals.farm.blocks.all()).filter((b) => !b.away && b.id !== params.id);
	const others = all.flatMap(({ block }) => (block.boundary ? [{ name: block.name, boundary: block.boundary }] : []));
	if (params.id === 'new')
		return { isNew: true, away: false, form: emptyBlockForm, neighbours: [], boundary: null, others };
	const { block, away } = await orError(locals.farm.blocks.get(idParam(params.id, 'block')));
	const { neighbours, boundary } = block;
	return { isNew: false, away, form: blockForm(block, locals.farm.settings), neighbours, boundary, others };
};

/** What the form carries as JSON: drawn and picked, not typed. */
const restSchema = z.object({ neighbours: neighboursSchema, boundary: boundarySchema.nullable() });

export const actions: Actions = {
	keep: async ({ request, params, locals }) => {
		const data = await request.formData();
		const names = Object.keys(emptyBlockForm) as (keyof BlockForm)[];
		const form = Object.fromEntries(
			names.map((name) => [name, String(data.get(name) ?? '').slice(0, 2000)])
		) as unknown as BlockForm;
		const problem = (problems: Record<string, string>, status = 422) => fail(status, { form, problems });
		let rest: z.output<typeof restSchema>;
		try {
			rest = restSchema.parse(JSON.parse(String(data.get('rest') ?? '')));
		} catch {
			return problem({ boundary: 'The boundary did not arrive whole. Draw it again, or type its corners.' });
		}
		const read = readBlockForm(form, rest, locals.farm.settings);
		if (!read.ok) {
			const problems: Record<string, string> = {};
			for (const issue of read.issues) problems[issue.path.split('.')[0]!] ??= wordIssue(issue);
			return problem(problems);
		}
		try {
			await locals.farm.blocks.put(params.id === 'new' ? v7() : idParam(params.id, 'block'), read.value);
		} catch (e) {
			if (e instanceof Failure) return problem({ [e.path.split('.')[0]!]: e.message }, e.status);
			throw e;
		}
		redirect(303, '/ground');
	},
	away: async ({ params, request, locals }) => {
		const away = (await request.formData()).get('away') === 'yes';
		await orError(locals.farm.blocks.archive(idParam(params.id, 'block'), away));
		redirect(303, away ? '/ground' : `/ground/${params.id}`);
	}
};
