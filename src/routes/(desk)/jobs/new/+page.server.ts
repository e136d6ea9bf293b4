import { fail, redirect } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';
import { askedJobSchema } from '$lib/wire/job';
import { nozzleTable } from '$lib/settings/nozzle-table';
import { dropsOf } from '$lib/show/drops-of';
import { dayAt } from '$lib/settings/farm-time';
import { postedJson, refusal } from '$lib/server/forms';
import { settingLabel } from '$lib/show/setting-label';

export const load: PageServerLoad = async ({ locals: { farm } }) => {
	const today = dayAt(farm.settings.timeZone, Date.now());
	const [blocks, products, sprayers, uses, nozzles] = await Promise.all([
		farm.blocks.all(),
		farm.products.all(),
		farm.sprayers.list(),
		farm.jobs.usesAround(today),
		farm.nozzles.all()
	]);
	const table = nozzleTable(nozzles, farm.settings);
	const pages = await Promise.all(sprayers.map((s) => farm.calibrations.page(s.id, null)));
	// The newest calibration of each setting and person, in bands and on the whole: what a job can rest on.
	const calibrations = sprayers.flatMap((sprayer, i) => {
		const seen = new Set<string>();
		return pages[i]!.rows.flatMap((c) => {
			const share = c.width !== null && c.fieldWidth !== null ? (c.width / c.fieldWidth).toFixed(3) : '';
			const key = `${c.settingId} ${c.person} ${share} ${c.nozzlesOn ?? ''}`;
			if (seen.has(key)) return [];
			seen.add(key);
			const setting = settingLabel(
				sprayer.settings.find((s) => s.id === c.settingId),
				sprayer.rig,
				c.nozzlesOn
			);
			return [
				{
					id: c.id,
					sprayer: sprayer.rig.name,
					setting: [setting, c.person].filter(Boolean).join(', '),
					rig: sprayer.rig,
					rate: c.rate,
					relativeU95: c.relativeU95,
					speed: c.speed,
					width: c.width,
					fieldWidth: c.fieldWidth,
					drops: dropsOf(sprayer.rig, c.pressure, table),
					signedDay: c.signedDay,
					doubt: c.doubt
				}
			];
		});
	});
	return {
		blocks: blocks.filter((b) => !b.away).map(({ id, block, area }) => ({ id, block, area })),
		harvests: Object.fromEntries(blocks.map((b) => [b.id, b.block.harvested ?? null])),
		today,
		products: products.filter((p) => !p.away).map(({ id, label }) => ({ id, label })),
		calibrations,
		uses
	};
};

export const actions: Actions = {
	default: async ({ request, locals }) => {
		const job = await postedJson(request, 'job', askedJobSchema, 'The job did not arrive whole. Try again.');
		if (!job.ok) return fail(422, { message: job.message });
		const refused = await refusal(locals.farm.jobs.put(job.value));
		if (refused) return refused;
		redirect(303, `/jobs/${job.value.id}`);
	}
};
