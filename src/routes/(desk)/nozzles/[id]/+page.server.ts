import { fail, redirect } from '@sveltejs/kit';
import { v7 } from 'uuid';
import type { Actions, PageServerLoad } from './$types';
import { emptyNozzleText, nozzleText, readNozzleText } from '$lib/forms/nozzle-text';
import { idParam, orError } from '$lib/server/page';
import { wordIssue } from '$lib/wording/issues';

export const load: PageServerLoad = async ({ params, locals }) => {
	if (params.id === 'new') return { isNew: true, text: emptyNozzleText, shed: true };
	const { key, nozzle } = await orError(locals.farm.nozzles.get(idParam(params.id, 'nozzle')));
	const { shed } = await locals.farm.nozzles.all();
	return { isNew: false, text: nozzleText(nozzle, locals.farm.settings), shed: shed.includes(key) };
};

export const actions: Actions = {
	keep: async ({ request, params, locals }) => {
		const data = await request.formData();
		const names = Object.keys(emptyNozzleText) as (keyof typeof emptyNozzleText)[];
		const text = Object.fromEntries(names.map((name) => [name, String(data.get(name) ?? '').slice(0, 4000)]));
		const read = readNozzleText({ ...emptyNozzleText, ...text }, locals.farm.settings);
		const shed = data.get('shed') === 'on';
		if (!read.ok) {
			const problems: Record<string, string> = {};
			for (const issue of read.issues) {
				const place = issue.path.replace(/^range\./, '').split('.')[0]!;
				problems[place] ??= wordIssue(issue);
			}
			return fail(422, { text: { ...emptyNozzleText, ...text }, shed, problems });
		}
		await orError(locals.farm.nozzles.put(params.id === 'new' ? v7() : idParam(params.id, 'nozzle'), read.value, shed));
		redirect(303, '/nozzles');
	},
	remove: async ({ params, locals }) => {
		await orError(locals.farm.nozzles.remove(idParam(params.id, 'nozzle')));
		redirect(303, '/nozzles');
	}
};
