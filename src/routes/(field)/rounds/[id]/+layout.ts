import { m } from '$words';
import { error } from '@sveltejs/kit';
import type { LayoutLoad } from './$types';
import { device as theDevice, getJson, longWait } from '$lib/device/device.svelte';
import type { CalibrationMessage } from '$lib/wire/calibration-message';

/** The calibration from the device's memory; only one that is new to the device is waited for from the server. */
export const load: LayoutLoad = async ({ params, fetch }) => {
	const device = theDevice();
	let kept = await device.store.open(params.id);
	if (!kept) {
		const stored = await getJson<CalibrationMessage>(`/api/rounds/${params.id}`, fetch, longWait);
		if (!stored)
			error(404, {
				message: m.this_calibration_is_not_on_this()
			});
		kept = { head: stored.round, entries: stored.entries };
		await device.store.merge(kept);
	}
	const farm = (await device.store.farm()) ?? (await device.farm(fetch, longWait));
	if (!farm)
		error(503, {
			message: m.this_device_does_not_know_the()
		});
	return { kept, farm };
};
