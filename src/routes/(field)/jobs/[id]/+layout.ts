import { m } from '$words';
import { error } from '@sveltejs/kit';
import type { LayoutLoad } from './$types';
import type { RunEntry } from '$core';
import type { KeptLog } from '$lib/entries/calibration-store';
import type { JobHead } from '$lib/wire/run-message';
import { device as theDevice, getJson, longWait } from '$lib/device/device.svelte';

/** The job from the device's memory; only one that is new to the device is waited for from the server. */
export const load: LayoutLoad = async ({ params, fetch }) => {
	const device = theDevice();
	let kept = await device.runs.open(params.id);
	if (!kept) {
		kept = await getJson<KeptLog<JobHead, RunEntry>>(`/api/jobs/${params.id}`, fetch, longWait);
		if (!kept) error(404, { message: m.this_job_is_not_on_this() });
		await device.runs.merge(kept);
	}
	const farm = (await device.store.farm()) ?? (await device.farm(fetch, longWait));
	if (!farm)
		error(503, {
			message: m.this_device_does_not_know_the()
		});
	return { kept, farm };
};
