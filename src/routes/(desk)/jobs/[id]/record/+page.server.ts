import { m } from '$words';
import { redirect } from '@sveltejs/kit';
import { superValidate } from 'sveltekit-superforms';
import { zod4 } from 'sveltekit-superforms/adapters';
import type { Actions, PageServerLoad } from './$types';
import { askedFields } from '$core';
import { askedOf, checkOwnJob } from '$lib/server/asked-record';
import { readPassed } from '$lib/wire/passed-stops';
import { askedRecordSchema, lacking } from '$lib/wire/record';
import { refusedBy, refuseWords, textForm } from '$lib/server/forms';
import { idParam, orError } from '$lib/server/page';
import { recordFieldWords } from '$lib/wording/records';

const schema = zod4(textForm(askedFields));

export const load: PageServerLoad = async ({ params, locals: { farm, who } }) => {
	const id = idParam(params.id, 'job');
	await orError(checkOwnJob(farm, who, id));
	if (await farm.records.isSealed(id)) redirect(303, `/log/${id}`);
	const [{ job }, ended] = await Promise.all([orError(farm.jobs.get(id)), farm.people.endedLicences(id)]);
	const asked = await askedOf(farm, who, job);
	return {
		ended,
		draft: await orError(farm.records.draft(id, asked)),
		required: farm.settings.recordFields,
		form: await superValidate(asked, schema)
	};
};

export const actions: Actions = {
	default: async ({ params, request, locals: { farm, who } }) => {
		const id = idParam(params.id, 'job');
		await orError(checkOwnJob(farm, who, id));
		const data = await request.formData();
		const form = await superValidate(data, schema);
		const passed = readPassed(data.getAll('passed-stop').map(String), data.getAll('passed').map(String));
		if (!passed) return refuseWords(form, { all: m.the_reasons_did_not_arrive_whole() });
		const read = askedRecordSchema.safeParse(form.data);
		if (!read.success) return refuseWords(form, { [read.error.issues[0]!.path.join('.')]: m.that_is_too_long() });
		const empty = lacking(read.data, farm.settings.recordFields);
		if (empty.length > 0)
			return refuseWords(
				form,
				Object.fromEntries(empty.map((name) => [name, m.is_still_empty({ recordFieldWords: recordFieldWords[name] })]))
			);
		const refused = await refusedBy(form, farm.records.seal(id, read.data, farm.settings.recordFields, passed));
		if (refused) return refused;
		redirect(303, `/log/${id}`);
	}
};
