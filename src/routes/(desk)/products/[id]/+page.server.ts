import { redirect } from '@sveltejs/kit';
import { superValidate } from 'sveltekit-superforms';
import { zod4 } from 'sveltekit-superforms/adapters';
import { v7 } from 'uuid';
import type { Actions, PageServerLoad } from './$types';
import { productText, productTexts, readProductText } from '$lib/forms/product-text';
import { refuse, refusedBy, textForm } from '$lib/server/forms';
import { idParam, orError } from '$lib/server/page';
import { overtaken, seenOf } from '$lib/server/seen';

const schema = zod4(textForm(productTexts));

export const load: PageServerLoad = async ({ params, locals }) => {
	if (params.id === 'new') return { isNew: true, away: false, seen: '', by: '', form: await superValidate(schema) };
	const id = idParam(params.id, 'product');
	const { label, away } = await orError(locals.farm.products.get(id));
	const by = await locals.farm.people.changedBy('product', id);
	return {
		isNew: false,
		away,
		seen: seenOf(label),
		by,
		form: await superValidate(productText(label, locals.farm.settings), schema)
	};
};

export const actions: Actions = {
	keep: async ({ request, params, locals }) => {
		const sent = await request.formData();
		const form = await superValidate(sent, schema);
		const read = readProductText(form.data, locals.farm.settings);
		if (!read.ok) return refuse(form, read.issues);
		const id = params.id === 'new' ? v7() : idParam(params.id, 'product');
		if (params.id !== 'new') {
			const { label } = await orError(locals.farm.products.get(id));
			const by = await locals.farm.people.changedBy('product', id);
			const late = overtaken(form, sent, label, productText(label, locals.farm.settings), by);
			if (late) return late;
		}
		const refused = await refusedBy(form, locals.farm.products.put(id, read.value));
		if (refused) return refused;
		redirect(303, '/products');
	},
	away: async ({ params, request, locals }) => {
		const away = (await request.formData()).get('away') === 'yes';
		await orError(locals.farm.products.archive(idParam(params.id, 'product'), away));
		redirect(303, away ? '/products' : `/products/${params.id}`);
	}
};
