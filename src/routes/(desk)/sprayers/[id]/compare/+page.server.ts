import { m } from '$words';
import { error } from '@sveltejs/kit';
import type { PageServerLoad } from './$types';
import { idParam, orError } from '$lib/server/page';

export const load: PageServerLoad = async ({ params, url, locals }) => {
	const sprayer = await orError(locals.farm.sprayers.get(idParam(params.id, 'sprayer')));
	const settings = await locals.farm.sprayerSettings.of(sprayer.id);
	const one = async (name: string) => {
		const row = await orError(locals.farm.calibrations.get(idParam(url.searchParams.get(name) ?? '', 'calibration')));
		if (row.sprayer_id !== sprayer.id) error(404, { message: m.that_calibration_is_of_another_sprayer() });
		return {
			id: row.id,
			day: row.signed_day,
			by: row.signed_by,
			person: row.person,
			setting: settings.find((s) => s.id === row.setting_id)?.name ?? '',
			method: row.method,
			rate: row.rate_m3_per_m2,
			relativeU95: row.relative_u95,
			speed: row.speed_m_s,
			width: row.width_m,
			flow: row.flow_m3_s,
			pressure: row.pressure_pa,
			wear: row.wear,
			unevenness: row.unevenness,
			findings: row.findings.length,
			nozzles: row.nozzles
		};
	};
	return { sprayer, one: await one('one'), two: await one('two') };
};
