import { fail, redirect } from '@sveltejs/kit';
import { v7 } from 'uuid';
import type { Actions, PageServerLoad } from './$types';
import { emptyProductText, productText, productTexts, readProductText } from '$lib/forms/product-text';
import type { ProductText } from '$lib/forms/product-text';
import { Failure } from '$lib/server/failure';
import { idParam, orError } from '$lib/server/page';
import { wordIssue } from '$lib/wording/issues';

export const load: PageServerLoad = async ({ params, locals }) => {
	if (params.id === 'new') return { isNew: true, away: false, text: emptyProductText };
	const { label, away } = await orError(locals.farm.products.get(idParam(params.id, 'product')));
	return { isNew: false, away, text: productText(label, locals.farm.settings) };
};

export const actions: Actions = {
	keep: async ({ request, params, locals }) => {
		const data = await request.formData();
		const text = Object.fromEntries(
			productTexts.map((name) => [name, String(data.get(name) ?? '').slice(0, 4000)])
		) as ProductText;
		const read = readProductText(text, locals.farm.settings);
		const problems: Record<string, string> = {};
		if (!read.ok) {
			for (const issue of read.issues) problems[issue.path.split('.')[0]!] ??= wordIssue(issue);
			return fail(422, { text, problems });
		}
		try {
			await locals.farm.products.put(params.id === 'new' ? v7() : idParam(params.id, 'product'), read.value);
		} catch (e) {
			if (e instanceof Failure)
				return fail(e.status, { text, problems: { [e.path]: e.message } as Record<string, string> });
			throw e;
		}
		redirect(303, '/products');
	},
	away: async ({ params, request, locals }) => {
		const away = (await request.formData()).get('away') === 'yes';
		await orError(locals.farm.products.archive(idParam(params.id, 'product'), away));
		redirect(303, away ? '/products' : `/products/${params.id}`);
	}
};
