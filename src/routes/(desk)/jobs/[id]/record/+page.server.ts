import { fail, redirect } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';
import type { AskedRecord } from '$core';
import { askedFields } from '$core';
import { readPassed } from '$lib/wire/passed-stops';
import { askedRecordSchema, lacking } from '$lib/wire/record';
import { Failure } from '$lib/server/failure';
import { idParam, orError } from '$lib/server/page';
import { recordFieldWords } from '$lib/wording/records';

export const load: PageServerLoad = async ({ params, locals: { farm } }) => {
	const id = idParam(params.id, 'job');
	if (await farm.records.isSealed(id)) redirect(303, `/log/${id}`);
	const [{ job }, last, blocks] = await Promise.all([
		orError(farm.jobs.get(id)),
		farm.records.last(),
		farm.blocks.all()
	]);
	const ground = blocks.filter((b) => job.blocks.some((j) => j.id === b.id)).map((b) => b.block);
	const of = (pick: (b: (typeof ground)[number]) => string) =>
		[...new Set(ground.map(pick).filter(Boolean))].join(', ');
	const asked: AskedRecord = {
		...(Object.fromEntries(askedFields.map((name) => [name, ''])) as AskedRecord),
		crop: of((b) => b.crop),
		stage: of((b) => b.stage),
		operator: last?.operator ?? '',
		licence: last?.licence ?? '',
		waterSource: last?.waterSource ?? ''
	};
	return { draft: await orError(farm.records.draft(id, asked)), asked, required: farm.settings.recordFields };
};

export const actions: Actions = {
	default: async ({ params, request, locals: { farm } }) => {
		const id = idParam(params.id, 'job');
		const form = await request.formData();
		const data = Object.fromEntries(askedFields.map((name) => [name, form.get(name) ?? undefined]));
		const passed = readPassed(form.getAll('passed-stop').map(String), form.getAll('passed').map(String));
		if (!passed)
			return fail(422, {
				asked: data as unknown as AskedRecord,
				problems: {},
				message: 'The reasons did not arrive whole. Try again.'
			});
		const read = askedRecordSchema.safeParse(data);
		const asked = data as unknown as AskedRecord;
		if (!read.success) {
			const issue = read.error.issues[0]!;
			return fail(422, { asked, problems: { [issue.path.join('.')]: 'That is too long.' }, message: '' });
		}
		const empty = lacking(read.data, farm.settings.recordFields);
		if (empty.length > 0)
			return fail(422, {
				asked,
				problems: Object.fromEntries(empty.map((name) => [name, `${recordFieldWords[name]} is still empty.`])),
				message: ''
			});
		try {
			await farm.records.seal(id, read.data, farm.settings.recordFields, passed);
		} catch (e) {
			if (e instanceof Failure) return fail(e.status, { asked, problems: {}, message: e.message });
			throw e;
		}
		redirect(303, `/log/${id}`);
	}
};
