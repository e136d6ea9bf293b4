<script lang="ts">
	import type { PageData } from './$types';
	import StepPage from '$lib/calibration/StepPage.svelte';
	import { carryChange } from '$lib/calibration/sign/carry-change';
	import { useRound } from '$lib/calibration/round-context';
	import { device as theDevice } from '$lib/device/device.svelte';

	let { data }: { data: PageData } = $props();
	const device = theDevice();
	const round = useRound();
</script>

<StepPage
	step={data.step}
	{device}
	now={device.now}
	status={device.status}
	onsigned={() => carryChange(device.store, round)}
/>
