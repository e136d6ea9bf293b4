import { m } from '$words';
import { error } from '@sveltejs/kit';
import type { PageLoad } from './$types';
import { device as theDevice } from '$lib/device/device.svelte';
import { readJobStart } from '$lib/wire/job-start';

/** What a job is planned from: as the server has it now, or as this device last heard it. */
export const load: PageLoad = async ({ fetch, url }) => {
	const device = theDevice();
	const asked = device.now();
	const [kept, farm] = await Promise.all([device.jobSource(fetch), device.farm(fetch)]);
	if (!farm) error(503, { message: m.this_device_does_not_know_the() });
	if (farm.me && !farm.me.rights.includes('plan')) error(403, { message: m.plan_not_yours() });
	if (!kept) error(503, { message: m.plan_not_known_here() });
	return {
		source: kept.source,
		/** When it was heard, where that was not just now. */
		heard: kept.heard < asked ? kept.heard : null,
		farm,
		me: farm.me,
		start: readJobStart(url.searchParams.get('start'))
	};
};
