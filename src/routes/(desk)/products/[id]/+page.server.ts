import { redirect } from '@sveltejs/kit';
import { superValidate } from 'sveltekit-superforms';
import { zod4 } from 'sveltekit-superforms/adapters';
import { v7 } from 'uuid';
import type { Actions, PageServerLoad } from './$types';
import { productText, productTexts, readProductText } from '$lib/forms/product-text';
import { refuse, refusedBy, textForm } from '$lib/server/forms';
import { idParam, orError } from '$lib/server/page';

const schema = zod4(textForm(productTexts));

export const load: PageServerLoad = async ({ params, locals }) => {
	if (params.id === 'new') return { isNew: true, away: false, form: await superValidate(schema) };
	const { label, away } = await orError(locals.farm.products.get(idParam(params.id, 'product')));
	return { isNew: false, away, form: await superValidate(productText(label, locals.farm.settings), schema) };
};

export const actions: Actions = {
	keep: async ({ request, params, locals }) => {
		const form = await superValidate(request, schema);
		const read = readProductText(form.data, locals.farm.settings);
		if (!read.ok) return refuse(form, read.issues);
		const id = params.id === 'new' ? v7() : idParam(params.id, 'product');
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
