import { fail, redirect } from '@sveltejs/kit';
import { superValidate } from 'sveltekit-superforms';
import { zod4 } from 'sveltekit-superforms/adapters';
import type { Actions, PageServerLoad } from './$types';
import { withdrawFormSchema } from '$lib/forms/withdraw-form';
import { calibrationPage } from '$lib/server/calibration-page';
import { refusedBy } from '$lib/server/forms';
import { idParam, orError } from '$lib/server/page';

const withdrawForm = zod4(withdrawFormSchema);

export const load: PageServerLoad = async ({ params, locals }) => {
	const id = idParam(params.id, 'calibration');
	const [page, plans, withdraw] = await Promise.all([
		orError(calibrationPage(locals.farm, id)),
		locals.farm.tankPlans.of(id),
		superValidate(withdrawForm, { errors: false })
	]);
	return {
		...page,
		withdraw,
		plans: plans.map((p) => ({
			id: p.id,
			area: p.area_m2,
			mix: p.mix_m3,
			loads: p.load_count,
			products: p.input.products.map((x) => x.name)
		}))
	};
};

export const actions: Actions = {
	/** It stays on record with the reason; nothing new rests on it. */
	withdraw: async ({ request, params, locals }) => {
		const id = idParam(params.id, 'calibration');
		const form = await superValidate(request, withdrawForm);
		if (!form.valid) return fail(422, { form });
		const refused = await refusedBy(form, locals.farm.calibrations.withdraw(id, form.data.by, form.data.reason));
		if (refused) return refused;
		redirect(303, `/calibrations/${id}`);
	}
};
