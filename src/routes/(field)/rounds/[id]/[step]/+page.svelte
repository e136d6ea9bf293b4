<script lang="ts">
	import type { PageData } from './$types';
	import StepPage from '$lib/calibration/StepPage.svelte';
	import { useCalibrationState } from '$lib/calibration/calibration-context';
	import { device as theDevice } from '$lib/device/device.svelte';

	let { data }: { data: PageData } = $props();
	const device = theDevice();
	const calibration = useCalibrationState();
	/** Its script came with the signature's. */
	const carry = async () => (await import('$lib/calibration/sign/carry-change')).carryChange(device.store, calibration);
</script>

<StepPage step={data.step} {device} now={device.now} status={device.status} onsigned={carry} />
